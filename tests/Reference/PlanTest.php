<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Side;
use Ondergrond\Drawing\PlanDrawing;
use Ondergrond\Examples\Examples;
use Ondergrond\Examples\Plans;
use Ondergrond\Exchange\DxfWriter;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Kinds;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Outline;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Plan\Shape;
use Ondergrond\Plan\WallKind;
use Ondergrond\Project\TypedFloor;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Outlines against Debian's python3-shapely, the drawing against python3-ezdxf, and what a plan may and may not change. */
final class PlanTest extends TestCase
{
    private const SHAPELY = <<<'PY'
        import json, sys
        from shapely.geometry import Polygon, Point
        out = []
        for case in json.load(sys.stdin):
            p = Polygon(case['points'])
            if not p.is_valid:
                out.append(None)
                continue
            i = p.buffer(-case['by'], join_style=2, mitre_limit=1e6)
            out.append({'area': p.area, 'length': p.length, 'pieces': len(getattr(i, 'geoms', [i])), 'empty': i.is_empty,
                        'inner_area': i.area, 'inner_length': i.length,
                        'away': [(-1 if p.contains(Point(q)) else 1) * p.exterior.distance(Point(q)) for q in case['at']]})
        print(json.dumps(out))
        PY;

    private const LOT = 500;

    public function test_random_outlines_measure_as_another_program_measures_them(): void
    {
        $seed = random_int(1, 1 << 30);
        mt_srand($seed);
        $cases = $ours = [];
        for ($i = 0; $i < self::LOT; $i++) {
            $points = $i % 2 === 0 ? self::shape() : self::star();
            $cases[] = [
                'points' => array_values($points), 'by' => mt_rand(5, 60) / 100,
                'at' => array_map(static fn (): array => [mt_rand(-500, 2500) / 100, mt_rand(-500, 2500) / 100], range(1, 4)),
            ];
            $ours[] = $points;
        }
        $read = new Process(['/usr/bin/python3', '-c', self::SHAPELY], input: json_encode($cases, JSON_THROW_ON_ERROR), timeout: 120);
        $read->mustRun();
        $inset = $refused = 0;
        foreach (json_decode($read->getOutput(), true, flags: JSON_THROW_ON_ERROR) as $i => $theirs) {
            try {
                $outline = Outline::of($ours[$i]);
            } catch (FaultyInput) {
                // A corner sharper than any building's, or walls a hair apart, are refused though they are simple.
                $refused += $theirs === null ? 0 : 1;

                continue;
            }
            self::assertNotNull($theirs, "seed {$seed}, case {$i}: crosses itself and is taken");
            self::assertEqualsWithDelta($theirs['area'], $outline->area(), 1e-9 * $theirs['area'], "seed {$seed}, case {$i}");
            self::assertEqualsWithDelta($theirs['length'], $outline->perimeter(), 1e-9 * $theirs['length']);
            foreach ($cases[$i]['at'] as $k => [$x, $y]) {
                self::assertEqualsWithDelta($theirs['away'][$k], $outline->outside($x, $y), 1e-9, "seed {$seed}, case {$i}");
            }
            try {
                $inner = $outline->inset($cases[$i]['by']);
            } catch (FaultyInput) {
                continue;
            }
            $inset++;
            self::assertSame([1, false], [$theirs['pieces'], $theirs['empty']], "seed {$seed}, case {$i}");
            self::assertEqualsWithDelta($theirs['inner_area'], $inner->area(), 1e-7 * $theirs['area'], "seed {$seed}, case {$i}");
            self::assertEqualsWithDelta($theirs['inner_length'], $inner->perimeter(), 1e-7 * $theirs['length'], "seed {$seed}, case {$i}");
        }
        self::assertGreaterThan(self::LOT / 2, $inset, "seed {$seed}");
        self::assertLessThan(self::LOT / 50, $refused, "seed {$seed}");
    }

    public function test_drawing_what_was_typed_changes_no_figure_to_the_last_digit(): void
    {
        $drawn = [];
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                foreach ([[Shape::Rectangle, []], [Shape::L, ['part_length_m' => 2.0, 'part_width_m' => 1.0]],
                    [
                        Shape::T, ['part_length_m' => 2.0, 'part_width_m' => 1.0],
                    ], [Shape::U, ['part_length_m' => 1.5, 'part_width_m' => 0.8]],
                ] as [$shape, $open]) {
                    try {
                        $plan = TypedFloor::plan($option->design, $shape, $open);
                    } catch (FaultyInput) {
                        continue;
                    }
                    $then = PlannedDesign::of($plan, $option->design);
                    self::assertEquals($option->design, $then, "{$project->name}, {$option->name}, {$shape->value}");
                    if ($shape === Shape::Rectangle) {
                        self::assertSame(
                            DesignCodec::toArray($option->design), DesignCodec::toArray($then), "{$project->name}, {$option->name}",
                        );
                    }
                    $drawn[$shape->value] = ($drawn[$shape->value] ?? 0) + 1;
                }
            }
        }
        self::assertCount(4, $drawn);
        self::assertGreaterThan(5, min([INF, ...array_values($drawn)]));
    }

    public function test_every_familys_example_carries_a_plan_two_of_them_whole(): void
    {
        foreach (array_keys(Families::all()) as $family) {
            $project = Examples::of($family);
            self::assertNotNull($project, $family);
            $drawn = Plans::drawn($project);
            self::assertNotNull($drawn->plan, $family);
            self::assertEquals($drawn, ProjectFile::read(ProjectFile::write($drawn)), $family);
        }
        foreach (['thickened-edge-slab' => 13, 'heated-basement' => 9] as $family => $least) {
            $drawn = Plans::drawn(Examples::of($family) ?? Examples::boathouse());
            $kinds = array_unique(array_map(get_class(...), [...$drawn->plan->items->all ?? [], ...$drawn->options[0]->layout->all]));
            self::assertGreaterThanOrEqual($least, count($kinds), $family);
            self::assertNotSame([], $drawn->plan->openings ?? []);
        }
    }

    public function test_turned_mirrored_and_shifted_plans_come_to_the_same(): void
    {
        $seed = random_int(1, 1 << 30);
        mt_srand($seed);
        $project = Examples::boathouse();
        $design = $project->options[0]->design;
        for ($i = 0; $i < 60; $i++) {
            $shape = Shape::cases()[$i % 4];
            [$part, $l, $w] = [mt_rand(150, 250) / 100, mt_rand(800, 2000) / 100, mt_rand(800, 1500) / 100];
            $points = $shape->corners([
                'length_m' => $l, 'width_m' => $w, 'part_length_m' => $part, 'part_width_m' => $part, 'from_m' => mt_rand(60, 400) / 100,
            ]);
            $walls = array_map(static fn (): WallKind => WallKind::cases()[mt_rand(0, 5)], $points);
            // One wall at least lets heat out.
            $walls['A'] = WallKind::Outside;
            [$c, $s, $flip, $x, $y] = [cos($i), sin($i), $i % 3 === 0 ? -1.0 : 1.0, mt_rand(-900, 900) / 10, mt_rand(-900, 900) / 10];
            $moved = array_map(static fn (array $p): array => [
                $flip * ($p[0] * $c - $p[1] * $s) + $x, $p[0] * $s + $p[1] * $c + $y,
            ], $points);
            $one = PlannedDesign::footprint(Plan::along($points, $walls), $design);
            $other = PlannedDesign::footprint(Plan::along($moved, $walls), $design);
            foreach (get_object_vars($one) as $name => $value) {
                self::assertEqualsWithDelta($value, get_object_vars($other)[$name], 2e-9 * max(1.0, $value), "seed {$seed}, {$i}: {$name}");
            }
            $lost = static fn (Footprint $of): float => Assessor::formulas($project->site, $design->with(['footprint' => $of]))
                ->floor->steadyCoefficient;
            self::assertEqualsWithDelta(1.0, $lost($other) / $lost($one), 1e-9, "seed {$seed}, {$i}");
        }
    }

    public function test_what_lies_beyond_each_wall_gives_the_stretches_of_the_edge(): void
    {
        $project = Examples::of('thickened-edge-slab');
        self::assertNotNull($project);
        $design = $project->options[0]->design;
        $wall = PlannedDesign::wall($design);
        $l = Shape::L->corners(
            ['length_m' => 12.0 + 2 * $wall, 'width_m' => 9.0 + 2 * $wall, 'part_length_m' => 5.0, 'part_width_m' => 4.0],
        );
        $footprint = PlannedDesign::footprint(Plan::along($l, ['A' => WallKind::Heated, 'F' => WallKind::Garage]), $design);
        self::assertEqualsWithDelta([12 * 9 - 5 * 4, 42.0, 30.0, 12.0], [
            $footprint->area, $footprint->perimeter, $footprint->exposed, $footprint->party,
        ], 1e-9);
        self::assertSame(0.0, $footprint->garage, 'this design has no section beside a garage');
        self::assertCount(1, PlannedDesign::unmet(Plan::along($l, ['F' => WallKind::Garage]), $design));
        $with = $design->with(['neighbour' => $design->neighbour->but(width: 3.0), 'footprint' => $design->footprint->along(garage: 2.0)]);
        $planned = PlannedDesign::of(Plan::along($l, ['F' => WallKind::Garage]), $with);
        self::assertEqualsWithDelta(9.0, Stretch::like($planned, Side::Neighbour)->length, 1e-9);
    }

    public function test_a_plan_reads_back_as_it_was_written_and_says_what_is_wrong(): void
    {
        $project = Examples::of('thickened-edge-slab');
        self::assertNotNull($project);
        $data = PlanCodec::toArray(Plan::along(Shape::U->corners([
            'length_m' => 14.0, 'width_m' => 10.0, 'part_length_m' => 4.0, 'part_width_m' => 3.0, 'from_m' => 5.0,
        ]), ['C' => WallKind::Porch]));
        $id = '01HZX3V8Q0000000000000000A';
        $data['items'] = [$id => [...PlanCodec::fresh(Post::class, 'Post 1'), 'x_m' => 2.0, 'y_m' => 3.0, 'level_m' => 0.1]];
        $data['openings'] = ['01HZX3V8Q0000000000000000B' => [
            'wall' => 'A', 'from_m' => 2.0, 'width_m' => 1.2, 'kind' => 'door', 'sill_m' => 0.0, 'well_out_m' => 0.0, 'well_depth_m' => 0.0,
        ]];
        $plan = PlanCodec::fromArray($data);
        self::assertEquals($data, PlanCodec::toArray($plan));
        $planned = $project->planned($plan);
        self::assertEquals($planned, ProjectFile::read(ProjectFile::write($planned)));
        $json = ProjectFile::write($planned);
        self::assertSame([], ProjectFile::notes($planned, $json));
        $other = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        $other['options'][0]['design']['footprint']['area_m2'] *= 1.02;
        $other = json_encode($other, JSON_THROW_ON_ERROR);
        self::assertEquals($planned, ProjectFile::read($other), 'the plan counts');
        self::assertStringContainsString('The plan counts', implode(' ', ProjectFile::notes($planned, $other)));

        foreach ([
            ['corners', ['B' => ['x_m' => -2.0, 'y_m' => 5.0, 'next' => 'C']], 'crosses'],
            ['corners', ['B' => ['x_m' => 14.0, 'y_m' => 0.0, 'next' => 'Q']], 'once round'],
            ['corners', ['b.c' => ['x_m' => 1.0, 'y_m' => 1.0, 'next' => 'A']], 'capitals'],
            ['items', [$id => ['x_m' => 7.0, 'y_m' => 9.0]], '2.000 m outside the outline'],
            ['items', [$id => ['kind' => 'tree']], '“post”'],
            ['items', ['01HZX3V8Q0000000000000000C' => [...$data['items'][$id], 'name' => 'Post 2']], 'where Post 1 stands'],
            ['openings', ['01HZX3V8Q0000000000000000D' => ['wall' => 'A', 'from_m' => 2.5, 'width_m' => 1.2]], 'an opening in another'],
            ['openings', ['01HZX3V8Q0000000000000000D' => ['wall' => 'Q', 'from_m' => 2.5, 'width_m' => 1.2]], '“Q”'],
            ['corners', ['B' => ['x_m' => 0.0, 'y_m' => 0.0, 'next' => 'C']], 'without a length'],
            ['openings', ['01HZX3V8Q0000000000000000B' => ['wall' => 'A', 'from_m' => 13.5, 'width_m' => 1.2]], 'allowed: 0 to 12.8'],
            ['walls', ['X' => ['kind' => 'garage']], 'without its corner'],
        ] as [$map, $with, $said]) {
            try {
                PlanCodec::fromArray([...$data, $map => array_replace_recursive($data[$map], $with)]);
                self::fail($said);
            } catch (FaultyInput $e) {
                self::assertStringContainsString($said, implode(' | ', array_map(static fn ($f) => $f->line(), $e->faults)));
            }
        }
    }

    public function test_another_program_opens_the_drawing_true_to_scale(): void
    {
        $project = Examples::of('thickened-edge-slab');
        self::assertNotNull($project);
        $plan = Plan::along(Shape::L->corners(['length_m' => 12.0, 'width_m' => 9.0, 'part_length_m' => 5.0, 'part_width_m' => 4.0]));
        $items = [];
        foreach (array_values(Kinds::all()) as $i => $kind) {
            $ends = $kind::isRun() ? ['to_x_m' => 6.0, 'to_y_m' => 4.0] : [];
            $items[sprintf('01HZX3V8Q000000000000000%02d', $i)] = [
                ...PlanCodec::fresh($kind, $kind::label(), $project->options[0]->design), 'x_m' => 1.0 + 0.3 * $i, 'y_m' => 2.0, ...$ends,
            ];
        }
        $items = PlanCodec::itemsFromArray($items);
        $drawing = PlanDrawing::of($plan, $project->options[0]->design, $items, new QuantityFormatter(UnitSystem::Metric));
        $file = tempnam(sys_get_temp_dir(), 'dxf');
        file_put_contents($file, DxfWriter::write($drawing, 'Plan', 'sha256:0'));
        $read = new Process(['/usr/bin/python3', '-c', <<<'PY'
            import json, sys, ezdxf
            from ezdxf.lldxf.encoding import decode_dxf_unicode
            doc = ezdxf.readfile(sys.argv[1])
            space = doc.modelspace()
            rings = [[list(v.dxf.location)[:2] for v in e.vertices] for e in space.query('POLYLINE') if e.is_closed]
            print(json.dumps({'errors': [str(e.message) for e in doc.audit().errors], 'rings': rings,
                              'texts': [decode_dxf_unicode(e.dxf.text) for e in space.query('TEXT')]}))
            PY, $file]);
        $read->mustRun();
        unlink($file);
        $found = json_decode($read->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame([], $found['errors']);
        $points = array_merge(...$found['rings']);
        foreach ($plan->outline->points as [$x, $y]) {
            $near = array_filter($points, static fn (array $p): bool => hypot($p[0] - 1000 * $x, $p[1] - 1000 * $y) < 0.01);
            self::assertNotSame([], $near, "corner {$x}, {$y} in mm");
        }
        self::assertSame([], array_diff([
            '12 m', '9 m', 'A', ...array_map(
                static fn (string $kind, int $i): string => ($i + 1).' '.$kind::label(), array_values(Kinds::all()), array_keys(
                    array_values(Kinds::all()),
                ),
            ),
        ], $found['texts']));
    }

    /** @return array<string, array{float, float}> */
    private static function shape(): array
    {
        $shape = Shape::cases()[mt_rand(0, 3)];
        [$l, $w] = [mt_rand(600, 2500) / 100, mt_rand(600, 2000) / 100];
        $part = mt_rand(100, 200) / 100;
        $points = $shape->corners([
            'length_m' => $l, 'width_m' => $w, 'part_length_m' => $part, 'part_width_m' => $part,
            'from_m' => mt_rand(50, (int) (100 * ($l - $part - 0.5))) / 100,
        ]);
        // Turned, and walked the other way round half of the time.
        $a = mt_rand(0, 628) / 100;
        $points = array_map(static fn (array $p): array => [$p[0] * cos($a) - $p[1] * sin($a), $p[0] * sin($a) + $p[1] * cos($a)], $points);

        return mt_rand(0, 1) === 1 ? array_reverse($points, true) : $points;
    }

    /** @return array<string, array{float, float}> any polygon, now and then one that crosses itself */
    private static function star(): array
    {
        $n = mt_rand(3, 9);
        $points = [];
        for ($i = 0; $i < $n; $i++) {
            $a = 2 * M_PI * ($i + (mt_rand(0, 5) === 0 ? 1.7 : 0.0)) / $n + mt_rand(-20, 20) / 100 / $n;
            $r = mt_rand(400, 1500) / 100;
            $points[chr(ord('A') + $i)] = [10 + $r * cos($a), 10 + $r * sin($a)];
        }

        return $points;
    }
}
