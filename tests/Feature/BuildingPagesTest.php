<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Building\BuildingJob;
use App\Forms\Reader;
use App\History\History;
use App\Jobs\MakePack;
use App\Later\Content;
use App\Models\OrderState;
use App\Models\Project;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Ondergrond\Examples\Building;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Logbook\Source;
use Ondergrond\Plan\Kinds\Sleeve;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** From the plan to the hand-over, as requests meet it. */
final class BuildingPagesTest extends TestCase
{
    private const METRIC = [Reader::FIELD => 'metric point'];

    public function test_an_outline_is_drawn_and_every_option_follows_it(): void
    {
        $project = $this->boathouse();
        $was = $project->leading()->design->footprint;
        $this->draw($project, ['shape' => 'rectangle', 'keep' => '1'])->assertSessionHasNoErrors();
        $now = $this->fresh($project)->leading()->design->footprint;
        self::assertEqualsWithDelta(
            [$was->area, $was->perimeter], [$now->area, $now->perimeter], 1e-9, 'the typed rectangle changes nothing',
        );

        $this->draw($project, ['shape' => 'l', 'sizes' => [
            'length_m' => '12', 'width_m' => '9 m', 'part_length_m' => '500 cm', 'part_width_m' => '4',
        ]])->assertSessionHasNoErrors();
        foreach ($this->fresh($project)->options as $option) {
            self::assertLessThan(88.0, $option->design->footprint->area);
            self::assertSame(1, $option->revisions()->count(), 'the footprint follows; nobody changed the option');
            self::assertSame($was->area, $option->typed()->footprint->area, 'what was typed stays');
        }
        $this->get("/projects/{$project->id}/plan")->assertOk()->assertSee('Wall A–B');
        // What cannot be is said, and nothing changes.
        $this->draw(
            $project, ['shape' => 'u', 'sizes' => ['length_m' => '12', 'width_m' => 'wide']],
        )->assertSessionHasErrors(['sizes.width_m', 'sizes.from_m']);
        $this->draw($project, ['shape' => 'rectangle', 'sizes' => ['length_m' => '0.5', 'width_m' => '0.5']])->assertSessionHasErrors();
        self::assertCount(6, $this->fresh($project)->plan()->corners ?? []);
    }

    public function test_items_are_set_moved_undone_and_refused_outside(): void
    {
        $project = $this->boathouse();
        $this->draw($project, ['shape' => 'rectangle', 'sizes' => ['length_m' => '18', 'width_m' => '9']]);
        $this->change($project, ['act' => 'add:sleeve'])->assertSessionHasNoErrors();
        $this->change($project, ['act' => 'add:drain'])->assertSessionHasNoErrors();
        $plan = $this->fresh($project)->plan();
        self::assertNotNull($plan);
        $id = array_key_first($plan->items->all);
        self::assertIsString($id);
        self::assertCount(1, $this->fresh($project)->building()->layout()->all, 'drains belong to the option');
        $this->change(
            $project, ['plan' => ['items' => [$id => ['x_m' => '3.2', 'y_m' => "10'", 'name' => 'Waste']]]],
        )->assertSessionHasNoErrors();
        $sleeve = $this->fresh($project)->plan()?->items->all[$id];
        self::assertInstanceOf(Sleeve::class, $sleeve);
        self::assertEqualsWithDelta([3.2, 3.048], [$sleeve->at->x, $sleeve->at->y], 1e-9);

        $this->change($project, ['plan' => ['items' => [$id => ['x_m' => '20']]]])->assertSessionHasErrors("plan.items.{$id}.x_m");
        self::assertStringContainsString('2.000 m outside the outline', implode(' ', session('errors')->all()));
        self::assertSame('20', old("plan.items.{$id}.x_m"), 'what was typed stays');
        $this->change($project, ['lengths' => ['A' => '20 m']])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(20.0, $this->fresh($project)->plan()?->outline->sides()['A']->length(), 1e-9);
        // A corner that was dragged is not drawn back by lengths that were shown before.
        $lengths = ['A' => '20 m', 'B' => '9 m', 'C' => '20 m', 'D' => '9 m'];
        $this->change($project, ['plan' => ['corners' => ['C' => ['x_m' => '21 m']]], 'lengths' => $lengths])->assertSessionHasNoErrors();
        $corners = $this->fresh($project)->plan()->corners ?? [];
        self::assertEqualsWithDelta([21.0, 9.0, 0.0], [$corners['C']->x, $corners['C']->y, $corners['D']->x], 1e-9);
        $this->put("/projects/{$project->id}/plan/undo");
        $this->change($project, ['lengths' => ['A' => '0']])->assertSessionHasErrors('lengths.A');
        $this->change($project, ['plan' => ['corners' => ['C' => ['x_m' => '-5']]]])->assertSessionHasErrors();

        $this->put("/projects/{$project->id}/plan/undo")->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(18.0, $this->fresh($project)->plan()?->outline->sides()['A']->length(), 1e-9);
        $this->put("/projects/{$project->id}/plan/redo")->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(20.0, $this->fresh($project)->plan()?->outline->sides()['A']->length(), 1e-9);

        // Somebody else has saved meanwhile: shown, not laid over.
        $revision = $this->fresh($project)->drawnPlan?->revisions()->latest('id')->first()?->id;
        $this->become($this->member(Role::Owner));
        $this->change($project, ['plan' => ['zero_m' => '9.85']])->assertSessionHasNoErrors();
        $this->change($project, ['plan' => ['zero_m' => '9.9'], 'revision' => $revision])->assertSessionHas('conflict');
        self::assertEqualsWithDelta(9.85, $this->fresh($project)->plan()?->zero, 1e-9);
    }

    public function test_a_plan_is_handed_out_as_drawings(): void
    {
        $project = $this->boathouse();
        $this->draw($project, ['shape' => 'rectangle', 'sizes' => ['length_m' => '12', 'width_m' => '8']]);
        foreach (['svg', 'dxf'] as $format) {
            $this->get("/projects/{$project->id}/plan/plan.{$format}")->assertOk();
        }
    }

    public function test_what_is_released_is_changed_with_a_reason_alone(): void
    {
        $project = $this->boathouse();
        $option = $project->leading();
        $this->draw($project, ['shape' => 'rectangle', 'keep' => '1']);
        $this->post("/projects/{$project->id}/release", ['option' => $option->id])->assertSessionHasNoErrors();
        self::assertNotSame([], $this->fresh($project)->release?->open, 'what was open is written down');
        $this->post("/projects/{$project->id}/release", ['option' => $option->id])->assertSessionHasErrors('option');
        $edit = fn (): TestResponse => $this->put("/projects/{$project->id}/section/{$option->id}", [
            ...self::METRIC, 'revision' => $option->revisions()->latest('id')->first()?->id, 'design' => [
                'slab' => ['thickness_m' => '120'],
            ],
        ]);
        $edit()->assertSessionHasErrors('revision');
        $this->change($project, ['act' => 'add:post'])->assertSessionHasErrors('act');
        $this->put("/projects/{$project->id}/release", ['why' => 'x'])->assertSessionHasErrors('why');
        $this->put("/projects/{$project->id}/release", ['why' => 'the supplier has no 4 in'])->assertSessionHasNoErrors();
        $edit()->assertSessionHasNoErrors();
        $this->post("/projects/{$project->id}/order")->assertSessionHasErrors('order');
        $this->put("/projects/{$project->id}/release", ['act' => 'end'])->assertSessionHasNoErrors();
        $changes = $this->fresh($project)->release->changes ?? [];
        self::assertSame(['the supplier has no 4 in'], array_column($changes, 'why'));
        self::assertStringContainsString('Slab, thickness', implode(array_column($changes, 'what')));
        $this->delete("/projects/{$project->id}/release")->assertSessionHasNoErrors();
        $this->post("/projects/{$project->id}/release", ['option' => $option->id]);
        $this->post("/projects/{$project->id}/order")->assertSessionHasNoErrors();
        $this->delete("/projects/{$project->id}/release")->assertSessionHasErrors('option');
    }

    public function test_an_order_is_asked_for_delivered_and_shows_no_prices_to_others(): void
    {
        $this->firm->update(['prices' => ['currency' => 'fl.', 'per_m3' => ['reinforced-concrete' => 165]]]);
        $project = $this->built();
        $this->post("/projects/{$project->id}/order")->assertSessionHasNoErrors();
        $order = $project->orders()->firstOrFail();
        $this->get("/projects/{$project->id}/order")->assertOk()->assertSee('fl.')->assertSee('Vapour sheet');
        self::assertSame('asked', $order->events()->firstOrFail()->state->value);
        $event = fn (array $of): TestResponse => $this->post(
            "/projects/{$project->id}/order/{$order->id}", [...self::METRIC, 'line' => 'slab', ...$of],
        );
        $event(['state' => 'ordered'])->assertSessionHasNoErrors();
        $this->become($this->member(Role::Crew));
        $event(['state' => 'ordered'])->assertForbidden();
        $event(['state' => 'short'])->assertSessionHasErrors('quantity.slab');
        $event(['state' => 'short', 'quantity' => '-3'])->assertSessionHasErrors('quantity.slab');
        $event(['state' => 'short', 'quantity' => '15,2', 'note' => 'rest tomorrow'])->assertSessionHasNoErrors();
        $event(['state' => 'gone'])->assertStatus(422);
        $event(['state' => 'came', 'line' => 'gold'])->assertStatus(422);
        $last = $order->refresh()->states()['slab'];
        self::assertSame([OrderState::Short, 15.2], [$last->state, $last->quantity]);
        $this->get("/projects/{$project->id}/order")->assertOk()->assertDontSee('fl.')->assertDontSee('165')->assertSee('rest tomorrow');
        self::assertStringNotContainsString('price', (string) $this->get("/projects/{$project->id}/order.csv")->assertOk()->getContent());
        $this->become($this->designer);
        $this->get("/projects/{$project->id}/order?part=field_board&material=eps-15psi")->assertOk()->assertSee('25 psi');
        $this->get("/projects/{$project->id}/order?part[]=1&material=gold")->assertOk();
    }

    public function test_the_days_follow_from_the_first_one(): void
    {
        $project = $this->built();
        $save = fn (array $of): TestResponse => $this->put(
            "/projects/{$project->id}/sequence", ['start' => '2026-03-02', 'holidays' => '', ...$of],
        );
        $save([])->assertSessionHasNoErrors();
        $this->get("/projects/{$project->id}/sequence")->assertOk()->assertSee('2026-03-02')->assertSee('Pour the slab');
        $calendar = (string) $this->get("/projects/{$project->id}/sequence.ics")->assertOk()->getContent();
        self::assertStringStartsWith('BEGIN:VCALENDAR', $calendar);
        $save(['holidays' => '2026-03-03, 2026-03-04', 'task' => 'pour', 'not_before' => '2026-06-01'])->assertSessionHasNoErrors();
        self::assertSame(['pour' => '2026-06-01'], $this->fresh($project)->building()->days()->notBefore);
        $this->get("/projects/{$project->id}/sequence")->assertSee('2026-06-01');
        foreach ([['start' => '2026-02-30'], [
            'holidays' => 'Easter',
        ], ['task' => 'dance', 'not_before' => '2026-06-01'], ['task' => 'pour', 'not_before' => 'May']] as $bad) {
            $save($bad)->assertSessionHasErrors();
        }
        self::assertSame('2026-03-02', $this->fresh($project)->building()->days()->start);
    }

    public function test_a_reading_is_kept_once_asked_back_and_stops_or_passes_a_point(): void
    {
        $project = $this->built();
        $this->become($this->lead());
        $log = fn (array $of): TestResponse => $this->post("/projects/{$project->id}/log", [...self::METRIC, ...$of]);
        $count = fn (): int => $project->entries()->count();
        $before = $count();
        $id = '01HZX3V8Q0000000000000000A';
        $log(['id' => $id, 'hold' => 'h7:lap', 'value' => '200'])->assertSessionHasNoErrors();
        $log(['id' => $id, 'hold' => 'h7:lap', 'value' => '200'])->assertSessionHas('said', 'Kept already.');
        self::assertSame($before + 1, $count());
        $entry = $project->entries()->whereKey($id)->firstOrFail()->state;
        self::assertEqualsWithDelta([0.2], $entry->values, 1e-12);
        self::assertSame([6 * 0.0254, Source::Typed, '200'], [$entry->min, $entry->source, $entry->text]);

        $log(['hold' => 'h7:lap', 'value' => '1500'])->assertSessionHasErrors('h7-lap');
        self::assertStringContainsString('the decimal point?', implode(' ', session('errors')->all()));
        $log(['hold' => 'h7:lap', 'value' => '1500', 'sure' => '1'])->assertSessionHasNoErrors();
        $log(['hold' => 'h7:lap', 'value' => 'wide'])->assertSessionHasErrors('h7-lap');
        $log(['hold' => 'h7:lap', 'value' => ''])->assertSessionHasErrors('h7-lap');
        $log(['hold' => 'h6:room', 'value' => '100 102 98 101', 'stretch' => 'wall:Z'])->assertSessionHasErrors('h6-room');
        $log(['hold' => 'h6:room', 'value' => '100 102 98 101', 'stretch' => 'wall:B'])->assertSessionHasNoErrors();
        $log(['note' => ' '])->assertSessionHasErrors('note');
        $log(['kind' => 'pass'])->assertStatus(422);
        $log(['kind' => 'left-out', 'part' => 'slab', 'stretch' => 'wall:B', 'value' => '2'])->assertSessionHasErrors('part');
        $log(['kind' => 'left-out', 'part' => 'edge_outside', 'stretch' => 'wall:C', 'value' => '2'])->assertSessionHasNoErrors();

        $log(['hold' => 'h7:lap', 'value' => '90'])->assertSessionHasNoErrors();
        $pass = fn (array $of = []): TestResponse => $this->post("/projects/{$project->id}/log/pass", ['hold' => 'h7', ...$of]);
        $pass()->assertSessionHasErrors('pass-h7');
        $this->get("/projects/{$project->id}/log")->assertOk()->assertSee('stopped');
        $pass(['reason' => 'taped twice over, the office knows'])->assertSessionHasNoErrors();
        $pass(['reason' => 'me too'])->assertSessionHasErrors('pass-h7');
        self::assertStringContainsString('passed by', implode(' ', session('errors')->all()));
        $pass(['hold' => 'h9', 'reason' => 'no time'])->assertSessionHasErrors('pass-h9');
        $pass(
            ['hold' => 'h9', 'reason' => 'no time', 'competent' => 'A. Graaf, engineer', 'document' => 'mail of 2026-11-26'],
        )->assertSessionHasNoErrors();
        $this->become($this->member(Role::Crew));
        $pass(['hold' => 'h10'])->assertForbidden();
        $this->get("/projects/{$project->id}/built")->assertOk()->assertSee('Outside board');
    }

    public function test_a_photograph_is_a_picture_and_nothing_else_of_it_is_kept(): void
    {
        $project = $this->built();
        $log = fn (UploadedFile $photo): TestResponse => $this->post(
            "/projects/{$project->id}/log", ['note' => 'as laid', 'photo' => $photo],
        );
        $log(UploadedFile::fake()->createWithContent('board.jpg', 'a text that is called a picture'))->assertSessionHasErrors('photo');
        $log(UploadedFile::fake()->image('huge.jpg', 10, 10)->size(30_000))->assertSessionHasErrors('photo');
        $log(UploadedFile::fake()->createWithContent('wide.png', self::png(9000, 6000)))->assertSessionHasErrors('photo');
        self::assertStringContainsString('54 megapixels', implode(' ', session('errors')->all()));
        self::assertSame(0, $project->photographs()->count());
        $log(UploadedFile::fake()->createWithContent('ok.jpg', self::jpeg('Exif secret place 52.1N')))->assertSessionHasNoErrors();
        $photo = $project->photographs()->firstOrFail();
        self::assertStringNotContainsString('secret place', $photo->bytes());
        self::assertSame($photo->hash, hash('sha256', $photo->bytes()));
        $this->get("/projects/{$project->id}/log/photos/{$photo->hash}")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->get("/projects/{$project->id}/log/photos/".str_repeat('0', 64))->assertNotFound();

        // Out with the project and in again: another project, whose entries open no gate.
        $zip = (string) $this->get("/projects/{$project->id}/project.zip")->assertOk()->getContent();
        $this->post('/projects/import', ['file' => UploadedFile::fake()->createWithContent('job.zip', $zip)])->assertSessionHasNoErrors();
        $again = Project::query()->latest('id')->firstOrFail();
        self::assertSame(1, $again->photographs()->count());
        self::assertSame($project->entries()->count(), $again->entries()->count());
        self::assertSame(
            ['imported'], array_values(array_unique(array_map(static fn ($e): string => $e->source->value, $again->log()->entries))),
        );
        self::assertEquals($this->fresh($project)->plan(), $again->plan());
    }

    public function test_the_pack_is_printed_and_opens_in_another_program(): void
    {
        Queue::fake();
        $project = $this->built();
        $this->post("/projects/{$project->id}/built")->assertSessionHasNoErrors();
        Queue::assertPushed(MakePack::class);
        $pack = $project->packs()->firstOrFail();
        $this->get("/projects/{$project->id}/built")->assertOk()->assertSee('waiting');
        (new MakePack($pack->ulid))->handle();
        self::assertTrue($pack->refresh()->isDone());
        $pdf = (string) $this->get("/projects/{$project->id}/built/{$pack->id}/pdf")->assertOk()->getContent();
        $file = (string) tempnam(sys_get_temp_dir(), 'pdf');
        file_put_contents($file, $pdf);
        $text = (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput();
        unlink($file);
        foreach ([
            'Dyke Lane boathouse', 'Released', 'Marit Sluys', 'Post under the ridge', 'Built otherwise than drawn', 'wall at corner B',
            'Hold points', 'Before digging', 'Wen Dijker', 'Not checked', 'Cautions',
        ] as $said) {
            self::assertStringContainsString($said, $text);
        }
        self::assertStringNotContainsString('fl.', $text, 'no prices');
        self::assertMatchesRegularExpression('~\f~', $text, 'more than a page');
        // Whoever is not of the firm does not get it.
        $this->become($this->member(Role::Owner, \App\Models\Firm::query()->create(['name' => 'Another firm'])));
        $this->get("/projects/{$project->id}/built/{$pack->id}/pdf")->assertNotFound();
    }

    public function test_another_product_is_judged_then_taken_unless_the_option_is_released(): void
    {
        $free = $this->boathouse();
        $option = $free->building();
        $was = $option->design->fieldBoard->material->slug;
        self::assertNotSame('eps-25psi', $was);
        $page = "/projects/{$free->id}/order";
        $head = fn (): int => History::head($option)->id;
        $this->get("{$page}?part=field_board&material=eps-25psi")->assertOk()->assertSee('Take it');
        $take = fn (string $material, int $revision): TestResponse => $this->put(
            $page, ['part' => 'field_board', 'material' => $material, 'revision' => $revision],
        );
        $before = $head();
        $take('polyethylene', $before)->assertSessionHasErrors('swap');
        $take('gold', $before)->assertStatus(422);
        self::assertSame($was, $option->refresh()->design->fieldBoard->material->slug, 'nothing was taken');
        $take('eps-25psi', $before)->assertSessionHasNoErrors();
        self::assertSame('eps-25psi', $option->refresh()->design->fieldBoard->material->slug);
        $take('xps-60psi', $before)->assertSessionHasErrors('swap');
        self::assertSame('eps-25psi', $option->refresh()->design->fieldBoard->material->slug, 'judged on what is no longer there');

        $held = $this->built();
        $design = $held->building()->design;
        $this->get("/projects/{$held->id}/order?part=field_board&material=eps-25psi")
            ->assertDontSee('Take it')->assertSee('begin a change');
        $this->put("/projects/{$held->id}/order", [
            'part' => 'field_board', 'material' => 'eps-25psi', 'revision' => History::head($held->building())->id,
        ]);
        self::assertEquals($design, $this->fresh($held)->building()->design, 'what is released stays');
        $this->become($this->lead());
        $take('xps-60psi', $head())->assertForbidden();
    }

    public function test_a_winter_that_a_pack_ran_tells_the_frost_margin_until_something_else_is_read(): void
    {
        $project = $this->built();
        $page = "/projects/{$project->id}/built";
        $this->get($page)->assertOk()->assertSee('Frost margin')->assertSee('not checked');
        $pack = $project->packs()->create([
            'option_id' => $project->building()->id, 'by' => 'Joost Kade', 'stage' => 'done', 'winter' => true,
        ]);
        $pack->update(['content' => Content::built($project, BuildingJob::of($project)->built()), 'margin' => -0.0508]);
        $this->get($page)->assertSee("-2\u{a0}in")->assertDontSee('<dd>not checked', false);
        self::assertSame(1, DB::table('entries')->where('kind', 'left-out')->delete());
        $this->get($page)->assertSee('<dd>not checked', false)->assertDontSee("-2\u{a0}in");
    }

    public function test_what_goes_for_good_takes_all_of_it(): void
    {
        $project = $this->built();
        $core = $project->toCore();
        self::assertEquals($core, ProjectFile::read(ProjectFile::write($core)));
        $this->become($this->member(Role::Owner));
        $this->delete("/projects/{$project->id}");
        self::assertSame(1, DB::table('plans')->count(), 'it can be had back');
        $this->delete("/projects/{$project->id}/trash");
        foreach (['plans', 'layouts', 'releases', 'entries', 'photographs', 'orders', 'packs'] as $table) {
            self::assertSame(0, DB::table($table)->count(), $table);
        }
    }

    private function built(): Project
    {
        return Project::store(Building::boathouse(), $this->firm, 'The test', true);
    }

    private function lead(): \App\Models\User
    {
        $lead = $this->member(Role::Crew);
        $lead->lead = true;
        $lead->save();

        return $lead;
    }

    private function fresh(Project $project): Project
    {
        return Project::query()->findOrFail($project->id);
    }

    /**
     * @param  array<string, mixed>  $form
     * @return TestResponse<Response>
     */
    private function draw(Project $project, array $form): TestResponse
    {
        return $this->post("/projects/{$project->id}/plan", [...self::METRIC, ...$form]);
    }

    /**
     * @param  array<string, mixed>  $form
     * @return TestResponse<Response>
     */
    private function change(Project $project, array $form): TestResponse
    {
        return $this->put("/projects/{$project->id}/plan", [
            ...self::METRIC, 'revision' => $this->fresh($project)->drawnPlan?->revisions()->latest('id')->first()?->id, ...$form,
        ]);
    }

    /** A picture of so many pixels that takes little room. */
    private static function png(int $width, int $height): string
    {
        $chunk = static fn (string $name, string $data): string => pack('N', strlen($data)).$name.$data.pack('N', crc32($name.$data));

        return "\x89PNG\r\n\x1a\n".$chunk('IHDR', pack('NNCCCCC', $width, $height, 1, 0, 0, 0, 0)).$chunk('IDAT', '').$chunk('IEND', '');
    }

    private static function jpeg(string $comment): string
    {
        $image = imagecreatetruecolor(40, 30);
        self::assertNotFalse($image);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();

        return substr($jpeg, 0, 2)."\xff\xfe".pack('n', strlen($comment) + 2).$comment.substr($jpeg, 2);
    }
}
