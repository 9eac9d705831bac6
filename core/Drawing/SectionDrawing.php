<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Ground\GroundField;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\Region;
use Ondergrond\Section\Window;
use Ondergrond\Site\Calendar;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/**
 * Draws the section of an edge on a sheet of fixed size with the ground line at a fixed height, at the largest usual
 * scale at which everything that matters fits.
 */
final class SectionDrawing
{
    /** Millimetres of paper: what must fit, and the margin of plain ground and slab drawn on past it at either side. */
    public const WIDTH = 164.0;

    public const ABOVE_DATUM = 60.0;

    public const BELOW_DATUM = 96.0;

    public const MARGIN = 45.0;

    private const SCALES = [
        UnitSystem::Metric->value => [5, 10, 15, 20, 25, 30, 40, 50, 75, 100],
        UnitSystem::InchPound->value => [4, 8, 12, 16, 24, 32, 48, 64, 96],
    ];

    /** Room for dimensions at the right, left and below, and for wall and field board to show, mm of paper. */
    private const RIGHT = 42.0;

    private const LEFT = 38.0;

    private const UNDER = 14.0;

    private const OVER = 22.0;

    public static function of(Design $design, QuantityFormatter $format): Drawing
    {
        $scale = self::scale($design, $format->system);
        $paper = $scale / 1000;
        [$left, $right] = self::reach($design);
        $middle = ($right - $left) / 2 + (self::RIGHT - self::LEFT) * $paper / 2;
        $half = (self::WIDTH / 2 + self::MARGIN) * $paper;
        $box = [$middle - $half, -self::BELOW_DATUM * $paper, $middle + $half, self::ABOVE_DATUM * $paper];
        $section = EdgeSection::of($design, new Window(-$box[0], $box[2], $box[3], -$box[1]));

        return new Drawing($scale, $box, [
            ...self::areas($section, $paper),
            new Strokes(Role::Sheet, Part::Sheet->value, [$section->sheet]),
            ...self::datum($box, $paper),
            ...(new SectionDimensions($section, $paper, $format))->items($middle - self::WIDTH / 2 * $paper),
            ...(new SectionFlags($section, $paper))->items(),
            ...(new SectionHandles($section, $box, $paper, $format))->items(),
        ], 'Section through the edge of the slab, to scale');
    }

    /** The same with the temperatures of a month laid over it. */
    public static function withTemperatures(Drawing $drawing, GroundField $field, int $month, QuantityFormatter $format): Drawing
    {
        return new Drawing(
            $drawing->scale,
            $drawing->box,
            [...$drawing->items, ...Isotherm::items($field, $month, $drawing->box, $drawing->paper(), $format)],
            sprintf('%s, with temperatures in the middle of %s, degrees %s', $drawing->title, Calendar::MONTHS[$month - 1], $format->unit(Quantity::Temperature)),
        );
    }

    private static function scale(Design $design, UnitSystem $system): float
    {
        [$left, $right] = self::reach($design);
        $level = EdgeSection::levelsOf($design);
        $scales = self::SCALES[$system->value];
        foreach ($scales as $scale) {
            $paper = $scale / 1000;
            if (($left + $right) / $paper + self::LEFT + self::RIGHT <= self::WIDTH
                && $level['slab_top'] / $paper + self::OVER <= self::ABOVE_DATUM
                && -min($level['dig'], $level['trench'], -$design->edgeOutside->depth) / $paper + self::UNDER <= self::BELOW_DATUM) {
                return (float) $scale;
            }
        }

        return (float) end($scales);
    }

    /** @return array{float, float} how far the parts reach inward and outward of the beam's outer face, m */
    private static function reach(Design $design): array
    {
        return [
            $design->beam->width + $design->edgeInside->thickness + $design->perimeter->width,
            max($design->edgeOutside->board->thickness, $design->wall->outsideThickness()),
        ];
    }

    /** @return list<Item> */
    private static function areas(EdgeSection $section, float $paper): array
    {
        $hatching = new Hatching($paper);
        $items = [];
        foreach ($section->regions as $i => $region) {
            $covers = array_values(array_map(
                static fn (Region $r): array => $r->polygon,
                array_filter(array_slice($section->regions, $i + 1), static fn (Region $r): bool => self::overlap($region, $r)),
            ));
            $part = $region->part?->value;
            $title = $region->material === null ? 'Ground' : $region->part?->label().': '.$region->material->name;
            $items[] = new Area($part, $region->polygon, $region->hatch(), $title);
            $strokes = $hatching->strokes($region, $covers);
            if ($strokes !== []) {
                $items[] = new Strokes($region->material === null ? Role::Ground : Role::Hatch, $part, $strokes);
            }
        }

        return $items;
    }

    private static function overlap(Region $one, Region $other): bool
    {
        [$ax0, $ay0, $ax1, $ay1] = $one->box();
        [$bx0, $by0, $bx1, $by1] = $other->box();

        return $ax0 < $bx1 && $bx0 < $ax1 && $ay0 < $by1 && $by0 < $ay1;
    }

    /**
     * The ground line, outside the building, with its mark.
     *
     * @param  array{float, float, float, float}  $box
     * @return list<Item>
     */
    private static function datum(array $box, float $paper): array
    {
        $x = $box[2] - (self::MARGIN + 8) * $paper;

        return [
            new Strokes(Role::Datum, null, [
                [[0.0, 0.0], [$box[2], 0.0]],
                [[$x, 0.0], [$x - 1.6 * $paper, 2.6 * $paper], [$x + 1.6 * $paper, 2.6 * $paper], [$x, 0.0]],
            ]),
            new Text(Role::Note, null, [$x + 2.4 * $paper, 0.9 * $paper], '±0', 'start'),
        ];
    }
}
