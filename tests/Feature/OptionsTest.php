<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\History\History;
use App\Models\Option;
use App\Models\Project;
use App\Models\RevisionKind;
use App\Models\Role;
use App\Models\Share;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Ondergrond\Codec\DesignCodec;
use Tests\TestCase;

final class OptionsTest extends TestCase
{
    private Project $project;

    private Option $option;

    protected function setUp(): void
    {
        parent::setUp();
        $this->project = $this->boathouse();
        $this->option = $this->project->leading();
    }

    /** A transaction that read before it wrote fails at once where somebody wrote meanwhile, as SQLite has it. */
    public function test_whatever_is_saved_begins_by_writing_also_twice_in_a_second(): void
    {
        $this->freezeSecond();
        $said = [];
        Event::listen(TransactionBeginning::class, static function () use (&$said): void {
            $said[] = 'begin';
        });
        DB::listen(static function (QueryExecuted $query) use (&$said): void {
            $said[] = strtok($query->sql, ' ');
        });
        $base = "/projects/{$this->project->id}/options/{$this->project->leading()->id}";
        $this->post("{$base}/copy")->assertRedirect();
        $this->post("{$base}/copy")->assertRedirect();
        $copy = Option::query()->orderByDesc('id')->firstOrFail()->id;
        $there = "/projects/{$this->project->id}/options/{$copy}";
        $this->put("{$there}/place", ['by' => '-1'])->assertRedirect();
        $this->put("{$there}/pin")->assertRedirect();
        $this->delete($there)->assertRedirect();
        $this->put("/projects/{$this->project->id}/trash/{$copy}")->assertRedirect();
        $this->become($this->member(Role::Owner))->put("/people/{$this->designer->id}", ['role' => 'crew'])->assertRedirect();
        $first = [];
        foreach (array_keys($said, 'begin', true) as $at) {
            $first[] = $said[$at + 1] ?? 'nothing';
        }
        self::assertGreaterThan(6, count($first));
        self::assertSame(['update'], array_values(array_unique($first)));
    }

    public function test_options_are_copied_renamed_pinned_and_put_in_order(): void
    {
        $names = fn (): array => $this->project->options()->pluck('name')->all();
        [$a, $b, $c] = $names();
        $this->post($this->at('options', $this->option, 'copy'))->assertRedirect();
        self::assertSame([$a, "{$a}, copy", $b, $c], $names());
        $copy = $this->project->options()->where('name', "{$a}, copy")->sole();
        self::assertEquals($this->option->design, $copy->design);
        self::assertFalse($copy->pinned);

        $this->put(
            $this->at('options', $copy),
            ['name' => 'نسخة 🏗', 'note' => "Because the shop\nhas no 4 in board.", 'pinned' => '1', 'revision' => $this->headOf($copy)],
        )->assertSessionHasNoErrors();
        self::assertSame(['نسخة 🏗', "Because the shop\nhas no 4 in board.", false], [$copy->refresh()->name, $copy->note, $copy->pinned]);
        $this->put(
            $this->at('options', $copy),
            ['name' => str_repeat('n', 200), 'note' => str_repeat('n', 3000), 'revision' => $this->headOf($copy)],
        )->assertSessionHasErrors(['name', 'note']);

        $this->put($this->at('options', $copy, 'pin'))->assertRedirect();
        self::assertSame([$copy->id], $this->project->options()->where('pinned', true)->pluck('id')->all());
        self::assertSame($copy->id, $this->project->refresh()->leading()->id);
        self::assertSame($copy->id, $this->project->leadingOption?->id);
        $this->put($this->at('options', $copy, 'place'), ['by' => '1']);
        self::assertSame([$a, $b, 'نسخة 🏗', $c], $names());
        $this->put($this->at('options', $copy, 'place'), ['by' => '7'])->assertSessionHasErrors('by');
        $this->get("/projects/{$this->project->id}/options")->assertOk()->assertSeeInOrder([$a, $b, 'نسخة 🏗', $c]);
    }

    public function test_the_list_finds_the_leading_option_of_each_project(): void
    {
        $this->project->options()->update(['pinned' => false]);
        $this->option->refresh()->delete();
        $leading = Project::query()->with('leadingOption')->findOrFail($this->project->id)->leadingOption;
        self::assertSame($this->project->refresh()->leading()->id, $leading?->id, 'the first where none is pinned, none of the trash');
    }

    public function test_the_trash_gives_back_what_it_was_given(): void
    {
        $this->delete($this->at('options', $this->option))->assertRedirect();
        $this->get("/projects/{$this->project->id}/section/{$this->option->id}")->assertNotFound();
        $this->get('/trash')->assertSee($this->option->name);
        $this->put("/projects/{$this->project->id}/trash/{$this->option->id}")->assertRedirect();
        self::assertSame([$this->option->id], array_slice($this->project->options()->pluck('id')->all(), -1));
        self::assertFalse($this->option->refresh()->pinned, 'another may be pinned by now');

        $this->delete("/projects/{$this->project->id}")->assertRedirect('/');
        $this->get("/projects/{$this->project->id}/site")->assertNotFound();
        $this->get('/')->assertDontSee('href="http://localhost/projects/'.$this->project->id.'/section"', false);
        $this->put("/projects/{$this->project->id}/trash")->assertRedirect('/');
        $this->get('/')->assertSee('Dyke Lane boathouse');
        self::assertCount(3, $this->project->refresh()->options);
    }

    public function test_the_last_option_stays_and_only_an_owner_lets_go_for_good(): void
    {
        foreach ($this->project->options->slice(1) as $other) {
            $this->delete($this->at('options', $other));
        }
        $this->delete($this->at('options', $this->option))->assertSessionHasErrors('option');
        self::assertNull($this->option->refresh()->deleted_at);
        $gone = $this->project->options()->onlyTrashed()->firstOrFail();
        $this->delete("/projects/{$this->project->id}/trash/{$gone->id}")->assertForbidden();
        $this->become($this->member(Role::Owner));
        $this->delete("/projects/{$this->project->id}/trash/{$this->option->id}")->assertNotFound();
        $this->delete("/projects/{$this->project->id}/trash")->assertNotFound();
        $this->delete("/projects/{$this->project->id}/trash/{$gone->id}")->assertRedirect();
        self::assertNull(Option::withTrashed()->find($gone->id));
    }

    public function test_the_history_says_who_changed_what_and_leads_back(): void
    {
        $first = $this->option->design;
        $this->edit(['slab' => ['thickness_m' => '6']]);
        $other = $this->member(Role::Owner);
        $this->become($other);
        $this->edit(['field_board' => ['material' => 'eps-25psi', 'thickness_m' => '3']]);
        $this->get($this->at('section', $this->option, 'history'))->assertOk()->assertSeeInOrder([
            $other->name, 'Middle board, material: XPS board, 25 psi (173 kPa) → EPS board, 25 psi (173 kPa)',
            "Middle board, thickness: 2\u{a0}in → 3\u{a0}in",
            $this->designer->name, "Slab, thickness: 4\u{a0}in → 6\u{a0}in",
            'The test', 'Made',
        ]);
        $made = $this->option->revisions()->orderBy('id')->firstOrFail();
        $this->post($this->at('section', $this->option, "history/{$made->id}"))->assertRedirect();
        self::assertEquals($first, $this->option->refresh()->design);
        self::assertSame(RevisionKind::Return, History::head($this->option)->kind);
        $this->put($this->at('section', $this->option, 'undo'))->assertSessionHasNoErrors();
        self::assertSame('eps-25psi', $this->option->refresh()->design->fieldBoard->material->slug);

        $foreign = $this->project->options[1]?->revisions()->firstOrFail();
        $this->post($this->at('section', $this->option, "history/{$foreign?->id}"))->assertNotFound();
    }

    public function test_undo_takes_back_ones_own_and_never_anothers(): void
    {
        $this->edit(['slab' => ['thickness_m' => '6']]);
        $this->edit(['stone' => ['thickness_m' => '9']]);
        $mine = session()->all();
        $other = $this->member(Role::Designer);
        $this->become($other);
        $this->put($this->at('section', $this->option, 'undo'))->assertSessionHasErrors(
            ['revision' => 'Nothing is left to undo of what you changed in this sitting.'],
        );
        $this->edit(['slab' => ['thickness_m' => '5']]);

        $this->become($this->designer)->withSession($mine);
        $this->put($this->at('section', $this->option, 'undo'))->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(
            [5 * 0.0254, 6 * 0.0254],
            [$this->option->refresh()->design->slab->layer->thickness, $this->option->design->stone->thickness],
            1e-12,
        );
        $this->put($this->at('section', $this->option, 'undo'))->assertSessionHasErrors('revision');
        self::assertStringContainsString("{$other->name} has changed the same since", session('errors')->first('revision'));
        self::assertEqualsWithDelta(5 * 0.0254, $this->option->refresh()->design->slab->layer->thickness, 1e-12);
    }

    public function test_an_old_page_is_never_laid_over_a_newer_state(): void
    {
        $base = $this->headOf($this->option);
        $this->edit(['slab' => ['thickness_m' => '6']]);
        $stored = DesignCodec::toArray($this->option->refresh()->design);
        foreach ([$base, 0, 999_999, $this->headOf($this->project->options[1] ?? $this->option)] as $revision) {
            $this->edit(['slab' => ['thickness_m' => '5']], ['revision' => $revision]);
            self::assertSame($stored, DesignCodec::toArray($this->option->refresh()->design));
        }
        $this->edit(['slab' => ['thickness_m' => '5']], ['revision' => $base]);
        self::assertTrue(session('conflict')['clashes']);
        // A third change since the panel was shown: it is shown again.
        $shown = session('conflict')['head'];
        $this->edit(['stone' => ['thickness_m' => '9']]);
        $this->edit(['slab' => ['thickness_m' => '5']], ['revision' => $base, 'seen' => $shown]);
        self::assertCount(2, session('conflict')['theirs']);
        $this->edit(['slab' => ['thickness_m' => '5']], ['revision' => $base, 'seen' => session('conflict')['head']]);
        $design = $this->option->refresh()->design;
        self::assertEqualsWithDelta(
            [5 * 0.0254, 9 * 0.0254],
            [$design->slab->layer->thickness, $design->stone->thickness],
            1e-12,
            'theirs stays where it is not the same field',
        );
    }

    public function test_a_page_shows_the_revision_that_it_names_even_when_somebody_saves_while_it_is_made(): void
    {
        $old = [
            DB::table('options')->where('id', $this->option->id)->value('design'),
            DB::table('projects')->where('id', $this->project->id)->value('site'),
        ];
        $this->edit(['slab' => ['thickness_m' => '6']]);
        $this->put(
            "/projects/{$this->project->id}/site",
            ['name' => $this->project->name, 'revision' => History::head($this->project)->id, 'site' => ['indoor_c' => '70']],
        );
        // As the rows were read a moment before those saves.
        DB::table('options')->where('id', $this->option->id)->update(['design' => $old[0]]);
        DB::table('projects')->where('id', $this->project->id)->update(['site' => $old[1]]);
        $this->get("/projects/{$this->project->id}/section/{$this->option->id}")->assertSee(
            'name="revision" value="'.$this->headOf($this->option).'"',
            false,
        )->assertSee("6\u{a0}in");
        $this->get("/projects/{$this->project->id}/site")->assertSee(
            'name="revision" value="'.History::head($this->project)->id.'"',
            false,
        )->assertSee('70 °F');
    }

    public function test_fields_that_come_back_are_still_read_as_they_were_written(): void
    {
        $page = $this->at('section', $this->option);
        $this->put('/units', ['units' => 'inch-pound']);
        $this->from($page)->followingRedirects();
        $this->put(
            $page,
            [
                'design' => ['slab' => ['thickness_m' => '99 m'], 'field_board' => ['thickness_m' => '50']],
                'revision' => $this->headOf($this->option),
                'written_in' => 'metric comma',
            ],
        )
            ->assertSee('value="99 m"', false)->assertSee('name="written_in" value="metric comma"', false);
    }

    public function test_lists_where_words_belong_are_refused_with_a_page(): void
    {
        $page = "/projects/{$this->project->id}/options";
        $this->from($page)->followingRedirects();
        $this->put(
            $this->at('options', $this->option),
            ['row' => (string) $this->option->id, 'name' => ['x'], 'note' => ['y'], 'revision' => ['1']],
        )->assertOk()->assertSee('Not saved');
        $bench = $this->at('section', $this->option);
        $this->from($bench)->followingRedirects();
        $this->put($bench, ['design' => ['slab' => ['thickness_m' => 'x']], 'revision' => ['1'], 'written_in' => ['metric']])->assertOk();
    }

    public function test_a_rename_goes_over_another_design_but_not_over_another_rename(): void
    {
        $base = $this->headOf($this->option);
        $this->edit(['slab' => ['thickness_m' => '6']]);
        $this->put(
            $this->at('options', $this->option),
            ['name' => 'First name', 'note' => $this->option->note, 'revision' => $base],
        )->assertSessionHasNoErrors();
        self::assertSame('First name', $this->option->refresh()->name);
        self::assertEqualsWithDelta(6 * 0.0254, $this->option->design->slab->layer->thickness, 1e-12);
        $this->put(
            $this->at('options', $this->option),
            ['name' => 'Second name', 'note' => $this->option->note, 'revision' => $base],
        )->assertSessionHasErrors('name');
        self::assertStringContainsString('Name: “A · edge tray 4 in” → “First name”', session('errors')->first('name'));
        self::assertSame('First name', $this->option->refresh()->name);
        // The bench's undo takes it back too, as the last thing done.
        $this->put($this->at('section', $this->option, 'undo'))->assertSessionHasNoErrors();
        self::assertSame('A · edge tray 4 in', $this->option->refresh()->name);
    }

    public function test_fields_are_read_in_the_units_they_were_written_in(): void
    {
        $stored = DesignCodec::toArray($this->option->design);
        // The page was made in millimetres with commas; meanwhile another tab has turned to inches.
        $this->put('/units', ['units' => 'inch-pound']);
        $this->edit(
            ['perimeter_board' => ['thickness_m' => "101,6\u{a0}mm"], 'field_board' => ['thickness_m' => '38']],
            ['written_in' => 'metric comma'],
        );
        $design = $this->option->refresh()->design;
        self::assertSame($stored['perimeter_board']['thickness_m'], $design->perimeterBoard->layer->thickness);
        self::assertEqualsWithDelta(0.038, $design->fieldBoard->thickness, 1e-12);
    }

    public function test_a_client_reads_one_option_by_a_link_that_ends(): void
    {
        $this->post(
            "/projects/{$this->project->id}/shares",
            ['option' => $this->option->id, 'made_for' => 'The rowing club', 'days' => '3'],
        )->assertSessionHasNoErrors();
        $share = Share::query()->sole();
        $link = $share->link();
        $this->get("/projects/{$this->project->id}/shares")->assertSee(e($link), false);
        $this->become(null);
        $page = $this->get($link)
            ->assertOk()
            ->assertSee('Dyke Lane boathouse')
            ->assertSee('licensed engineer')
            ->assertSee('section-drawing', false);
        foreach ([
            '<form', 'name="design', 'type="text"', 'href="http://localhost/projects/', 'B · 4 in throughout', 'Project, JSON',
        ] as $more) {
            $page->assertDontSee($more, false);
        }
        $this->get("/shared/{$share->id}")->assertForbidden();
        $this->get(preg_replace('~expires=\d+~', 'expires=9999999999', $link) ?? '')->assertForbidden();
        $this->travel(4)->days();
        $this->get($link)->assertForbidden();
        $this->travelBack();
        $this->become($this->designer)->delete("/projects/{$this->project->id}/shares/{$share->id}")->assertRedirect();
        $this->get($link)->assertForbidden()->assertSee('This link no longer works');
        $this->post(
            "/projects/{$this->project->id}/shares",
            ['option' => '99999', 'made_for' => '', 'days' => '9999'],
        )->assertSessionHasErrors(['option', 'made_for', 'days']);
    }

    public function test_what_lies_in_the_trash_is_not_shared(): void
    {
        $share = $this->project->shares()->create(
            [
                'option_id' => $this->option->id,
                'made_for' => 'A client',
                'made_by' => 'The test',
                'expires_at' => now()->addDay()->startOfSecond(),
            ],
        );
        $this->get($share->link())->assertOk();
        $this->delete($this->at('options', $this->option));
        $this->get($share->link())->assertForbidden()->assertSee('This link no longer works');
    }

    public function test_the_site_keeps_its_history_and_asks_before_it_overwrites(): void
    {
        $base = History::head($this->project)->id;
        $page = "/projects/{$this->project->id}/site";
        $this->put($page, ['name' => 'Boathouse', 'revision' => $base, 'site' => ['indoor_c' => '70']])->assertSessionHasNoErrors();
        $this->put(
            $page,
            ['name' => 'Dyke Lane boathouse', 'revision' => $base, 'site' => ['indoor_c' => '60']],
        )->assertSessionHas('conflict');
        self::assertSame('Boathouse', $this->project->refresh()->name);
        $this->get($page)->assertSee('Put mine over theirs')->assertSee('Kept inside at, mean of the year: 66.2 °F → 70 °F');
        $this->put(
            $page,
            ['name' => 'Boathouse', 'revision' => $base, 'seen' => History::head($this->project)->id, 'site' => ['indoor_c' => '60']],
        )->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(15.556, $this->project->refresh()->site->indoor, 1e-3);
        $this->get("{$page}/history")->assertOk()->assertSeeInOrder(
            ['Kept inside at, mean of the year: 70 °F → 60 °F', 'Name: “Dyke Lane boathouse” → “Boathouse”', 'Made'],
        );
        $this->post("{$page}/history/{$base}")->assertRedirect($page);
        self::assertSame([19.0, 'Boathouse'], [$this->project->refresh()->site->indoor, $this->project->name], 'a name stays as it is now');
        $this->post("{$page}/history/{$this->headOf($this->option)}")->assertNotFound();
    }

    /**
     * @param  array<string, mixed>  $design
     * @param  array<string, mixed>  $more
     */
    private function edit(array $design, array $more = []): void
    {
        $this->put($this->at('section', $this->option), ['design' => $design, 'revision' => $this->headOf($this->option), ...$more]);
    }

    private function at(string $what, Option $option, string $then = ''): string
    {
        return rtrim("/projects/{$this->project->id}/{$what}/{$option->id}/{$then}", '/');
    }

    private function headOf(Option $option): int
    {
        return History::head($option)->id;
    }
}
