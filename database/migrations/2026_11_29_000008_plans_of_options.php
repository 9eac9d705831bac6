<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** An option may have a whole plan of its own beside its project's. */
    public function up(): void
    {
        Schema::table('plans', function (Blueprint $table): void {
            $table->dropUnique(['project_id']);
        });
        Schema::table('plans', function (Blueprint $table): void {
            $table->foreignId('option_id')->nullable()->unique()->constrained()->cascadeOnDelete();
            $table->index('project_id');
        });
    }

    public function down(): void
    {
        throw new LogicException('a backup is restored instead');
    }
};
