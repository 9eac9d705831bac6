<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\Side;
use Ondergrond\Ground\GroundField;
use Ondergrond\Material\Hatch;
use Ondergrond\Section\Course;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\Layout;
use Ondergrond\Section\Region;
use Ondergrond\Section\Window;
use Ondergrond\Site\Calendar;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/**
 * Draws a section on a sheet of fixed size with the ground line at a fixed height, at the largest usual scale at which
 * everything that matters fits; or its detail, where floor, edge and foundation meet, as large as the sheet allows.
 */
final class SectionDrawing
{
    /** Millimetres of paper: what must fit, and the margin of plain ground and slab drawn on past it at either side. */
    public const WIDTH = 164.0;

    public const ABOVE_DATUM = 60.0;

    public const BELOW_DATUM = 96.0;

    public const MARGIN = 45.0;

    private const SCALES = [
        UnitSystem::Metric->value => [2, 5, 10, 15, 20, 25, 30, 40, 50, 75, 100, 125, 150, 200, 250, 500, 1000],
        UnitSystem::InchPound->value => [2, 4, 8, 12, 16, 24, 32, 48, 64, 96, 128, 192, 240, 480, 960],
    ];

    /** Room for dimensions at the right, left and below, and for wall and middle board to show, mm of paper. */
    private const RIGHT = 42.0;

    private const LEFT = 38.0;

    private const UNDER = 14.0;

    private const OVER = 22.0;

    /** Of floor beyond the parts that a detail shows, m. */
    private const DETAIL = 0.3;

    /** @param  bool  $hatched  whether hatches are drawn as strokes; else whoever shows it lays them over its areas */
    public static function of(
        Design $design,
        QuantityFormatter $format,
        Side $side = Side::Edge,
        bool $detail = false,
        bool $hatched = true,
    ): Drawing {
        $layout = Layout::of($design, $side);
        [$scale, $box] = $detail ? self::detail($design, $layout, $format->system) : self::whole($design, $layout, $side, $format->system);
        $paper = $scale / 1000;
        $section = EdgeSection::of($design, new Window(-$box[0], $box[2], $box[3], -$box[1]), $side);
        $frame = [$box[0] + self::MARGIN * $paper, $box[1], $box[2] - self::MARGIN * $paper, $box[3]];
        $written = Lettering::apart([
            ...self::datum($section, $box, $paper),
            ...(new SectionDimensions($section, $box, $paper, $format))->items(),
            ...(new ProductBoundaries($section, $paper, $format))->items(),
        ], $frame, $paper);
        $words = array_map(
            static fn (Text $t): array => Lettering::box($t, $paper),
            array_values(array_filter($written, Lettering::isMoved(...))),
        );

        return new Drawing($scale, $box, [
            new Area(null, [[$box[0], $box[1]], [$box[2], $box[1]], [$box[2], $box[3]], [$box[0], $box[3]]], Hatch::Air, 'Air'),
            ...self::areas($section, $paper, $hatched),
            ...self::courses($section),
            ...$written,
            ...(new SectionFlags($section, $box, $paper, $words))->items(),
            ...(new SectionLevels($section, $box, $paper, $format))->items(),
            ...(new SectionHandles($section, $box, $paper, $format))->items(),
        ], sprintf('%s through %s, to scale', $detail ? 'Detail' : 'Section', match ($side) {
            Side::Edge => 'the edge of the floor',
            Side::Walkout => 'the walk-out side, with the far edge',
            Side::Door => 'the edge at a door',
            Side::Neighbour => 'floor and unheated neighbour over their whole width',
        }));
    }

    /**
     * The bare section within a box: to be set beside others at the same scale.
     *
     * @param  array{float, float, float, float}  $box  what is shown, m
     */
    public static function plain(Design $design, array $box, float $scale): Drawing
    {
        $section = EdgeSection::of($design, new Window(-$box[0], $box[2], $box[3], -$box[1]), Side::Edge);

        return (new Drawing($scale, $box, [
            new Area(null, [[$box[0], $box[1]], [$box[2], $box[1]], [$box[2], $box[3]], [$box[0], $box[3]]], Hatch::Air, 'Air'),
            ...self::areas($section, $scale / 1000),
            ...self::courses($section),
            new Strokes(Role::Datum, null, [[[0.0, $section->layout->grade], [$box[2], $section->layout->grade]]]),
        ], 'Section through the edge of the floor, to scale'))->without(Role::Ground, Role::Airtight);
    }

    /** The whole section with nothing written on it: to be shown small, beside what is seen close up. */
    public static function shapes(Design $design, UnitSystem $system, Side $side = Side::Edge): Drawing
    {
        [$scale, $box] = self::whole($design, Layout::of($design, $side), $side, $system);
        $section = EdgeSection::of($design, new Window(-$box[0], $box[2], $box[3], -$box[1]), $side);
        $sky = new Area(null, [[$box[0], $box[1]], [$box[2], $box[1]], [$box[2], $box[3]], [$box[0], $box[3]]], Hatch::Air, 'Air');

        return new Drawing(
            $scale, $box, [$sky, ...self::areas($section, $scale / 1000, false), ...self::courses($section)], 'Whole section',
        );
    }

    /**
     * What another design would build otherwise, within a drawing of this one.
     *
     * @return array{areas: list<Area>, lines: list<list<array{float, float}>>}
     */
    public static function otherwise(Design $design, Design $other, Drawing $drawing, Side $side): array
    {
        [$x0, $y0, $x1, $y1] = $drawing->box;
        [$now, $then] = array_map(
            static fn (Design $d): EdgeSection => EdgeSection::of($d, new Window(-$x0, $x1, $y1, -$y0), $side), [$design, $other],
        );
        $print = static fn (Item $a): string => $a instanceof Area ? serialize([$a->fill, $a->title, $a->polygon]) : '';
        $known = array_map($print, self::areas($now, 1.0, false));
        $lines = array_map(static fn (Course $c): string => serialize($c->path), $now->courses);

        return [
            'areas' => array_values(array_filter(
                self::areas($then, 1.0, false),
                static fn (Item $a): bool => $a instanceof Area && $a->part !== null && ! in_array($print($a), $known, true),
            )),
            'lines' => array_values(array_filter(
                array_map(static fn (Course $c): array => $c->path, $then->courses),
                static fn (array $path): bool => ! in_array(serialize($path), $lines, true),
            )),
        ];
    }

    /** @return array{float, float, float, float} of its box without the margins at its sides, m */
    public static function seen(Drawing $drawing): array
    {
        $margin = self::MARGIN * $drawing->paper();
        [$x0, $y0, $x1, $y1] = $drawing->box;

        return [$x0 + $margin, $y0, $x1 - $margin, $y1];
    }

    /** @return array{float, float, float, float} x0, y0, x1, y1 of all that matters in a section through the edge, m */
    public static function extent(Design $design): array
    {
        $at = Layout::of($design);
        [$left, $right] = self::reach($design, $at, Side::Edge);

        return [
            -$left, min($at->dig, $at->trench, $at->foot, $at->boardFoot, 0.0), $right,
            max($at->top, $design->deck->present() ? $design->deck->topAboveGrade : -INF),
        ];
    }

    /** The same with the temperatures of a month laid over it. */
    public static function withTemperatures(Drawing $drawing, GroundField $field, int $month, QuantityFormatter $format): Drawing
    {
        return new Drawing(
            $drawing->scale,
            $drawing->box,
            [...$drawing->items, ...Isotherm::items($field, $month, $drawing->box, $drawing->paper(), $format)],
            sprintf(
                '%s, with temperatures in the middle of %s, degrees %s',
                $drawing->title,
                Calendar::MONTHS[$month - 1],
                $format->unit(Quantity::Temperature),
            ),
        );
    }

    /** @return array{float, array{float, float, float, float}} scale and what is shown */
    private static function whole(Design $design, Layout $at, Side $side, UnitSystem $system): array
    {
        [$left, $right] = self::reach($design, $at, $side);
        $top = max($at->top, $design->deck->present() ? $design->deck->topAboveGrade : -INF, Layout::of($design)->top);
        $bottom = min(
            $at->dig, $at->trench, $at->foot, $at->boardFoot, $design->pads->present() ? -$design->pads->depthBelowGrade : 0.0, 0.0,
            Layout::of($design)->trench, $at->under - $design->supports->padHeight(),
        );
        $scale = self::scale($system, static fn (float $paper): bool => ($left + $right) / $paper + self::LEFT + self::RIGHT <= self::WIDTH
            && $top / $paper + self::OVER <= self::ABOVE_DATUM
            && -$bottom / $paper + self::UNDER <= self::BELOW_DATUM);
        $paper = $scale / 1000;
        $middle = ($right - $left) / 2 + (self::RIGHT - self::LEFT) * $paper / 2;
        $half = (self::WIDTH / 2 + self::MARGIN) * $paper;

        return [$scale, [$middle - $half, -self::BELOW_DATUM * $paper, $middle + $half, self::ABOVE_DATUM * $paper]];
    }

    /** @return array{float, array{float, float, float, float}} */
    private static function detail(Design $design, Layout $at, UnitSystem $system): array
    {
        $left = min($at->tray, $at->lined, -$design->wall->insideThickness()) - self::DETAIL;
        $right = max($at->outermost, $at->toe);
        $bottom = min($at->dig, $at->trench, $at->foot);
        // Where the wall stands far above the floor, floor and footing are what has to be seen close up.
        $top = $at->top - $at->floor > 1.0 ? $at->floor + 0.2 : $at->top + 0.1;
        [$wide, $high] = [$right - $left, $top - $bottom];
        $scale = self::scale($system, static fn (float $paper): bool => $wide / $paper + self::LEFT / 2 + self::RIGHT <= self::WIDTH
            && $high / $paper + 2 * self::UNDER <= self::ABOVE_DATUM + self::BELOW_DATUM);
        $paper = $scale / 1000;
        $x = ($left + $right) / 2 + self::RIGHT * $paper / 4;
        $half = (self::WIDTH / 2 + self::MARGIN) * $paper;
        $y = ($top + $bottom) / 2;
        $high = (self::ABOVE_DATUM + self::BELOW_DATUM) / 2 * $paper;

        return [$scale, [$x - $half, $y - $high, $x + $half, $y + $high]];
    }

    /**
     * The largest usual scale at which all fits, else the smallest there is.
     *
     * @param  callable(float): bool  $fits  told the metres of building for a millimetre of paper
     */
    private static function scale(UnitSystem $system, callable $fits): float
    {
        $scales = self::SCALES[$system->value];
        foreach ($scales as $scale) {
            if ($fits($scale / 1000)) {
                return (float) $scale;
            }
        }

        return (float) end($scales);
    }

    /** @return array{float, float} how far the parts reach inward and outward of the edge's outer face, m */
    private static function reach(Design $design, Layout $at, Side $side): array
    {
        $out = max(
            $at->outermost,
            $design->wing->present() ? $at->boardFace + $design->wing->width : 0.0,
            $at->boardFace + (
                $side === Side::Neighbour
                ? $design->neighbour->layer->thickness
                + $design->neighbour->width
                + $design->neighbour->edgeBoard
                : 0.0
            ),
        );
        if ($side->isWhole()) {
            $plain = Layout::of($design);

            return [-EdgeSection::middle($design, $at) - EdgeSection::middle($design, $plain) + $plain->outermost, $out];
        }

        $in = [max(-$at->zone, -$at->room, 0.0), $design->pads->present() ? $design->pads->fromEdge + $design->pads->width / 2 : 0.0];
        foreach ($design->supports->kinds() as $of) {
            $in[] = $of->fromEdge() + max($of->width(), $of->plate()) / 2;
        }

        return [max($in), $out];
    }

    /** @return list<Area|Strokes> */
    private static function areas(EdgeSection $section, float $paper, bool $hatched = true): array
    {
        $hatching = new Hatching($paper);
        $items = [];
        foreach ($section->regions as $i => $region) {
            $part = $region->part?->value;
            $title = $region->material === null ? 'Ground' : $region->part?->label().': '.$region->material->name;
            $stands = $region->part !== null && $section->design->standing->has($region->part);
            $items[] = new Area(
                $part, $region->polygon, $region->hatch(), $title.($stands ? ', stands already' : ''),
                ! $hatched && $hatching->fits($region), $stands,
            );
            if (! $hatched) {
                continue;
            }
            $covers = array_values(array_map(
                static fn (Region $r): array => $r->polygon,
                array_filter(array_slice($section->regions, $i + 1), static fn (Region $r): bool => self::overlap($region, $r)),
            ));
            $strokes = $hatching->strokes($region, $covers);
            if ($strokes !== []) {
                $items[] = new Strokes($region->material === null ? Role::Ground : Role::Hatch, $part, $strokes);
            }
        }

        return $items;
    }

    private static function overlap(Region $one, Region $other): bool
    {
        [$ax0, $ay0, $ax1, $ay1] = $one->extent();
        [$bx0, $by0, $bx1, $by1] = $other->extent();

        return $ax0 < $bx1 && $bx0 < $ax1 && $ay0 < $by1 && $by0 < $ay1;
    }

    /** @return list<Item> */
    private static function courses(EdgeSection $section): array
    {
        $items = [];
        foreach ($section->courses as $course) {
            $items[] = new Strokes(match ($course->part) {
                null => Role::Airtight,
                // Joints between blocks are no sheets.
                Part::Form => Role::Joint,
                default => Role::Sheet,
            }, $course->part?->value, [$course->path]);
        }

        return $items;
    }

    /**
     * The ground line, outside the building, with its mark.
     *
     * @param  array{float, float, float, float}  $box
     * @return list<Item>
     */
    private static function datum(EdgeSection $section, array $box, float $paper): array
    {
        $x = $box[2] - (self::MARGIN + 8) * $paper;
        $y = $section->layout->grade;
        if ($y < $box[1] || $y > $box[3]) {
            return [];
        }
        $lines = [
            [[0.0, $y], [$box[2], $y]],
            [[$x, $y], [$x - 1.6 * $paper, $y + 2.6 * $paper], [$x + 1.6 * $paper, $y + 2.6 * $paper], [$x, $y]],
        ];
        if ($section->side->isWhole()) {
            $lines[] = [[$box[0], 0.0], [2 * $section->middle + max(0.0, -$section->layout->room), 0.0]];
        }

        return [
            new Strokes(Role::Datum, null, $lines),
            ...($y === 0.0 ? [new Text(Role::Note, null, [$x + 2.4 * $paper, 0.9 * $paper], '±0', 'start')] : []),
        ];
    }
}
