<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** A release names the revisions of plan and layout as well, so that what was changed on them shows. */
    public function up(): void
    {
        Schema::table('releases', function (Blueprint $table): void {
            $table->text('heads')->default('{}');
        });
    }

    public function down(): void
    {
        throw new LogicException('a backup is restored instead');
    }
};
