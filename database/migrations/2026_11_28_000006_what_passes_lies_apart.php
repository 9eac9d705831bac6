<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The queue's jobs have a database of their own (decision 15); a deleted look at a damp place can be had back. */
    public function up(): void
    {
        Schema::dropIfExists('jobs');
        // Who stays signed in does so by their sitting.
        DB::table('users')->update(['remember_token' => null]);
        Schema::table('inspections', function (Blueprint $table): void {
            $table->softDeletes();
        });
    }

    public function down(): void
    {
        throw new LogicException('a backup is restored instead');
    }
};
