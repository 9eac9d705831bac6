<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use Ondergrond\Fault\Fault;

/** What is wrong with a section before any mesh is made; pointers are those of the section file. */
final class ProblemFaults
{
    /** More than this many of each is refused: the mesh would have no room between their edges. */
    public const MOST_ITEMS = 400;

    public const MOST_CORNERS = 200;

    private const MOST_CORNERS_IN_ALL = 4000;

    /** Coordinates lie within this distance of the origin, m. */
    public const FARTHEST = 1_000_000.0;

    private const HIGHEST_CONDUCTIVITY = 100_000.0;

    /** @return list<Fault> */
    public static function of(Problem $problem): array
    {
        $many = self::tooMany($problem);
        if ($many !== []) {
            return $many;
        }
        $faults = [
            ...self::patches($problem),
            ...self::boundaries($problem->boundaries),
            ...self::sources($problem->sources),
            ...self::wanted($problem),
            ...WinterFaults::of($problem),
        ];

        return $faults === [] ? GridLines::closeLines($problem) : $faults;
    }

    /** @return list<Fault> */
    private static function tooMany(Problem $problem): array
    {
        $faults = [];
        foreach ([
            'regions' => $problem->patches,
            'boundaries' => $problem->boundaries,
            'sources' => $problem->sources,
            'probes' => $problem->probes,
        ] as $name => $items) {
            if (count($items) > self::MOST_ITEMS) {
                $faults[] = Fault::of("/{$name}", sprintf('%d entries', count($items)), sprintf('at most %d', self::MOST_ITEMS));
            }
        }
        foreach ($problem->patches as $i => $patch) {
            if (count($patch->polygon) > self::MOST_CORNERS) {
                return [
                    ...$faults,
                    Fault::of(
                        "/regions/{$i}/polygon",
                        sprintf('%d corners', count($patch->polygon)),
                        sprintf('3 to %d', self::MOST_CORNERS),
                    ),
                ];
            }
        }
        $all = array_sum(array_map(static fn (Patch $p): int => count($p->polygon), $problem->patches));
        if ($all > self::MOST_CORNERS_IN_ALL) {
            $faults[] = Fault::of('/regions', sprintf('%d corners in all', $all), sprintf('at most %d', self::MOST_CORNERS_IN_ALL));
        }

        return $faults;
    }

    /** @return list<Fault> */
    private static function patches(Problem $problem): array
    {
        $faults = $seen = [];
        $painted = false;
        foreach ($problem->patches as $i => $patch) {
            $painted = $painted || $patch->substance !== null;
            $substance = $patch->substance;
            if ($substance !== null && ! isset($seen[$substance->name])) {
                $seen[$substance->name] = true;
                array_push($faults, ...self::substance($substance, $problem->swings(), $problem->winter !== null));
            }
            array_push($faults, ...Outline::faults($patch->polygon, "/regions/{$i}"));
        }
        if (! $painted) {
            $faults[] = Fault::of('/regions', 'nothing painted', 'at least one region of a material');
        }

        return $faults;
    }

    /** @return list<Fault> */
    private static function substance(Substance $s, bool $swings, bool $winter): array
    {
        $faults = [];
        if (! ($s->conductivity > 0.0 && $s->conductivity <= self::HIGHEST_CONDUCTIVITY)) {
            $faults[] = Fault::of("/materials/{$s->name}/conductivity", self::number($s->conductivity), 'above 0, at most 100000 W/(m·K)');
        }
        if ($s->capacity !== null && ! ($s->capacity > 0.0 && is_finite($s->capacity))) {
            $faults[] = Fault::of("/materials/{$s->name}/capacity", self::number($s->capacity), 'above 0, J/(m³·K)');
        }
        if ($s->capacity === null && $swings) {
            $faults[] = Fault::of(
                "/materials/{$s->name}/capacity",
                'nothing',
                'a heat capacity in J/(m³·K), since period_s asks for the harmonic answer',
            );
        }

        if ($s->capacity === null && $winter) {
            $faults[] = Fault::of("/materials/{$s->name}/capacity", 'nothing', 'a heat capacity in J/(m³·K), since there is a winter');
        }
        foreach ($s->frozen === null ? [] : [
            'frozen/conductivity' => $s->frozen->conductivity,
            'frozen/capacity' => $s->frozen->capacity,
            'latent' => $s->frozen->latent,
        ] as $key => $value) {
            if (! ($value > 0.0 && is_finite($value))) {
                $faults[] = Fault::of(
                    "/materials/{$s->name}/{$key}",
                    self::number($value),
                    'above 0; leave frozen and latent out where there is no water',
                );
            }
        }

        return $faults;
    }

    /**
     * @param  list<Boundary>  $boundaries
     * @return list<Fault>
     */
    private static function boundaries(array $boundaries): array
    {
        $faults = [];
        $fixed = false;
        foreach ($boundaries as $i => $b) {
            $where = "/boundaries/{$i}";
            $fixed = $fixed || $b->temperature !== null;
            if (! self::near($b->x0, $b->y0, $b->x1, $b->y1)) {
                $faults[] = self::far($where);
            } elseif (($b->x0 === $b->x1) === ($b->y0 === $b->y1)) {
                $faults[] = Fault::of(
                    $where,
                    sprintf(
                        'a line from (%s, %s) to (%s, %s)', self::number($b->x0), self::number($b->y0), self::number($b->x1),
                        self::number($b->y1),
                    ),
                    'a horizontal or a vertical line of some length',
                );
            }
            if (
                ! is_finite($b->temperature ?? 0.0)
                || ! is_finite($b->flux)
                || ! is_finite($b->amplitude->re)
                || ! is_finite($b->amplitude->im)
            ) {
                $faults[] = Fault::of($where, 'a number too large to hold', 'a temperature, flux and amplitude that are numbers');
            }
            if (! ($b->resistance >= 0.0 && is_finite($b->resistance))) {
                $faults[] = Fault::of("{$where}/resistance", self::number($b->resistance), 'at least 0 m²K/W');
            }
        }
        if (! $fixed) {
            $faults[] = Fault::of('/boundaries', 'no boundary with a temperature', 'at least one; without it any temperature would do');
        }

        return $faults;
    }

    /**
     * @param  list<HeatSource>  $sources
     * @return list<Fault>
     */
    private static function sources(array $sources): array
    {
        $faults = [];
        foreach ($sources as $i => $s) {
            if (! self::near($s->x0, $s->y0, $s->x1, $s->y1)) {
                $faults[] = self::far("/sources/{$i}");
            } elseif (! ($s->x1 > $s->x0 && $s->y1 > $s->y0)) {
                $faults[] = Fault::of("/sources/{$i}", 'a rectangle without area', 'x and y each from the lower to the higher');
            }
            if (! is_finite($s->power)) {
                $faults[] = Fault::of("/sources/{$i}/power", self::number($s->power), 'a number of W/m³');
            }
        }

        return $faults;
    }

    /** @return list<Fault> */
    private static function wanted(Problem $problem): array
    {
        $faults = [];
        foreach ($problem->probes as $i => $probe) {
            if (! self::near($probe->x, $probe->y)) {
                $faults[] = self::far("/probes/{$i}");
            }
        }
        if (! ($problem->accuracy >= 0.0005 && $problem->accuracy <= 0.2)) {
            $faults[] = Fault::range('/accuracy', $problem->accuracy, 0.0005, 0.2);
        }
        if ($problem->period !== null && ! ($problem->period >= 60.0 && $problem->period <= 1e11)) {
            $faults[] = Fault::of('/period_s', self::number($problem->period), '60 to 100000000000 s');
        }

        return $faults;
    }

    public static function near(float ...$coordinates): bool
    {
        foreach ($coordinates as $c) {
            if (! (abs($c) <= self::FARTHEST)) {
                return false;
            }
        }

        return true;
    }

    public static function far(string $pointer): Fault
    {
        return Fault::of($pointer, 'a coordinate too far away', sprintf('coordinates from -%1$d to %1$d m', self::FARTHEST));
    }

    private static function number(float $value): string
    {
        return is_finite($value) ? sprintf('%.10g', $value) : 'a number too large to hold';
    }
}
