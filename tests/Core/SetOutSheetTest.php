<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Examples\Examples;
use Ondergrond\Examples\Plans;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Dig;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Lines;
use Ondergrond\Plan\Outline;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\Shape;
use Ondergrond\Plan\Wall;
use Ondergrond\Project\Project;
use Ondergrond\SetOut\BaseLine;
use Ondergrond\SetOut\Rectangle;
use Ondergrond\SetOut\Rods;
use Ondergrond\SetOut\SetBack;
use Ondergrond\SetOut\SetOut;
use Ondergrond\SetOut\Target;
use Ondergrond\SetOut\Targets;
use PHPUnit\Framework\TestCase;
use Tests\Lot;

/** What the sheet to set out by says, by plane geometry and sums done here. */
final class SetOutSheetTest extends TestCase
{
    public function test_rectangles_of_an_outline_have_corners_that_one_can_stand_at(): void
    {
        $names = static fn (string $shape): array => array_map(
            static fn (Rectangle $r): string => implode(' ', $r->names).sprintf(
                ' %.3f', $r->diagonal(),
            ), Rectangle::of(self::shape($shape)),
        );
        // By hand: L of 12 × 9 less 5 × 4; 12 × 5 and 7 × 9.
        self::assertSame(['A D on A–B E F 11.402', 'A B C D on F–A 13.000'], $names('l'));
        self::assertSame(['A B C D 14.422'], $names('rectangle'));
        // T: the bar 12 × 4 whole, the stem 4 wide through it.
        self::assertCount(2, $names('t'));
        self::assertSame([], Rectangle::of(Outline::of(['A' => [0.0, 0.0], 'B' => [9.0, 1.0], 'C' => [8.0, 7.0], 'D' => [0.0, 6.0]])));
        // Turned on the sheet it has the same.
        [$c, $s] = [cos(0.7), sin(0.7)];
        $turned = Outline::of(array_map(static fn (array $p): array => [
            $c * $p[0] - $s * $p[1], $s * $p[0] + $c * $p[1],
        ], self::shape('l')->points));
        self::assertSame($names('l'), array_map(
            static fn (Rectangle $r): string => implode(' ', $r->names).sprintf(' %.3f', $r->diagonal()), Rectangle::of($turned),
        ));
    }

    public function test_pegs_beyond_the_dig_stand_in_the_line_of_their_wall_and_clear_of_it(): void
    {
        $lot = Lot::of(28, 40);
        $families = self::projects();
        for ($i = 0; $i < $lot->many; $i++) {
            $design = $lot->one($families)->options[0]->design;
            $outline = self::shape($lot->one(['rectangle', 'l', 't', 'u']));
            $plan = Plan::along($outline->points);
            $dig = Dig::of($design);
            $line = BaseLine::of($plan, $design);
            $say = "seed {$lot->seed}, case {$i}";
            foreach ([[$line->pegs->px, $line->pegs->py], [$line->pegs->qx, $line->pegs->qy]] as [$x, $y]) {
                self::assertGreaterThan($dig->top(), $plan->outline->outside($x, $y), $say);
            }
            $backs = SetBack::of($plan, $dig, $line);
            self::assertCount(2 * count($plan->corners), $backs, $say);
            foreach ($backs as $back) {
                [$a, $b] = [$plan->outline->points[$back->corner], $plan->outline->points[$back->far]];
                self::assertEqualsWithDelta($back->toCorner, Lines::distance([$back->x, $back->y], $a), 1e-9, $say);
                self::assertEqualsWithDelta($back->toFar, Lines::distance([$back->x, $back->y], $b), 1e-9, $say);
                self::assertEqualsWithDelta($back->toFar, $back->toCorner + Lines::distance($a, $b), 1e-9, "in line, {$say}");
                self::assertGreaterThanOrEqual($dig->top() + SetBack::CLEAR - 1e-6, $plan->outline->outside($back->x, $back->y), $say);
            }
            self::assertSame([], SetOut::of($plan, $design, new Items)->inDig, $say);
        }
    }

    public function test_the_dig_slopes_and_is_never_said_to_need_nothing(): void
    {
        // A trench of 0.6 × 1.5 m: 0.90 m³/m upright, 3.15 at 1 : 1, by hand.
        self::assertEqualsWithDelta([0.90, 3.15], [Dig::across(0.6, 1.5, 0.0), Dig::across(0.6, 1.5, 1.0)], 1e-12);
        $outline = self::shape('rectangle');
        foreach (self::projects() as $family => $project) {
            $dig = Dig::of($project->options[0]->design);
            // A sloped dig under a rectangle is a frustum with mitred corners; by thin slices here.
            $volume = $dig->volume($outline);
            $sum = 0.0;
            for ($k = 0; $k < 2000; $k++) {
                $out = $dig->reach + Dig::SLOPE * $dig->floor * ($k + 0.5) / 2000;
                $sum += (12 + 2 * $out) * (8 + 2 * $out) * $dig->floor / 2000;
            }
            $deeper = $dig->trench - $dig->floor;
            $trench = 40 * ($dig->width + Dig::SLOPE * $deeper) * $deeper;
            self::assertEqualsWithDelta($sum + $trench, $volume['sloped'], 1e-4 * max(1.0, $sum), $family);
            self::assertGreaterThanOrEqual($volume['upright'], $volume['sloped'], $family);
            foreach ([-2.0, 0.0, 0.5, 3.0] as $ground) {
                self::assertSame(
                    $dig->trench + $ground >= 1.524 ? 'protection needed' : 'a competent person decides', $dig->protection($ground),
                    $family,
                );
            }
            self::assertGreaterThan($dig->topAt(new Wall), $dig->topAt(new Wall(grade: 0.4, gradeTo: 1.0)), 'higher ground, wider hole');
        }
    }

    public function test_along_a_form_everything_is_marked_from_its_first_corner(): void
    {
        $project = self::projects()['Dyke Lane boathouse'];
        $plan = $project->plan ?? self::fail('it has a plan');
        $out = SetOut::of($plan, $project->options[0]->design, $project->options[0]->layout);
        $marks = [];
        foreach ($out->running as $run) {
            $along = array_column($run->marks, 'along');
            $sorted = $along;
            sort($sorted);
            self::assertSame($sorted, $along, 'the tape is walked once');
            foreach ($run->marks as $mark) {
                self::assertGreaterThanOrEqual(-1e-9, $mark['along']);
                self::assertLessThanOrEqual($run->length + 1e-9, $mark['along']);
                $marks[$mark['name']] = [$run->from, $mark['along'], $mark['in']];
            }
        }
        // As it was put there: 10 ft 6 in along, 7 ft in.
        self::assertEqualsWithDelta(['A', 3.2004, 2.1336], $marks['Waste, changing room'], 1e-9);
    }

    public function test_every_height_is_levelled_with_what_it_may_be_off(): void
    {
        $seen = [];
        foreach (self::projects() as $family => $project) {
            $plan = $project->plan ?? self::fail('each has a plan');
            $targets = Targets::of($plan, $project->options[0]->design, $project->options[0]->layout);
            $rods = Rods::from(10.0, 1.482);
            foreach ($targets as $id => $target) {
                self::assertSame($id, $target->id);
                self::assertLessThanOrEqual(0.0, $target->low, $id);
                self::assertGreaterThan($target->low, $target->high, $id);
                self::assertTrue($target->allows($rods->deviation($target->level, $rods->rod($target->level))), $id);
                self::assertFalse($target->allows($target->high + 0.001), $id);
                self::assertFalse($target->allows($target->low - 0.001), $id);
                $seen[explode(':', $id)[0]] = true;
            }
            self::assertArrayHasKey('level:dig', $targets, $family);
        }
        self::assertArrayHasKey('pad', $seen);
        self::assertArrayHasKey('level', $seen);
        $basement = self::projects()['Music school with practice basement'];
        $names = array_map(static fn (Target $t): string => $t->name, Targets::of(
            $basement->plan ?? self::fail('a plan'), $basement->options[0]->design, $basement->options[0]->layout,
        ));
        foreach (['Footing drain, high end', 'Footing drain, low end', 'Sump'] as $name) {
            self::assertContains($name, $names);
        }
    }

    public function test_rods_that_no_rod_reads_are_refused(): void
    {
        foreach ([[-0.1, 1.0], [9.0, 1.0], [NAN, 1.0], [1.0, INF]] as [$back, $fore]) {
            try {
                Rods::from(10.0, $back)->moved($fore, 1.0);
                self::fail("{$back} {$fore}");
            } catch (FaultyInput $e) {
                self::assertStringContainsString('0 to 8', $e->faults[0]->line());
            }
        }
    }

    /** @return non-empty-array<string, Project> of the demo, drawn */
    private static function projects(): array
    {
        $projects = array_column(array_map(Plans::drawn(...), Examples::all()), null, 'name');

        return $projects === [] ? self::fail('the demo has projects') : $projects;
    }

    private static function shape(string $name): Outline
    {
        return Outline::of(match ($name) {
            'rectangle' => Shape::Rectangle->corners(['length_m' => 12.0, 'width_m' => 8.0]),
            'l' => ['A' => [0.0, 0.0], 'B' => [12.0, 0.0], 'C' => [12.0, 5.0], 'D' => [7.0, 5.0], 'E' => [7.0, 9.0], 'F' => [0.0, 9.0]],
            't' => [
                'A' => [4.0, 0.0], 'B' => [8.0, 0.0], 'C' => [8.0, 5.0], 'D' => [12.0, 5.0], 'E' => [12.0, 9.0], 'F' => [0.0, 9.0],
                'G' => [0.0, 5.0], 'H' => [4.0, 5.0],
            ],
            default => [
                'A' => [0.0, 0.0], 'B' => [13.0, 0.0], 'C' => [13.0, 9.0], 'D' => [9.0, 9.0], 'E' => [9.0, 4.0], 'F' => [4.0, 4.0],
                'G' => [4.0, 9.0], 'H' => [0.0, 9.0],
            ],
        });
    }
}
