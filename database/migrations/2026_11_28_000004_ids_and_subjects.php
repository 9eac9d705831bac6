<?php

declare(strict_types=1);

use App\Casts\KeptState;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** Ids for what leaves the program, revisions that name what they are of, kept states packed. */
return new class extends Migration
{
    private const NAMED = ['projects', 'options', 'inspections'];

    public function up(): void
    {
        foreach (self::NAMED as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->ulid('ulid')->nullable();
            });
            foreach (DB::table($name)->orderBy('id')->pluck('id') as $id) {
                DB::table($name)->where('id', $id)->update(['ulid' => (string) Str::ulid()]);
            }
        }
        Schema::table('projects', static fn (Blueprint $table) => $table->unique('ulid'));
        foreach (['options', 'inspections'] as $name) {
            Schema::table($name, static fn (Blueprint $table) => $table->unique(['project_id', 'ulid']));
        }
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->string('subject', 20)->default('');
            $table->index(['project_id', 'subject', 'id']);
        });
        DB::table('revisions')->whereNull('option_id')->update(['subject' => 'site']);
        DB::table('revisions')->whereNotNull('option_id')->update(['subject' => 'design']);
        DB::table('revisions')->select(['id', 'state'])->orderBy('id')->chunkById(500, static function ($revisions): void {
            foreach ($revisions as $revision) {
                DB::table('revisions')->where('id', $revision->id)->update(['state' => KeptState::packed($revision->state)]);
            }
        });
    }

    public function down(): void
    {
        DB::table('revisions')->select(['id', 'state'])->orderBy('id')->chunkById(500, static function ($revisions): void {
            foreach ($revisions as $revision) {
                DB::table('revisions')->where('id', $revision->id)->update(['state' => KeptState::unpacked($revision->state)]);
            }
        });
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->dropIndex(['project_id', 'subject', 'id']);
            $table->dropColumn('subject');
        });
        foreach (self::NAMED as $name) {
            Schema::table($name, static function (Blueprint $table) use ($name): void {
                $table->dropUnique($name === 'projects' ? ['ulid'] : ['project_id', 'ulid']);
                $table->dropColumn('ulid');
            });
        }
    }
};
