<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use Illuminate\Support\Facades\Queue;
use Ondergrond\Examples\Examples;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\TestCase;

/** What stands, is mended and goes, and what is known of the house: typed on the page, judged, written to a file and read back. */
final class OldWorkPagesTest extends TestCase
{
    use TypedSizes;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->project = Project::store(
            Examples::of('existing-basement') ?? throw new RuntimeException, $this->firm, 'The test',
        );
        $this->option = $this->project->options->sortBy('position')->firstOrFail();
    }

    /** @return iterable<string, array{string, string, mixed, string, mixed}> path, as typed, as stored, where the assessment shows it, and what */
    public static function sizes(): iterable
    {
        foreach ([
            ['design.mat.thickness_m', '8 mm', 0.008, 'levels.sides.edge.finished_floor_m', -1.849],
            ['design.mat.behind_m', '10', 0.01, 'findings', 'mat-behind-wall-board'],
            ['design.mat.joints', 'lapped', 'lapped', 'findings', 'mat-joined'],
            ['design.mat.outlet', 'not-said', 'not-said', 'findings', 'water-led-inside'],
            ['design.screed.thickness_m', '14 mm', 0.014, 'findings', 'panels-on-board'],
            ['design.lining.bond', 'solvent', 'solvent', 'findings', 'glue-spares-foam'],
            ['design.dpc.kind', 'injected', 'injected', 'option', 'A · as usual'],
            ['design.standing.slab', 'new', 'new', 'findings', 'sheet-present'],
            ['design.standing.stem', 'new', 'new', 'findings', 'wall-waterproofed'],
            ['design.repairs.tie_holes', 'open', 'open', 'findings', 'entries-sealed'],
            ['design.repairs.floor_joint', 'open', 'open', 'findings', 'entries-sealed'],
            ['design.repairs.entries', 'not-said', 'not-said', 'findings', 'entries-sealed'],
            ['design.repairs.straps', 'open', 'open', 'findings', 'entries-sealed'],
            ['design.repairs.cracks.0.width_m', '9 mm', 0.009, 'findings', 'wide-cracks-judged'],
            ['design.repairs.cracks.0.chased', 'no', 'no', 'findings', 'cracks-filled'],
            ['design.repairs.cracks.1.filled', 'no', 'no', 'findings', 'cracks-filled'],
            ['design.repairs.cracks.1.wet', 'yes', 'yes', 'findings', 'wet-cracks-led-away'],
            ['design.repairs.cracks.0.drained', 'no', 'no', 'findings', 'wet-cracks-led-away'],
            ['design.taken_out.pieces.0.what', 'slab', 'slab', 'findings', 'old-bearing-looked-at'],
            ['design.taken_out.pieces.0.material', 'screed', 'screed', 'option', 'A · as usual'],
            ['design.taken_out.pieces.0.thickness_m', '40 mm', 0.04, 'option', 'A · as usual'],
            ['design.taken_out.pieces.0.area_m2', '25', 25.0, 'option', 'A · as usual'],
            ['site.house.besides_w_k', '120', 120.0, 'heat.ground_shares.0.by', 'what the rest of the house loses'],
            ['site.house.design_load_w', '6000', 6000.0, 'heat.ground_shares.0.by', 'its design load, on the design day'],
            ['site.house.fuel_kwh', '15000', 15_000.0, 'heat.ground_shares.0.by', 'last year’s fuel'],
            ['site.house.efficiency_share', '90 %', 0.9, 'option', 'A · as usual'],
            ['site.house.old_floor_m', '-1.80 m', -1.8, 'findings', 'floor-meets-old'],
            ['design.sheet.walked', 'months', 'months', 'option', 'A · as usual'],
            ['site.house.step_m', '100 mm', 0.1, 'option', 'A · as usual'],
        ] as $row) {
            yield $row[0] => $row;
        }
    }

    #[DataProvider('sizes')]
    public function test_it_is_typed_judged_written_and_read_back(
        string $path, string $typed, mixed $stored, string $shown, mixed $what,
    ): void {
        $this->assertHeld($path, $typed, $stored, $shown, $what);
    }

    public function test_what_cannot_be_is_said_at_its_field_and_what_was_saved_stays(): void
    {
        $this->save(['design' => ['mat' => ['thickness_m' => '90 mm']]])->assertSessionHasErrors('design.mat.thickness_m');
        $this->save(['design' => ['standing' => ['slab' => 'perhaps']]])->assertSessionHasErrors('design.standing.slab');
        $this->save(['design' => ['repairs' => ['cracks' => [['width_m' => 'wide']]]]])
            ->assertSessionHasErrors('design.repairs.cracks.0.width_m');
        $this->save(['design' => ['taken_out' => ['pieces' => [['material' => 'gold']]]]])
            ->assertSessionHasErrors('design.taken_out.pieces.0.material');
        $this->save(['site' => ['house' => ['efficiency_share' => '900 %']]])->assertSessionHasErrors('site.house.efficiency_share');
        self::assertSame(0.003, $this->option->fresh()?->design->mat->layer->thickness);
    }

    public function test_cracks_and_pieces_come_and_go_by_a_press(): void
    {
        $design = fn () => ($this->option->fresh() ?? self::fail('it is there'))->design;
        $this->save(['act' => 'add:repairs.cracks'])->assertSessionHasNoErrors();
        self::assertCount(3, $design()->repairs->cracks);
        $this->save(['act' => 'remove:repairs.cracks:0'])->assertSessionHasNoErrors();
        self::assertCount(2, $design()->repairs->cracks);
        $this->save(['act' => 'add:taken_out.pieces'])->assertSessionHasNoErrors();
        self::assertCount(2, $design()->takenOut->pieces);
        $this->save(['act' => 'out:repairs'])->assertSessionHasNoErrors();
        self::assertFalse($design()->repairs->present());
        $this->get("/projects/{$this->project->id}/section/{$this->option->id}")->assertOk()
            ->assertSee('stands already')->assertSee('Mat on the slab')->assertSee('Mat first');
        $this->get("/projects/{$this->project->id}/section/{$this->option->id}/history")->assertOk()->assertSee('Repairs first, cracks');
    }
}
