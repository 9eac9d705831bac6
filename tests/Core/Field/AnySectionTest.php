<?php

declare(strict_types=1);

namespace Tests\Core\Field;

use Ondergrond\Field\Boundary;
use Ondergrond\Field\Complex;
use Ondergrond\Field\Isotherms;
use Ondergrond\Field\Mesh;
use Ondergrond\Field\MeshSolution;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Solution;
use Ondergrond\Field\Substance;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds of every section, tried on sections drawn by lot: balance, reciprocity, extremes, superposition, growth of cells. */
#[Group('slow')]
final class AnySectionTest extends TestCase
{
    private Randomizer $lot;

    protected function setUp(): void
    {
        $this->lot = new Randomizer(new Mt19937(getenv('SEED') === false ? 20_261_125 : (int) getenv('SEED')));
    }

    public function test_heat_balances_answers_both_ways_and_stays_between_what_drives_it(): void
    {
        for ($n = 0, $many = getenv('LOT') === false ? 15 : (int) getenv('LOT'); $n < $many; $n++) {
            $patches = $this->patches();
            [$a, $b] = [$this->solved($patches, 1, 0), $this->solved($patches, 0, 1)];
            foreach ([$a, $b] as $solution) {
                self::assertLessThan(1e-6, $solution->steady->balance);
                self::assertLessThan(1e-6, $solution->harmonic?->balance);
                foreach (array_filter($solution->steady->nodes, is_float(...)) as $temperature) {
                    self::assertEqualsWithDelta(0.5, $temperature, 0.52);
                }
            }
            // What the top gives when the bottom is warm, the bottom gives when the top is (Betti, Maxwell).
            self::assertEqualsWithDelta(
                $a->steady->flows['top'],
                $b->steady->flows['bottom'],
                1e-5 * abs($a->steady->flows['bottom']) + 1e-9,
            );
            self::assertNotNull($a->harmonic);
            self::assertNotNull($b->harmonic);
            [$one, $other] = [$a->harmonic->flows['top'], $b->harmonic->flows['bottom']];
            self::assertLessThan(1e-5 * $a->harmonic->flows['bottom']->modulus(), $one->minus($other)->modulus());
            // Both warm together: the sum of each alone.
            $both = $this->solved($patches, 3, -2);
            self::assertEqualsWithDelta(
                3 * $a->steady->flows['bottom'] - 2 * $b->steady->flows['bottom'],
                $both->steady->flows['bottom'],
                1e-5 * abs($both->steady->flows['bottom']) + 1e-9,
            );
        }
    }

    public function test_cells_grow_smoothly_in_every_mesh_that_answers(): void
    {
        for ($n = 0; $n < 60; $n++) {
            $mesh = Mesh::of(Problem::of($this->patches(), $this->boundaries(1, 0)))->halved();
            foreach ([$mesh->x, $mesh->y] as $lines) {
                for ($i = 2; $i < count($lines); $i++) {
                    $ratio = ($lines[$i] - $lines[$i - 1]) / ($lines[$i - 1] - $lines[$i - 2]);
                    self::assertLessThanOrEqual(1.3 + 1e-9, max($ratio, 1 / $ratio));
                }
            }
        }
    }

    public function test_an_isotherm_lies_where_its_temperature_is(): void
    {
        for ($n = 0; $n < 10; $n++) {
            $solution = Solution::of(Problem::of($this->patches(), $this->boundaries(1, 0), accuracy: 0.2));
            $lines = Isotherms::lines($solution->mesh, $solution->steady->nodes, 0.4);
            self::assertNotSame([], $lines);
            foreach ($lines as $line) {
                foreach ($line as [$x, $y]) {
                    self::assertEqualsWithDelta(0.4, $solution->temperatureAt($x, $y), 1e-9);
                }
            }
            self::assertMatchesRegularExpression(
                '/^(M\S+ \S+(L\S+ \S+)+)+$/',
                Isotherms::path($solution->mesh, $solution->steady->nodes, 0.4),
            );
            self::assertSame([], Isotherms::lines($solution->mesh, $solution->steady->nodes, 1.5));
        }
    }

    public function test_an_isotherm_around_something_warm_is_closed(): void
    {
        $ground = new Substance('ground', 1.5);
        $solution = Solution::of(Problem::of(
            [Patch::rectangle($ground, 0, 0, 4, 4), Patch::rectangle(null, 1.5, 1.5, 2.5, 2.5)],
            [
                ...array_map(
                    static fn (array $e): Boundary => Boundary::temperature('pipe', $e[0], $e[1], $e[2], $e[3], 10, 0),
                    [[1.5, 1.5, 2.5, 1.5], [2.5, 1.5, 2.5, 2.5], [1.5, 2.5, 2.5, 2.5], [1.5, 1.5, 1.5, 2.5]],
                ),
                ...array_map(
                    static fn (array $e): Boundary => Boundary::temperature('cold', $e[0], $e[1], $e[2], $e[3], 0, 0),
                    [[0, 0, 4, 0], [4, 0, 4, 4], [0, 4, 4, 4], [0, 0, 0, 4]],
                ),
            ],
        ));
        $lines = Isotherms::lines($solution->mesh, $solution->steady->nodes, 5.0);
        self::assertCount(1, $lines);
        self::assertSame($lines[0][0], $lines[0][count($lines[0]) - 1]);
    }

    /**
     * On one and the same mesh, whatever drives it.
     *
     * @param  list<Patch>  $patches
     */
    private function solved(array $patches, float $bottom, float $top): MeshSolution
    {
        return MeshSolution::of(Mesh::of(Problem::of($patches, $this->boundaries($bottom, $top), period: 10 * 86_400))->halved());
    }

    /** @return list<Boundary> */
    private function boundaries(float $bottom, float $top): array
    {
        return [
            Boundary::temperature('bottom', 0, 0, 1.5, 0, $bottom, 0.1, Complex::of($bottom)),
            Boundary::temperature('top', 0.5, 1, 2, 1, $top, 0.04, Complex::of($top)),
        ];
    }

    /** @return list<Patch> a block of 2 × 1 m with pieces of anything in it, none reaching its lower or upper edge */
    private function patches(): array
    {
        $at = fn (float $to): float => $this->lot->getInt(2, (int) (100 * $to) - 2) / 100;
        $patches = [Patch::rectangle(new Substance('block', 1.3, 2e6), 0, 0, 2, 1)];
        for ($i = $this->lot->getInt(1, 6); $i > 0; $i--) {
            [$x, $u, $y, $v] = [$at(2), $at(2), $at(1), $at(1)];
            if ($x === $u || $y === $v) {
                continue;
            }
            // One hole at most, and the last, so that nothing hangs loose in it.
            $substance = $i === 1 && $this->lot->getInt(0, 1) === 0 ? null : new Substance(
                "piece {$i}",
                10 ** ($this->lot->getInt(-16, 22) / 10),
                10 ** ($this->lot->getInt(45, 65) / 10),
            );
            $patches[] = $this->lot->getInt(0, 3) === 0
                ? Patch::polygon($substance, [[$x, $y], [$u, $y], [$u, $v]])
                : Patch::rectangle($substance, $x, $y, $u, $v);
        }

        // Whatever was cut out, the block hangs together along its sides.
        return [
            ...$patches,
            Patch::rectangle(new Substance('block', 1.3, 2e6), 0, 0, 0.01, 1),
            Patch::rectangle(new Substance('block', 1.3, 2e6), 0, 0, 2, 0.01),
            Patch::rectangle(new Substance('block', 1.3, 2e6), 0, 0.99, 2, 1),
        ];
    }
}
