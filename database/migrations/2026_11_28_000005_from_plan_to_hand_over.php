<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Plan, layout, release, order, days of work, entries of the log, photographs, packs; who of the crew leads. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', static fn (Blueprint $table) => $table->boolean('lead')->default(false));
        Schema::create('plans', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->unique()->constrained()->cascadeOnDelete();
            $table->text('state');
            $table->timestamps();
        });
        Schema::create('layouts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->foreignId('option_id')->unique()->constrained()->cascadeOnDelete();
            $table->text('state');
            $table->text('days')->default('{}');
            $table->timestamps();
        });
        Schema::create('releases', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('option_id')->constrained()->cascadeOnDelete();
            $table->foreignId('revision_id');
            $table->string('by', 120);
            $table->text('open');
            $table->text('changes');
            $table->string('changing', 500)->default('');
            $table->timestamps();
        });
        Schema::create('entries', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->string('hold', 60)->default('');
            $table->text('state');
            $table->timestamp('received_at');
            $table->index(['project_id', 'received_at']);
        });
        Schema::create('photographs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('hash', 64);
            $table->unsignedInteger('bytes');
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->string('taken', 40)->default('');
            $table->longText('content');
            $table->timestamp('created_at');
            $table->unique(['project_id', 'hash']);
        });
        Schema::create('orders', static function (Blueprint $table): void {
            $table->id();
            $table->ulid('ulid')->unique();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->foreignId('option_id')->constrained()->cascadeOnDelete();
            $table->string('by', 120);
            $table->string('currency', 8)->default('');
            $table->text('lines');
            $table->timestamps();
        });
        Schema::create('order_events', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->string('line', 60);
            $table->string('state', 20);
            $table->double('quantity')->nullable();
            $table->string('note', 500)->default('');
            $table->string('who', 120);
            $table->timestamp('created_at');
        });
        Schema::create('packs', static function (Blueprint $table): void {
            $table->id();
            $table->ulid('ulid')->unique();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->foreignId('option_id')->constrained()->cascadeOnDelete();
            $table->string('by', 120);
            $table->string('stage', 20);
            $table->string('said', 500)->default('');
            $table->boolean('winter')->default(false);
            $table->string('content', 64)->default('');
            $table->double('margin')->nullable();
            $table->longText('html')->nullable();
            $table->longText('pdf')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['packs', 'order_events', 'orders', 'photographs', 'entries', 'releases', 'layouts', 'plans'] as $table) {
            Schema::drop($table);
        }
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn('lead'));
    }
};
