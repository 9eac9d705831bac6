<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Damp\Surface;
use Ondergrond\Design\Done;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Part;
use Ondergrond\Design\Schools\Schools;
use Ondergrond\Design\Side;
use Ondergrond\Examples\Examples;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Section\Course;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\Layout;
use Ondergrond\Section\Region;
use Ondergrond\Section\Window;
use Ondergrond\Takeoff\Takeoff;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Stems of two leaves, and doors over a deck, drawn as they are built. */
final class RealWallsTest extends TestCase
{
    public function test_leaves_and_cavity_are_drawn_each_of_its_own(): void
    {
        $d = self::screed();
        $at = Layout::of($d);
        $boxes = [];
        foreach (EdgeSection::of($d, new Window(3.0, 2.0, 1.5, 2.0))->regions as $r) {
            if (in_array($r->part, [Part::Stem, Part::Cavity], true) && $r->material !== null) {
                $boxes[] = [$r->material->slug, array_map(static fn (float $v): float => round($v, 4), $r->extent())];
            }
        }
        $foot = round($at->stemFoot, 4);
        // The insulation from the top to 300 mm under the finished floor, lean concrete under it, the ground outside at 0.
        self::assertEquals([
            ['light-block', [-0.302, $foot, -0.202, 0.15]],
            ['lean-concrete', [-0.202, $foot, -0.102, -0.15]],
            ['cavity-wool', [-0.202, -0.15, -0.102, 0.0]],
            ['cavity-wool', [-0.202, 0.0, -0.102, 0.15]],
            ['brick', [-0.102, $foot, 0.0, 0.15]],
        ], $boxes);
    }

    public function test_the_course_lies_in_each_leaf_its_tray_falls_outward_and_its_inner_end_meets_the_sheet(): void
    {
        $d = self::screed();
        $courses = static fn (Done $tray): array => array_values(array_map(
            static fn (Course $c): array => $c->path,
            array_filter(
                Course::all($d->with(['dpc' => $d->dpc->but(tray: $tray)]), Layout::of($d), -3.0, new Window(3.0, 2.0, 1.5, 2.0)),
                static fn (Course $c): bool => $c->part === Part::Dpc,
            ),
        ));
        [$one] = $courses(Done::Yes);
        self::assertSame([0.0, 0.15], $one[count($one) - 1], 'out at the face, 150 mm above the ground');
        self::assertEqualsWithDelta(0.075, $one[count($one) - 3][1] - $one[count($one) - 2][1], 1e-9, 'falling outward across the cavity');
        self::assertEqualsWithDelta(Layout::of($d)->slab, $one[0][1], 1e-9, 'down at the slab');
        self::assertCount(2, $courses(Done::No), 'without a tray nothing crosses the cavity');
    }

    public function test_files_hold_leaves_and_refuse_what_is_no_cavity(): void
    {
        $data = DesignCodec::toArray(self::screed());
        self::assertSame(['fill' => 'cavity-wool', 'to_below_floor_m' => 0.3, 'lean_fill' => 'yes'], $data['cavity']);
        self::assertEquals(self::screed(), DesignCodec::fromArray($data));
        foreach ([
            '/stem/leaves' => ['stem.leaves' => [$data['stem']['leaves'][0]]],
            '/stem/thickness_m' => ['stem.thickness_m' => 0.21],
            '/cavity/fill' => ['cavity.fill' => 'crushed-stone'],
            '/cavity/to_below_floor_m' => ['stem.leaves' => []],
            '/form/outside_m' => ['form.outside_m' => 0.06],
        ] as $pointer => $change) {
            $changed = $data;
            foreach ($change as $path => $value) {
                [$part, $key] = explode('.', $path);
                $changed[$part][$key] = $value;
            }
            try {
                DesignCodec::fromArray($changed);
                self::fail("{$pointer} is refused");
            } catch (FaultyInput $e) {
                self::assertContains($pointer, array_column($e->faults, 'pointer'));
            }
        }
    }

    /** Every way from leaves to another stem and back leaves nothing of a cavity behind. */
    public function test_the_school_of_walls_goes_there_and_back(): void
    {
        $school = Schools::all()['wall-kind'];
        foreach (['poured', 'masonry', 'form'] as $answer) {
            $then = $school->follow(self::screed(), $answer);
            self::assertSame($answer, $school->answer($then));
            self::assertFalse($then->cavity->present());
            $back = $school->follow($then, 'leaves');
            self::assertEquals(self::screed()->stem->leaves, $back->stem->leaves, 'those of the wall over it');
            self::assertTrue($back->cavity->present());
        }
    }

    public function test_each_leaf_is_counted(): void
    {
        $found = [];
        foreach (Takeoff::of(self::screed()) as $item) {
            if (in_array($item->part, [Part::Stem, Part::Cavity], true)) {
                $found[$item->material->slug] = $item->area * $item->thickness;
            }
        }
        // 10 × 6 m: 32 m of edge; the stem from the footing's top at −0.65 to 0.15, wool 0.30 m of it.
        self::assertEqualsWithDelta([
            'light-block' => 32 * 0.8 * 0.1, 'brick' => 32 * 0.8 * 0.102, 'cavity-wool' => 32 * 0.3 * 0.1,
            'lean-concrete' => 32 * 0.5 * 0.1,
        ], $found, 1e-9);
    }

    #[DataProvider('decks')]
    public function test_a_door_over_a_deck_stands_on_it(string $family): void
    {
        $site = Examples::of($family)->site ?? Examples::boathouse()->site;
        $d = Families::all()[$family]->preset(Footprint::rectangle(12.0, 8.0)->along(doors: 1.0), UnitSystem::Metric);
        $leaves = array_filter(
            EdgeSection::of($d, new Window(3.0, 2.0, 2.5, 2.0), Side::Door)->regions,
            static fn (Region $r): bool => $r->part === Part::Wall && abs($r->extent()[3] - 2.5) < 1e-6,
        );
        self::assertCount(1, $leaves, 'only its leaf goes on up');
        self::assertEqualsWithDelta($d->deck->topAboveGrade, array_values($leaves)[0]->extent()[1], 1e-9);
        $assessed = Assessor::assess($site, $d);
        $at = static fn (string $side): float => min([1.0, ...array_map(
            static fn (Surface $s): float => $s->factor,
            array_filter($assessed->damp->surfaces ?? [],
                static fn (Surface $s): bool => $s->side === $side && $s->name !== 'floor along the wall'),
        )]);
        // ISO 13788 keeps 0.7 for common rooms: a door's sill is colder than a wall's foot, and no hole in the wall.
        self::assertGreaterThan(0.7, $at('door'), $family);
        self::assertSame(null, $assessed->judgement->find('break-at-doors'));
    }

    /** @return iterable<string, array{string}> */
    public static function decks(): iterable
    {
        foreach (['vented-crawlspace', 'conditioned-crawlspace', 'unheated-basement', 'heated-basement'] as $family) {
            yield $family => [$family];
        }
    }

    private static function screed(): \Ondergrond\Design\Design
    {
        return Families::all()['insulated-screed-floor']->preset(Footprint::rectangle(10.0, 6.0), UnitSystem::Metric);
    }
}
