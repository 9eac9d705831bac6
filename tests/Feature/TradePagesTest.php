<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Queue;
use Ondergrond\Examples\Examples;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\TestCase;

/** Posts, forms, bars, covers, mixes and floors: each size typed on the page, judged, written to a file and read back. */
final class TradePagesTest extends TestCase
{
    use TypedSizes;

    private const POSTS = ['stem-wall-slab', 'D · crane post and loft wall'];

    private const FORM = ['heated-basement', 'E · form all the way up'];

    private const FLOOR = ['heat-storing-slab', 'C · the slab as the floor'];

    /** @return iterable<string, array{array{string, string}, string, string, mixed, string, mixed}> */
    public static function sizes(): iterable
    {
        foreach ([
            [self::POSTS, 'design.supports.posts.0.permanent_kn', '400 kN', 400.0, 'findings', 'support-carried'],
            [self::POSTS, 'design.supports.posts.0.live_kn', '0', 0.0, 'load.inputs.supports.posts.0.live_kn', 0],
            [self::POSTS, 'design.supports.posts.0.plate_m', '24', 0.6096, 'findings', 'hard-board-wide-enough'],
            [self::POSTS, 'design.supports.posts.0.foot', 'slab', 'slab', 'load.inputs.supports.posts.0.foot', 'slab'],
            [self::POSTS, 'design.supports.posts.0.material', 'xps-100psi', 'xps-100psi',
                'load.inputs.supports.posts.0.material', 'xps-100psi'],
            [self::POSTS, 'design.supports.posts.0.width_m', '8', 0.2032, 'findings', 'hard-board-wide-enough'],
            [self::POSTS, 'design.supports.posts.1.height_m', '2', 0.0508, 'load.inputs.supports.posts.1.height_m', 0.0508],
            [self::POSTS, 'design.supports.posts.0.from_edge_m', '50', 1.27, 'load.inputs.supports.posts.0.from_edge_m', 1.27],
            [self::POSTS, 'design.supports.posts.0.count', '3', 3.0, 'load.inputs.supports.posts.0.count', 3],
            [self::POSTS, 'design.supports.strips.0.permanent_kn_m', '60 kN/m', 60.0, 'findings', 'support-carried'],
            [self::POSTS, 'design.supports.strips.0.live_kn_m', '0', 0.0, 'load.inputs.supports.strips.0.live_kn_m', 0],
            [self::POSTS, 'design.supports.strips.0.length_m', '9 m', 9.0, 'load.inputs.supports.strips.0.length_m', 9],
            [self::POSTS, 'design.anchors.bolt_m', '3/8', 0.009525, 'findings', 'bolts-hold-plate'],
            [self::POSTS, 'design.anchors.apart_m', '96', 2.4384, 'findings', 'bolts-hold-plate'],
            [self::POSTS, 'design.anchors.deep_m', '4', 0.1016, 'findings', 'bolts-hold-plate'],
            [self::POSTS, 'design.anchors.from_end_m', '16', 0.4064, 'findings', 'bolts-hold-plate'],
            [self::POSTS, 'design.anchors.set', 'drilled', 'drilled', 'option', 'D · crane post and loft wall'],
            [self::POSTS, 'design.footing.casting', 'footing-first', 'footing-first', 'option', 'D · crane post and loft wall'],
            [self::POSTS, 'design.footing.braced', 'no', 'no', 'findings', 'one-pour-braced'],
            [self::POSTS, 'design.threshold.width_m', '4', 0.1016, 'findings', 'threshold-carries-frame'],
            [self::POSTS, 'design.threshold.frame_m', '5', 0.127, 'option', 'D · crane post and loft wall'],
            [self::POSTS, 'design.threshold.sill_m', '1', 0.0254, 'findings', 'sill-finishes-flush'],
            [self::FORM, 'design.form.course_m', '450 mm', 0.45, 'findings', 'courses-fit-wall'],
            [self::FORM, 'design.form.joints_m', '100 mm', 0.1, 'findings', 'form-joints-apart'],
            [self::FORM, 'design.form.tied', 'no', 'no', 'findings', 'first-courses-tied'],
            [self::FORM, 'design.form.ledge_m', '50 mm', 0.05, 'findings', 'ledge-over-ground'],
            [self::FORM, 'design.form.ledge_height_m', '-100 mm', -0.1, 'findings', 'ledge-over-ground'],
            [self::FORM, 'design.bucks.openings', 'not-said', 'not-said', 'option', 'E · form all the way up'],
            [self::FORM, 'design.bucks.sized', 'no', 'no', 'findings', 'bucks-let-concrete-in'],
            [self::FORM, 'design.bucks.holes', 'no', 'no', 'findings', 'bucks-let-concrete-in'],
            [self::FORM, 'design.bucks.sloped', 'no', 'no', 'findings', 'bucks-let-concrete-in'],
            [self::FORM, 'design.bucks.to_core', 'no', 'no', 'findings', 'form-airtight'],
            [self::FORM, 'design.bucks.to_liner', 'no', 'no', 'findings', 'form-airtight'],
            [self::FORM, 'design.bucks.to_window', 'no', 'no', 'findings', 'form-airtight'],
            [self::FORM, 'design.walkout.wall', 'timber', 'timber', 'option', 'E · form all the way up'],
            [self::FORM, 'design.edge_steel.bar_m', '20 mm', 0.02, 'findings', 'laps-long-enough'],
            [self::FORM, 'design.edge_steel.count', '20', 20.0, 'findings', 'edge-bars-fit'],
            [self::FORM, 'design.edge_steel.mats', '2', 2.0, 'option', 'E · form all the way up'],
            [self::FORM, 'design.edge_steel.cover_m', '40 mm', 0.04, 'findings', 'edge-bars-covered'],
            [self::FORM, 'design.edge_steel.dowel_m', '20 mm', 0.02, 'findings', 'laps-long-enough'],
            [self::FORM, 'design.edge_steel.dowel_spacing_m', '900 mm', 0.9, 'findings', 'dowels-close-enough'],
            [self::FORM, 'design.edge_steel.wall_bar_m', '0 mm', 0.0, 'findings', 'tall-walls-tied'],
            [self::FORM, 'design.edge_steel.wall_spacing_m', '300 mm', 0.3, 'option', 'E · form all the way up'],
            [self::FORM, 'design.edge_steel.wall_cover_m', '60 mm', 0.06, 'option', 'E · form all the way up'],
            [self::FORM, 'design.edge_steel.lap_m', '300 mm', 0.3, 'findings', 'laps-long-enough'],
            [self::FORM, 'design.cover.backing', 'direct', 'direct', 'findings', 'render-built-up'],
            [self::FORM, 'design.cover.behind.0.kind', 'felt', 'felt', 'findings', 'felt-off-foam'],
            [self::FORM, 'design.cover.behind.1.lapped', 'no', 'no', 'findings', 'layers-shed-water'],
            [self::FORM, 'design.cover.held', 'concrete', 'concrete', 'findings', 'cover-screws-long'],
            [self::FORM, 'design.cover.screw_m', '20 mm', 0.02, 'findings', 'cover-screws-long'],
            [self::FORM, 'design.cover.screws_apart_m', '700 mm', 0.7, 'findings', 'cover-screws-close'],
            [self::FORM, 'design.cover.keyed', 'yes', 'yes', 'findings', 'render-parted-from-sheet'],
            [self::FORM, 'design.cover.foot', 'paving', 'paving', 'findings', 'cover-foot-drains'],
            [self::FORM, 'design.cover.paper', 'no', 'no', 'option', 'E · form all the way up'],
            [self::FORM, 'design.shield.strip_m', '80 mm', 0.08, 'option', 'E · form all the way up'],
            [self::FORM, 'design.drains.made', 'form-boards', 'form-boards', 'option', 'E · form all the way up'],
            [self::FORM, 'design.steel.made', 'polymer', 'polymer', 'findings', 'polymer-ordered-bent'],
            [self::FLOOR, 'design.stone_over.thickness_m', '80 mm', 0.08, 'option', 'C · the slab as the floor'],
            [self::FLOOR, 'design.mix.class', 'c16', 'c16', 'findings', 'concrete-strong-enough'],
            [self::FLOOR, 'design.mix.replaced_share', '50 %', 0.5, 'findings', 'cement-replaced-modestly'],
            [self::FLOOR, 'design.mix.slump_m', '200 mm', 0.2, 'findings', 'slump-modest'],
            [self::FLOOR, 'design.mix.fibres', 'yes', 'yes', 'option', 'C · the slab as the floor'],
            [self::FLOOR, 'design.mix.screed_water_cement_ratio', '0.4', 0.4, 'option', 'C · the slab as the floor'],
            [self::FLOOR, 'design.heating.cable_depth_m', '110 mm', 0.11, 'findings', 'cable-parted-from-pipes'],
            [self::FLOOR, 'design.heating.cable_when', 'not-said', 'not-said', 'findings', 'cable-days-said'],
            [self::FLOOR, 'design.finish.exposure', 'coarse', 'coarse', 'findings', 'grind-stops-in-time'],
            [self::FLOOR, 'design.finish.grit', '800', 800.0, 'findings', 'grind-stops-in-time'],
            [self::FLOOR, 'design.finish.flatness_m', '6 mm', 0.006, 'findings', 'ground-floor-flat'],
            [self::FLOOR, 'design.finish.areas.0.kind', 'wood', 'wood', 'option', 'C · the slab as the floor'],
            [self::FLOOR, 'design.finish.areas.0.area_m2', '500', 500.0, 'findings', 'finish-areas-fit'],
            [self::FLOOR, 'design.steel.chairs', 'wire', 'wire', 'findings', 'chairs-hold-bars'],
            [self::FLOOR, 'design.sheet.class', 'c', 'c', 'option', 'C · the slab as the floor'],
            [self::FLOOR, 'design.sheet.barrier', 'yes', 'yes', 'option', 'C · the slab as the floor'],
            [self::FLOOR, 'design.edge_outside.held', 'earth', 'earth', 'findings', 'boards-held-in-ground'],
            [self::FLOOR, 'design.edge_outside.wedge_m', '30 mm', 0.03, 'option', 'C · the slab as the floor'],
        ] as $row) {
            yield $row[1] => $row;
        }
    }

    /** @param  array{string, string}  $of  family of the example, and its option */
    #[DataProvider('sizes')]
    public function test_it_is_typed_judged_written_and_read_back(
        array $of, string $path, string $typed, mixed $stored, string $shown, mixed $what,
    ): void {
        $this->open($of);
        $this->assertHeld($path, $typed, $stored, $shown, $what);
    }

    public function test_what_cannot_be_is_said_at_its_field_and_what_was_saved_stays(): void
    {
        $this->open(self::POSTS);
        foreach ([
            'supports.posts.0.permanent_kn' => 'heavy', 'supports.posts.0.foot' => 'sand', 'supports.posts.0.from_edge_m' => '40 m',
            'supports.posts.0.material' => 'cavity-wool', 'anchors.bolt_m' => '1 m', 'footing.casting' => 'perhaps',
        ] as $path => $text) {
            $data = [];
            Arr::set($data, 'design.'.$path, $text);
            $this->save($data)->assertSessionHasErrors('design.'.$path);
        }
        self::assertSame(9.0, $this->option->refresh()->design->supports->posts[0]->permanent);
    }

    public function test_kinds_come_and_go_by_a_press_and_hard_board_by_the_remedy(): void
    {
        $this->open(self::POSTS);
        $design = fn () => $this->option->refresh()->design;
        $this->save(['act' => 'add:supports.strips'])->assertSessionHasNoErrors();
        self::assertCount(2, $design()->supports->strips);
        $this->save(['act' => 'remove:supports.strips:1'])->assertSessionHasNoErrors();
        $this->save(['design' => ['supports' => ['posts' => [['foot' => 'slab', 'permanent_kn' => '20 kN']]]]])->assertSessionHasNoErrors();
        $page = "/projects/{$this->project->id}/section/{$this->option->id}";
        $this->get($page)->assertOk()->assertSee('Posts and bearing walls')->assertSee('post kind 1');
        $this->save(['act' => 'remedy:support-carried'])->assertSessionHasNoErrors();
        self::assertSame('hard-board', $design()->supports->posts[0]->foot->value);
        $this->get("{$page}/section.dxf")->assertOk()->assertSee('psi');
        $this->save(['act' => 'out:supports'])->assertSessionHasNoErrors();
        self::assertFalse($design()->supports->present());
        $this->get("{$page}/history")->assertOk();
    }

    /** @param  array{string, string}  $of */
    private function open(array $of): void
    {
        Queue::fake();
        $this->project = Project::store(Examples::of($of[0]) ?? throw new RuntimeException, $this->firm, 'The test');
        $this->option = $this->project->options()->where('name', $of[1])->firstOrFail();
    }
}
