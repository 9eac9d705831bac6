<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Support;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Field\Boundary;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Solution;
use Ondergrond\Field\Substance;
use Ondergrond\Section\Layout;
use Ondergrond\Site\Site;

/**
 * What a post's pad or the hard board under it adds to the floor's heat: χ in W/K each, of a strip ψ in W/(m·K); ISO 10211:2007,
 * the flow of a body of floor and ground with it less that of the same without it. A strip is a plane section. A post is a
 * turned body: its square pad is taken as the circle of that area, and the plane field is given rings, each with the
 * conductivity of its circumference. Below, ground is so deep that the undisturbed body has the U of the floor's formula.
 */
final class SupportBridge
{
    /** How far round it the floor goes along, beyond its own width, m. */
    private const ROUND = 2.0;

    /** Rings within the pad, and how fast they widen outside it. */
    private const RINGS = 4;

    private const WIDEN = 1.3;

    /** Of ground under a pad at least, m. */
    private const LEAST_GROUND = 0.5;

    /** The difference of two flows is wanted, so each has to be closer than the difference. */
    private const ACCURACY = 0.002;

    /** Surface resistance of a floor, heat going down, m²K/W (ISO 6946:2017, table 7). */
    private const SURFACE = 0.17;

    private const ROOM = 'room';

    /** @param  float  $floor  U of the floor's formula, W/(m²K) */
    public static function of(Site $site, Design $d, float $floor, Support $of): float
    {
        if ($of->foot() === SupportFoot::Slab) {
            return 0.0;
        }
        $flow = static fn (?Support $with): float => Solution::of(self::problem($site, $d, $floor, $of, $with))->steady->flows[self::ROOM];

        // A strip's section is half of what it is.
        return ($flow($of) - $flow(null)) * ($of->isStrip() ? 2.0 : 1.0);
    }

    /**
     * The body of one kelvin between the room and the ground below.
     *
     * @param  Support  $of  whose rings the mesh takes, also where it is not there
     * @param  Support|null  $with  what is built into it
     */
    public static function problem(Site $site, Design $d, float $floor, Support $of, ?Support $with): Problem
    {
        $half = $of->isStrip() ? $of->width() / 2 : $of->width() / sqrt(M_PI);
        [, $board] = Layout::of($d)->boardAt($d, $of->fromEdge());
        $over = array_values(array_filter(
            [$d->screed, $d->boardAbove, $d->mat->layer, $d->slab->layer], static fn (Layer $l): bool => $l->present(),
        ));
        $resistance = array_sum(array_map(static fn (Layer $l): float => $l->resistance(), [...$over, $board]));
        $lambda = $site->soil->conductivity();
        $depth = max(
            $of->height() + self::LEAST_GROUND,
            $lambda * (1 / $floor - self::SURFACE - $resistance),
        );
        $radii = self::radii($half);
        $patches = $boundaries = [];
        foreach (array_slice($radii, 1) as $i => $outer) {
            $inner = $radii[$i];
            // W/(m·K) of the plane times what is round it, m.
            $round = $of->isStrip() ? 1.0 : M_PI * ($inner + $outer);
            $paint = static function (string $of, float $lambda, float $from, float $to) use (&$patches, $inner, $outer, $round): void {
                $patches[] = Patch::rectangle(new Substance($of, $lambda * $round), $inner, $from, $outer, $to);
            };
            $paint('ground', $lambda, -$board->thickness - $depth, -$board->thickness);
            if ($board->present()) {
                $hard = $with?->foot() === SupportFoot::HardBoard && $i < self::RINGS;
                $paint('board', ($hard ? $with->board() : $board->material)->conductivity, -$board->thickness, 0.0);
            }
            if ($with?->foot() === SupportFoot::OwnPad && $i < self::RINGS) {
                $paint('pad', $d->slab->layer->material->conductivity, -$of->height(), 0.0);
            }
            $top = 0.0;
            foreach (array_reverse($over) as $layer) {
                $paint($layer->material->slug, $layer->material->conductivity, $top, $top + $layer->thickness);
                $top += $layer->thickness;
            }
            $boundaries[] = Boundary::temperature(self::ROOM, $inner, $top, $outer, $top, 1.0, self::SURFACE / $round);
            $boundaries[] = Boundary::temperature(
                'below', $inner, -$board->thickness - $depth, $outer, -$board->thickness - $depth, 0.0, 0.0,
            );
        }

        return Problem::of($patches, $boundaries, accuracy: self::ACCURACY);
    }

    /** @return non-empty-list<float> m, from the middle out */
    private static function radii(float $half): array
    {
        $radii = array_map(static fn (int $i): float => $half * $i / self::RINGS, range(0, self::RINGS));
        $step = $half / self::RINGS;
        while (end($radii) < $half + self::ROUND) {
            $step *= self::WIDEN;
            $radii[] = end($radii) + $step;
        }

        return array_map(static fn (float $r): float => round($r, 4), $radii);
    }
}
