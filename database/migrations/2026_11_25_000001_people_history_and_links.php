<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('firms', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('firm_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->string('role', 20);
            $table->string('units', 20)->nullable();
            $table->string('decimal_mark', 10)->default('point');
            $table->boolean('single_keys')->default(true);
            $table->boolean('demo')->default(false);
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email')->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
        Schema::create('invitations', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('firm_id')->constrained()->cascadeOnDelete();
            $table->string('email', 190);
            $table->string('role', 20);
            $table->string('invited_by', 120);
            $table->timestamp('expires_at');
            $table->timestamps();
        });
        Schema::table('projects', function (Blueprint $table): void {
            $table->foreignId('firm_id')->nullable()->constrained()->cascadeOnDelete();
            $table->softDeletes();
        });
        Schema::table('options', function (Blueprint $table): void {
            $table->softDeletes();
        });
        Schema::create('revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->foreignId('option_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('of_id')->nullable()->constrained('revisions')->cascadeOnDelete();
            $table->string('kind', 20);
            $table->string('who', 120);
            $table->string('sitting', 40)->nullable();
            $table->json('state');
            $table->timestamp('created_at');
            $table->index(['option_id', 'id']);
            $table->index(['project_id', 'id']);
        });
        Schema::create('shares', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->foreignId('option_id')->constrained()->cascadeOnDelete();
            $table->string('made_for', 120);
            $table->string('made_by', 120);
            $table->timestamp('expires_at');
            $table->timestamp('revoked_at')->nullable();
            $table->timestamps();
        });
        $this->carryOver();
        // Tells a database of this program from any other SQLite file: "Ogrd".
        DB::statement('PRAGMA application_id = '.hexdec(bin2hex('Ogrd')));
    }

    /** Projects from before there were people belong to one firm; its owner is named at the first start. */
    private function carryOver(): void
    {
        if (DB::table('projects')->doesntExist()) {
            return;
        }
        $firm = DB::table('firms')->insertGetId(['name' => 'Our firm', 'created_at' => now(), 'updated_at' => now()]);
        DB::table('projects')->update(['firm_id' => $firm]);
        $options = DB::table('options')->orderBy('id')->get(['id', 'project_id', 'name', 'note', 'design', 'created_at']);
        foreach ($options as $option) {
            DB::table('revisions')->insert([
                'project_id' => $option->project_id,
                'option_id' => $option->id,
                'kind' => 'found',
                'who' => '',
                'state' => json_encode([
                    'name' => $option->name,
                    'note' => $option->note,
                    'design' => json_decode($option->design, flags: JSON_THROW_ON_ERROR),
                ], JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR),
                'created_at' => $option->created_at,
            ]);
        }
        foreach (DB::table('projects')->orderBy('id')->get(['id', 'name', 'site', 'created_at']) as $project) {
            DB::table('revisions')->insert([
                'project_id' => $project->id,
                'kind' => 'found',
                'who' => '',
                'state' => json_encode([
                    'name' => $project->name,
                    'site' => json_decode($project->site, flags: JSON_THROW_ON_ERROR),
                ], JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR),
                'created_at' => $project->created_at,
            ]);
        }
    }

    public function down(): void
    {
        foreach (['shares', 'revisions', 'invitations', 'password_reset_tokens', 'users'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::dropColumns('projects', ['firm_id', 'deleted_at']);
        Schema::dropColumns('options', ['deleted_at']);
        Schema::dropIfExists('firms');
    }
};
