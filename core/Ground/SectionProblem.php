<?php

declare(strict_types=1);

namespace Ondergrond\Ground;

use Ondergrond\Design\Below;
use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Field\Boundary;
use Ondergrond\Field\Complex;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Substance;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\StillAir;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\Layout;
use Ondergrond\Section\Region;
use Ondergrond\Section\Window;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;

/**
 * The section through a floor's edge as a problem for the field: half the floor, or all of it where its two ends differ,
 * the wall a metre up, and ground as far as the floor makes itself felt (ISO 10211:2007, 5.2.4; the standard's 2.5 floor
 * widths lose 0.3 to 1.4 % of the flow, five lose at most 0.3 %). The steady field is that of one kelvin between inside
 * and outside; the harmonic one that of the site's own swings, with t = 0 at the coldest moment of the year.
 */
final class SectionProblem
{
    /** Height of wall above the upper floor, m (ISO 10211:2007, 5.2.3: at least a metre). */
    public const WALL = 1.0;

    /** Width of floor along the wall that is counted as its edge, m. */
    public const STRIP = 1.0;

    /** Ground outside and below, in widths of the floor. */
    private const REACH = 5.0;

    /** But no more than this, m: floors so wide that it matters have no edge to speak of. */
    private const FARTHEST = 20_000.0;

    /**
     * Change of each flow at halving that is small enough. The inside is split in several boundaries, each of which has to
     * hold it; their sum then changes by half as much or less (ISO 10211:2007, 5.2.3 asks for 1 % of the sum).
     */
    private const ACCURACY = 0.015;

    /** Sizes count to a tenth of a millimetre, in m. */
    private const DIGITS = 4;

    /** Surface resistances, m²K/W (ISO 6946:2017, table 7). Faces that are buried have none. */
    private const OUTSIDE_R = 0.04;

    private const INSIDE_R = ['up' => 0.17, 'left' => 0.13, 'right' => 0.13, 'down' => 0.10];

    /**
     * Between the pipes and the plane that stands for them, m²K/W: pipes of common size and spacing in concrete, from the
     * shape factor of a row of cylinders (ISO 11855-2, from memory); it also keeps the flow at the plane's end finite.
     */
    private const PIPES_R = 0.02;

    /** What passes no heat in a section, all of it; a hollow is air with its resistance. */
    public const ADIABATIC = ['symmetry plane', 'far side', 'bottom', 'cut of the wall', 'beside the plane of heating pipes'];

    /** Names of the boundaries. Inside: */
    public const FLOOR = 'floor';

    public const EDGE = 'floor along the wall';

    public const STEM_INSIDE = 'stem wall inside';

    public const WALL_INSIDE = 'wall inside';

    public const DECK = 'deck';

    public const INSIDE = [self::FLOOR, self::EDGE, self::STEM_INSIDE, self::WALL_INSIDE, self::DECK];

    /** In an unheated space below: */
    public const SPACE_FLOOR = 'floor of the space';

    public const SPACE_WALL = 'wall of the space';

    public const SPACE_CEILING = 'ceiling of the space';

    public const SPACE = [self::SPACE_FLOOR, self::SPACE_WALL, self::SPACE_CEILING];

    /** Outside: */
    public const GROUND = 'ground outside';

    public const WALL_OUTSIDE = 'wall outside';

    /**
     * @param  SpaceAir|null  $space  temperature of the unheated space below, where there is one
     * @param  bool  $yearly  with the swing of the year
     */
    public static function of(
        Site $site,
        Design $design,
        float $groundConductivity,
        Side $side = Side::Edge,
        ?SpaceAir $space = null,
        bool $yearly = true,
    ): Problem {
        $section = EdgeSection::of($design, self::window($design, $side), $side);
        $patches = self::patches($section, new Substance('ground', $groundConductivity, $site->soil->heatCapacity()), $site->frost->ledge);
        $floor = InsideWave::ofFloor($site, $design);
        if ($design->heating->present()) {
            $patches[] = self::above($section, $floor->plane);
        }
        $silhouette = Silhouette::of($patches);
        $window = $section->window;
        $known = [
            self::spaceOver($silhouette, $section, $section->layout->floor), $design->deck->present() ? self::spaceOver(
                $silhouette,
                $section,
                $design->deck->topAboveGrade,
            ) : null,
            ...self::open($silhouette, $window),
        ];
        // A cavity is air with its resistance; nothing in a section is left out.
        $hollows = $silhouette->hollows($known);
        foreach ($hollows as [$x0, $y0, $x1, $y1, $width]) {
            $patches[] = Patch::rectangle(
                new Substance('still air', StillAir::conductivity($width), StillAir::CAPACITY), $x0, $y0, $x1, $y1,
            );
        }
        $silhouette = $hollows === [] ? $silhouette : Silhouette::of($patches);
        $outside = Complex::of(-$site->climate->wave()->amplitude);
        $inside = Complex::of(-$site->indoorSwing);
        $lower = self::spaceOver($silhouette, $section, $section->layout->floor);
        $room = $design->deck->present() ? self::spaceOver($silhouette, $section, $design->deck->topAboveGrade) : $lower;
        $open = self::open($silhouette, $window);
        $unheated = $design->space->kind !== Below::Heated && $design->deck->present();
        $plane = round($floor->plane, self::DIGITS);
        $boundaries = [];
        foreach ($silhouette->edges as $whole) {
            foreach (self::pieces($whole, $section) as $e) {
                [$name, $share, $resistance, $swing] = match (true) {
                    $e->space === $lower && $unheated => [
                        ['up' => self::SPACE_FLOOR, 'down' => self::SPACE_CEILING][$e->faces] ?? self::SPACE_WALL,
                        $space->share ?? 0.0, $e->faces === 'down' ? self::INSIDE_R['up'] : self::INSIDE_R[$e->faces],
                        $space->swing ?? Complex::zero(),
                    ],
                    $e->space === $room || $e->space === $lower => [self::inside($e, $section), 1.0, self::INSIDE_R[$e->faces], $inside],
                    in_array($e->space, $open, true) => [
                        self::isGround($e, $section) ? self::GROUND : self::WALL_OUTSIDE, 0.0, self::OUTSIDE_R, $outside,
                    ],
                    default => [null, 0.0, 0.0, $outside],
                };
                if ($name === null) {
                    continue;
                }
                if ($design->heating->present() && $e->space === $lower) {
                    // The pipes' plane stands for all above it; what was cut off beside it passes nothing on.
                    if ($e->isLevel() && $e->faces === 'up' && $e->y0 === $plane) {
                        [$share, $resistance, $swing] = [$floor->share, self::PIPES_R, $floor->swing];
                    } elseif (! $e->isLevel() && $e->y1 <= round($section->layout->floor, self::DIGITS) && $e->y0 >= $plane) {
                        continue;
                    }
                }
                $boundaries[] = Boundary::temperature($name, $e->x0, $e->y0, $e->x1, $e->y1, $share, $resistance, $swing);
            }
        }

        return Problem::of($patches, $boundaries, accuracy: self::ACCURACY, period: $yearly ? Problem::YEAR : null);
    }

    public static function window(Design $design, Side $side): Window
    {
        $width = $design->footprint->characteristicDimension();
        $reach = min(self::FARTHEST, self::REACH * $width);
        $layout = Layout::of($design, $side);
        $half = $width / 2 - $layout->room;
        $further = $side === Side::Neighbour ? $design->neighbour->width : 0.0;
        $far = Layout::of($design);

        return new Window(
            $side->isWhole() ? $half + $width / 2 - $far->room + $far->outermost + $reach : $half,
            $layout->outermost + $further + $reach,
            max($layout->top, $far->top, $design->deck->present() ? $design->deck->topAboveGrade : -INF) + self::WALL,
            $reach + max(0.0, -$layout->grade, -$layout->floor),
        );
    }

    /**
     * @param  float|null  $ledge  depth of rock below the ground outside, m
     * @return non-empty-list<Patch>
     */
    private static function patches(EdgeSection $section, Substance $ground, ?float $ledge): array
    {
        $patches = [];
        $rock = new Substance('rock', Soil::Rock->conductivity(), Soil::Rock->heatCapacity());
        foreach ($section->regions as $region) {
            $patch = $region->solved ? self::patch($region, $ground) : null;
            if ($patch === null) {
                continue;
            }
            $patches[] = $patch;
            // The rock lies in the ground, below its ledge; what is dug or built has taken it away.
            $below = $ledge !== null && $region->part === null ? self::below($patch->polygon, round(-$ledge, self::DIGITS)) : [];
            if ($below !== []) {
                $patches[] = Patch::polygon($rock, $below);
            }
        }
        assert($patches !== []);

        return $patches;
    }

    /**
     * What of a polygon lies below a level (Sutherland & Hodgman 1974); empty where none does.
     *
     * @param  list<array{float, float}>  $polygon  m
     * @return list<array{float, float}>
     */
    private static function below(array $polygon, float $level): array
    {
        $cut = [];
        [$u, $v] = $polygon[count($polygon) - 1];
        foreach ($polygon as [$x, $y]) {
            if (($y < $level) !== ($v < $level)) {
                $cut[] = [round($u + ($x - $u) * ($level - $v) / ($y - $v), self::DIGITS), $level];
            }
            if ($y < $level) {
                $cut[] = [$x, $y];
            }
            [$u, $v] = [$x, $y];
        }

        return $cut;
    }

    /** Takes away what lies over the pipes of a heated floor. */
    private static function above(EdgeSection $section, float $plane): Patch
    {
        $right = $section->layout->room;
        $left = $section->side->isWhole() ? 2 * $section->middle - Layout::of($section->design)->room : -$section->window->inward;
        $at = static fn (float $v): float => round($v, self::DIGITS);

        return Patch::rectangle(null, $at($left), $at($plane), $at($right), $at($section->layout->floor));
    }

    /** @return list<int> the air outside, at either end */
    private static function open(Silhouette $silhouette, Window $window): array
    {
        return array_values(
            array_filter(
                [
                    $silhouette->spaceAt($window->outward - 0.001, $window->up - 0.001),
                    $silhouette->spaceAt(0.001 - $window->inward, $window->up - 0.001),
                ],
                is_int(...),
            ),
        );
    }

    /** The space of air over a level floor, in its middle. */
    private static function spaceOver(Silhouette $silhouette, EdgeSection $section, float $level): ?int
    {
        return $silhouette->spaceAt(
            $section->side->isWhole() ? $section->middle : -$section->window->inward + 0.001,
            round($level, self::DIGITS) + 1e-6,
        );
    }

    /** @return list<Edge> in pieces, where one name ends and another begins */
    private static function pieces(Edge $edge, EdgeSection $section): array
    {
        $strip = round($section->layout->room - self::STRIP, self::DIGITS);
        $cuts = $edge->isLevel()
            ? (
                $strip > $section->middle
                ? [$strip, ...($section->side->isWhole() ? [round(2 * $section->middle - $strip, self::DIGITS)] : [])]
                : []
            )
            : [
                round($section->layout->top, self::DIGITS),
                ...($section->side->isWhole() ? [round(Layout::of($section->design)->top, self::DIGITS)] : []),
            ];
        $pieces = [$edge];
        foreach ($edge->isLevel() && $edge->faces !== 'up' ? [] : array_unique($cuts) as $cut) {
            $pieces = array_merge(...array_map(static fn (Edge $e): array => $e->cutAt($cut), $pieces));
        }

        return $pieces;
    }

    private static function inside(Edge $e, EdgeSection $section): string
    {
        $deck = $section->design->deck;
        $far = $section->side->isWhole() && $e->x0 < $section->middle ? Layout::of($section->design) : $section->layout;
        if (! $e->isLevel()) {
            return ($e->y0 + $e->y1) / 2 < $far->top ? self::STEM_INSIDE : self::WALL_INSIDE;
        }
        if (
            $deck->present()
            && $e->y0 > $section->layout->floor + 0.1
            && ($e->faces === 'down' || $e->y0 >= $deck->topAboveGrade - 0.001)
        ) {
            return self::DECK;
        }
        if ($section->layout->floor < $far->top - 0.3 && $e->y0 > $section->layout->floor + 0.1) {
            return self::STEM_INSIDE;
        }
        $x = ($e->x0 + $e->x1) / 2;
        $from = $section->side->isWhole() && $x < $section->middle
            ? $x - (2 * $section->middle - $section->layout->room)
            : $section->layout->room - $x;

        return $from < self::STRIP ? self::EDGE : self::FLOOR;
    }

    private static function isGround(Edge $e, EdgeSection $section): bool
    {
        $grade = $section->side->isWhole() && $e->x0 < $section->middle ? 0.0 : $section->layout->grade;

        return $e->faces === 'up' && abs($e->y0 - $grade) < 1e-6;
    }

    /** Null where a part is thinner than the sizes count. */
    private static function patch(Region $region, Substance $ground): ?Patch
    {
        $corners = array_map(
            static fn (array $c): array => [round($c[0], self::DIGITS), round($c[1], self::DIGITS)],
            $region->solvedAs ?? $region->polygon,
        );
        assert($corners !== []);
        $x = array_column($corners, 0);
        $y = array_column($corners, 1);
        if (min($x) === max($x) || min($y) === max($y)) {
            return null;
        }
        $material = $region->material;
        $name = $material === null ? '' : $material->slug.(
            $material->conductivity === Catalogue::find($material->slug)?->conductivity
            ? ''
            : '-'
            .round($material->conductivity, 4)
        );

        return Patch::polygon(
            $material === null ? $ground : new Substance($name, $material->conductivity, $material->volumetricHeatCapacity()),
            $corners,
        );
    }
}
