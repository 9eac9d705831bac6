<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The firm's own products, and the copies that projects took of them. */
    public function up(): void
    {
        foreach (['firms', 'projects'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->json('products')->default('{}');
            });
        }
    }

    public function down(): void
    {
        throw new LogicException('a backup is restored instead');
    }
};
