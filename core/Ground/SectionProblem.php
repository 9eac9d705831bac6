<?php

declare(strict_types=1);

namespace Ondergrond\Ground;

use Ondergrond\Design\Design;
use Ondergrond\Field\Boundary;
use Ondergrond\Field\Complex;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Substance;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\Region;
use Ondergrond\Section\Window;
use Ondergrond\Site\Site;

/**
 * The section through a floor's edge as a problem for the field: half the floor, the wall a metre up, and ground as
 * far as the floor makes itself felt (ISO 10211:2007, 5.2.4; the standard's 2.5 floor widths lose 0.3 to 1.4 % of the
 * flow, five lose at most 0.3 %). The steady field is that of one kelvin between inside and outside; the harmonic one
 * that of the site's own swings, with t = 0 at the coldest moment of the year.
 */
final class SectionProblem
{
    /** Height of wall above the slab, m (ISO 10211:2007, 5.2.3: at least a metre). */
    public const WALL = 1.0;

    /** Ground outside and below, in widths of the floor. */
    private const REACH = 5.0;

    /** But no more than this, m: floors so wide that it matters have no edge to speak of. */
    private const FARTHEST = 20_000.0;

    /** Sizes count to a tenth of a millimetre, in m. */
    private const DIGITS = 4;

    /** Surface resistances, m²K/W (ISO 6946:2017, table 7). Faces that are buried have none. */
    private const OUTSIDE_R = 0.04;

    private const INSIDE_R = ['up' => 0.17, 'left' => 0.13, 'right' => 0.13, 'down' => 0.10];

    /** Names of the boundaries. */
    public const FLOOR = 'floor';

    public const WALL_INSIDE = 'wall inside';

    public const GROUND = 'ground outside';

    public const WALL_OUTSIDE = 'wall outside';

    public static function of(Site $site, Design $design, float $groundConductivity): Problem
    {
        $section = EdgeSection::of($design, self::window($design));
        $ground = new Substance('ground', $groundConductivity, $site->soil->heatCapacity());
        $patches = [];
        foreach ($section->regions as $region) {
            $patch = self::patch($region, $ground);
            if ($patch !== null) {
                $patches[] = $patch;
            }
        }
        assert($patches !== []);
        $outside = Complex::of(-$site->climate->wave()->amplitude);
        $inside = Complex::of(-$site->indoorSwing);
        $boundaries = [];
        foreach (Silhouette::of($patches)->edges as $e) {
            $boundaries[] = $e->space === 0
                ? Boundary::temperature($e->faces === 'up' ? self::FLOOR : self::WALL_INSIDE, $e->x0, $e->y0, $e->x1, $e->y1, 1.0, self::INSIDE_R[$e->faces], $inside)
                : Boundary::temperature($e->y0 === 0.0 && $e->faces === 'up' ? self::GROUND : self::WALL_OUTSIDE, $e->x0, $e->y0, $e->x1, $e->y1, 0.0, self::OUTSIDE_R, $outside);
        }

        return Problem::of($patches, $boundaries, period: Problem::YEAR);
    }

    private static function window(Design $design): Window
    {
        $width = $design->footprint->characteristicDimension();
        $reach = min(self::FARTHEST, self::REACH * $width);

        return new Window(
            $design->wall->insideThickness() + $width / 2,
            $design->wall->outsideThickness() + $reach,
            $design->slab->topAboveGrade + self::WALL,
            $reach,
        );
    }

    /** Null where a part is thinner than the sizes count. */
    private static function patch(Region $region, Substance $ground): ?Patch
    {
        $corners = array_map(static fn (array $c): array => [round($c[0], self::DIGITS), round($c[1], self::DIGITS)], $region->polygon);
        $x = array_column($corners, 0);
        $y = array_column($corners, 1);
        if (min($x) === max($x) || min($y) === max($y)) {
            return null;
        }
        $material = $region->material;

        return Patch::polygon($material === null ? $ground : new Substance($material->slug, $material->conductivity, $material->volumetricHeatCapacity()), $corners);
    }
}
