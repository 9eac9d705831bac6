<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Design\Side;
use Ondergrond\Field\Boundary;
use Ondergrond\Field\Hierarchy;
use Ondergrond\Field\Mesh;
use Ondergrond\Field\Network;
use Ondergrond\Field\NodeValues;
use Ondergrond\Field\Problem;
use Ondergrond\Field\SteadyField;
use Ondergrond\Field\SteadySolver;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\SectionProblem;

/** Finds the coldest place of every surface that rooms touch, by the field (ISO 10211:2007, 9.1; ISO 13788:2012, 5). */
final class Surfaces
{
    /** Where outdoor air is less colder than inside, f_Rsi is reckoned as if it were so much, K: it says nothing as they meet. */
    private const COLDER = 2.0;

    /** What a surface misses that is as warm as the room, K for one kelvin. */
    private const SLIGHT = 0.01;

    /** Residual of the sheltered field, which only has to give a ratio. */
    private const TOLERANCE = 1e-5;

    /** So many of the coldest places of a surface are looked at as if they were sheltered. */
    private const CANDIDATES = 6;

    /**
     * @param  array<string, GroundField>  $sides  by stretch
     * @return list<Surface>
     */
    public static function of(array $sides, DampAir $air): array
    {
        $all = [];
        foreach ($sides as $side => $ground) {
            $missing = self::missing($ground);
            foreach (self::coldest($ground, $missing) as $name => [$x, $y]) {
                $all[] = self::surface($side, $name, $x, $y, $missing($x, $y), $ground, $air);
            }
        }

        return $all;
    }

    /**
     * The f_Rsi that keeps the humidity at surfaces below its limit in every month (ISO 13788:2012, 5.3).
     *
     * @return array{float, int|null} f_Rsi and its month, 1 to 12; 0 and null where the air is never dangerous
     */
    public static function needed(DampAir $air): array
    {
        $most = [0.0, null];
        foreach (self::neededBy($air) as $i => $least) {
            if ($least !== null && $least > $most[0]) {
                $most = [$least, $i + 1];
            }
        }

        return $most;
    }

    /** @return list<float|null> the same of each month, January first; null where it is as warm outside as inside */
    public static function neededBy(DampAir $air): array
    {
        return array_map(static function (float $in, float $out, float $pressure): ?float {
            return $in <= $out ? null : (Vapour::dewPoint($pressure / Surface::LIMIT) - $out) / max(self::COLDER, $in - $out) * min(
                1.0,
                ($in - $out) / self::COLDER,
            );
        }, $air->inside, $air->outside, $air->insidePressure);
    }

    /**
     * What the surface of a sheltered place misses to the room's air, for one kelvin between inside and outside. It is what the
     * field misses with its own surface resistances, times what sheltering adds in two coarse fields.
     *
     * @return callable(float, float): float  told a place, m
     */
    private static function missing(GroundField $ground): callable
    {
        $problem = $ground->solution->problem;
        $sheltered = array_map(static fn (Boundary $b): Boundary => in_array(
            $b->name,
            SectionProblem::INSIDE,
            true,
        ) && $b->temperature !== null
            ? Boundary::temperature($b->name, $b->x0, $b->y0, $b->x1, $b->y1, $b->temperature, Surface::SHELTERED)
            : $b, $problem->boundaries);
        $open = $ground->solution->first;
        $network = Network::of(Mesh::of(Problem::of($problem->patches, $sheltered, accuracy: $problem->accuracy)));
        $sheltered = SteadyField::of($network, (new SteadySolver(Hierarchy::of($network)))->solve(self::TOLERANCE));
        $at = static fn (SteadyField $s, float $x, float $y): float => 1.0 - (float) NodeValues::at($s->mesh, $s->nodes, $x, $y);

        return static function (float $x, float $y) use ($ground, $at, $open, $sheltered): float {
            $own = 1.0 - (float) $ground->solution->temperatureAt($x, $y);
            $before = $at($open, $x, $y);

            // Beside a heated floor next to nothing is missing.
            return max(0.0, $own) * ($before > self::SLIGHT ? max(1.0, $at($sheltered, $x, $y) / $before) : 1.0);
        };
    }

    /**
     * @param  callable(float, float): float  $missing
     * @return array<string, array{float, float}> by boundary: x and y, m
     */
    private static function coldest(GroundField $ground, callable $missing): array
    {
        $solution = $ground->solution;
        $mesh = $solution->mesh;
        $heated = $ground->design->heating->present();
        $places = [];
        foreach ($solution->problem->boundaries as $boundary) {
            $name = $boundary->name;
            // The plane of the pipes is no surface; a door's leaf is no wall, and may run with water.
            if (
                ! in_array($name, SectionProblem::INSIDE, true)
                || ($ground->side === Side::Door && $name === SectionProblem::WALL_INSIDE)
                || ($heated && in_array($name, [SectionProblem::FLOOR, SectionProblem::EDGE], true))
            ) {
                continue;
            }
            foreach (self::places($boundary, $boundary->isVertical() ? $mesh->y : $mesh->x) as [$x, $y]) {
                $places[$name][] = [(float) $solution->temperatureAt($x, $y), $x, $y];
            }
        }
        $found = [];
        foreach ($places as $name => $of) {
            usort($of, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            $most = -INF;
            foreach (array_slice($of, 0, self::CANDIDATES) as [, $x, $y]) {
                $misses = $missing($x, $y);
                if ($misses > $most) {
                    $most = $misses;
                    $found[$name] = [$x, $y];
                }
            }
        }

        return $found;
    }

    /**
     * Middles between the lines of the mesh along a boundary: its very ends may belong to another.
     *
     * @param  non-empty-list<float>  $lines
     * @return list<array{float, float}>
     */
    private static function places(Boundary $b, array $lines): array
    {
        [$from, $to] = $b->isVertical() ? [$b->y0, $b->y1] : [$b->x0, $b->x1];
        $places = [];
        $last = $from;
        foreach ($lines as $line) {
            if ($line > $from + 1e-9 && $line <= $to + 1e-9) {
                $middle = ($last + $line) / 2;
                $places[] = $b->isVertical() ? [$b->x0, $middle] : [$middle, $b->y0];
                $last = $line;
            }
        }

        return $places;
    }

    private static function surface(
        string $side,
        string $name,
        float $x,
        float $y,
        float $sheltered,
        GroundField $ground,
        DampAir $air,
    ): Surface {
        $own = 1.0 - (float) $ground->solution->temperatureAt($x, $y);
        $more = $own > 0.0 ? $sheltered / $own : 1.0;
        $factor = 1.0 - $sheltered;
        $heating = $ground->site->heatingShares();
        $lowered = $ground->site->damp->setBack;
        $temperatures = $humidity = $setBack = $muggy = [];
        for ($i = 0; $i < 12; $i++) {
            $open = (float) $ground->temperatureAt($x, $y, $i + 1.0);
            $at = $air->inside[$i] - $more * ($air->inside[$i] - $open);
            $temperatures[] = $at;
            $humidity[] = Vapour::humidity($air->insidePressure[$i], $at);
            $down = $heating[$i] * $lowered;
            $cooler = $at - $factor * $down;
            // No more vapour than the cooler air can hold.
            $setBack[] = min(Vapour::saturation($air->inside[$i] - $down), $air->insidePressure[$i]) / Vapour::saturation($cooler);
            $muggy[] = $air->muggy[$i] - $open;
        }

        return new Surface($side, $name, $x, $y, $factor, $temperatures, $humidity, $setBack, $muggy);
    }
}
