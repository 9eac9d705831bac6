<?php

declare(strict_types=1);

namespace Ondergrond\Gain;

use Closure;
use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Heat\Iso13370;
use Ondergrond\Heat\SteadyLoss;
use Ondergrond\Material\Materials;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Site;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Takeoff\Takeoff;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;

/** Where the next size of board does most: every size that insulates one step up and one down, by the field. */
final class Gains
{
    /** Sizes that insulation is bought or laid in. */
    private const SIZES = [
        'field_board.thickness_m', 'perimeter_board.thickness_m', 'perimeter_board.width_m', 'board_above.thickness_m',
        'edge_inside.thickness_m',
        'edge_under.thickness_m', 'edge_outside.thickness_m', 'edge_outside.depth_below_grade_m', 'form.inside_m', 'form.outside_m',
        'wing.thickness_m', 'wing.width_m', 'threshold.thickness_m', 'neighbour.thickness_m', 'neighbour.edge_board_m',
        'lining.gap_above_floor_m',
    ];

    /** A board that is not there comes in this thick, as usual: 2 in or 50 mm. */
    private const FIRST = ['field_board.thickness_m', 'edge_inside.thickness_m', 'edge_under.thickness_m', 'edge_outside.thickness_m'];

    /**
     * Those that change what the field sees, the likely best first.
     *
     * @return list<Candidate> also those that cannot be built, last
     */
    public static function candidates(Site $site, Design $design, UnitSystem $units): array
    {
        $data = DesignCodec::toArray($design);
        $materials = $design->materials();
        $candidates = $stuck = [];
        foreach (self::sizes($data, $materials) as $path) {
            foreach (self::steps($path, SizePath::at($data, $path), $units) as $to) {
                try {
                    $then = DesignCodec::fromValid(SizePath::with($data, $path, $to), $materials);
                    if (! SteadyLoss::isSame($site, $design, $then)) {
                        $candidates[] = new Candidate($path, SizePath::at($data, $path), $to, $then);
                    }
                } catch (FaultyInput $e) {
                    $stuck[] = new Candidate(
                        $path, SizePath::at($data, $path), $to, $design,
                        implode('; ', array_map(static fn (Fault $f): string => $f->reason !== '' ? $f->reason : $f->allowed, $e->faults)),
                    );
                }
            }
        }
        $lambda = $site->soil->conductivity();
        $rank = array_map(static fn (Candidate $c): float => Iso13370::of($c->design)->formula($lambda)->steadyCoefficient(), $candidates);
        array_multisort($rank, SORT_ASC, SORT_NUMERIC, array_keys($candidates), SORT_ASC, SORT_NUMERIC, $candidates);

        return [...$candidates, ...$stuck];
    }

    /**
     * @param  float  $now  what the design as it is loses, mean W
     */
    public static function solve(Site $site, Design $design, Candidate $candidate, float $now, UnitSystem $units, PriceList $prices): Step
    {
        $before = self::findings($site, $design, $units);
        $after = self::findings($site, $candidate->design, $units);

        return new Step(
            $candidate->path, $candidate->from, $candidate->to, $now - SteadyLoss::solved($site, $candidate->design)->mean,
            Takeoff::insulation($candidate->design) - Takeoff::insulation($design),
            self::priced($prices, $design, $candidate->design) ? $prices->cost($candidate->design) - $prices->cost($design) : null,
            array_values(array_diff($before, $after)), array_values(array_diff($after, $before)),
            self::frost($site, $candidate->design),
        );
    }

    /**
     * All of them, most saved first.
     *
     * @param  (Closure(list<Step>, int): bool)|null  $progress  told what is known so far and how many there will be; false stops it
     * @return list<Step>
     */
    public static function ranked(Site $site, Design $design, UnitSystem $units, PriceList $prices, ?Closure $progress = null): array
    {
        $candidates = array_values(
            array_filter(self::candidates($site, $design, $units), static fn (Candidate $c): bool => $c->obstacle === null),
        );
        $now = SteadyLoss::solved($site, $design)->mean;
        $steps = [];
        foreach ($candidates as $candidate) {
            $steps[] = self::solve($site, $design, $candidate, $now, $units, $prices);
            usort($steps, static fn (Step $a, Step $b): int => $b->watts <=> $a->watts);
            if ($progress !== null && ! $progress($steps, count($candidates))) {
                break;
            }
        }

        return $steps;
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  Materials  $materials  which its slugs are those of
     * @return list<string> paths
     */
    private static function sizes(array $data, Materials $materials): array
    {
        $paths = self::SIZES;
        foreach (['lining', 'deck'] as $part) {
            foreach ($data[$part]['layers'] as $i => $layer) {
                if ($materials->get($layer['material'])->insulates()) {
                    $paths[] = "{$part}.layers.{$i}.thickness_m";
                }
            }
        }

        return $paths;
    }

    /** @return list<float> the next size down and the next up, m */
    private static function steps(string $path, float $now, UnitSystem $units): array
    {
        $sizes = SizePath::sold($path, $units);
        $down = array_filter($sizes, static fn (float $s): bool => $s < $now - 1e-6);
        $up = array_filter($sizes, static fn (float $s): bool => $s > $now + 1e-6);
        $first = $units === UnitSystem::Metric ? 0.05 : 2 * 0.0254;
        if ($now <= 0.0) {
            return in_array($path, self::FIRST, true) ? [$first] : [];
        }

        return [...($down === [] ? [] : [max($down)]), ...($up === [] ? [] : [min($up)])];
    }

    private static function priced(PriceList $prices, Design $a, Design $b): bool
    {
        $changed = [];
        foreach ([$a, $b] as $design) {
            foreach (Takeoff::of($design) as $item) {
                $changed[$item->material->slug] = ($changed[$item->material->slug] ?? 0.0) + ($design === $a ? -1 : 1) * $item->volume();
            }
        }

        return array_diff(
            array_keys(array_filter($changed, static fn (float $v): bool => abs($v) > 1e-9)),
            array_keys($prices->perCubicMetre),
        ) === [];
    }

    private static function frost(Site $site, Design $design): string
    {
        $frost = Assessor::frost($site, $design);

        return match (true) {
            $frost->reason !== null => $frost->isSafe ? 'no matter' : 'not judged',
            $frost->tableFails() => 'fails the table',
            default => 'not run',
        };
    }

    /** @return list<string> of rules that ask for something */
    private static function findings(Site $site, Design $design, UnitSystem $units): array
    {
        $asking = array_filter(
            Rulebook::findings(new Subject($site, $design, $units)),
            static fn (Finding $f): bool => $f->severity !== Severity::NotChecked,
        );

        return array_values(array_map(static fn (Finding $f): string => $f->rule->id(), $asking));
    }
}
