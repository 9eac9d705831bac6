<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('options', function (Blueprint $table): void {
            $table->json('set_aside')->default('{}');
        });
        Schema::table('firms', function (Blueprint $table): void {
            $table->json('prices')->default('{}');
        });
        // What is worked out over seconds or minutes, by the queue's worker.
        Schema::create('studies', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->foreignId('option_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->string('state', 20);
            $table->string('who', 120);
            $table->json('input');
            $table->json('progress');
            $table->json('result');
            $table->timestamps();
            $table->index(['option_id', 'kind']);
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('jobs');
        Schema::dropIfExists('studies');
        Schema::table('firms', fn (Blueprint $table) => $table->dropColumn('prices'));
        Schema::table('options', fn (Blueprint $table) => $table->dropColumn('set_aside'));
    }
};
