<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\StillAir;
use Ondergrond\Section\Layout;
use Ondergrond\Section\StemWall;

/** What vapour passes at each place of a design, from the inside outward. */
final class Layers
{
    /** The joist at the rim, m: common practice, no source. */
    private const JOIST = 0.038;

    /**
     * @param  float  $y  height at which a wall is cut, m
     * @return list<VapourLayer>
     */
    public static function at(StackPlace $place, Design $design, Layout $at, float $y = 0.0): array
    {
        return array_values(array_filter(match (true) {
            $place->isFloor() => self::floor(
                $design,
                $place === StackPlace::FloorEdge && $design->perimeterBoard->present()
                    ? $design->perimeterBoard->layer
                    : $design->fieldBoard,
            ),
            $place->isStem() => self::wall($design, $at, $y, $place === StackPlace::WallAbove),
            $place === StackPlace::Rim => self::rim($design),
            default => self::layers($design->deck->layers, Part::Deck),
        }));
    }

    /**
     * Down to the stone, in which air stands saturated: it breaks what climbs by itself, and holds no vapour back.
     *
     * @return list<VapourLayer|null>
     */
    private static function floor(Design $d, Layer $board): array
    {
        $sheet = $d->sheet->present() ? Passage::sheet('the sheet', $d->sheet->thickness, Part::Sheet, $d->sheet->joints) : null;
        $boards = $board->present() ? Passage::layer($board, Part::Field) : null;

        return [
            $d->finish->present() ? Passage::finish($d) : null,
            $d->screed->present() ? Passage::layer($d->screed, Part::Screed) : null,
            $d->upperSheet->present() ? Passage::sheet('the upper sheet', $d->upperSheet->thickness, Part::UpperSheet) : null,
            $d->boardAbove->present() ? Passage::layer($d->boardAbove, Part::BoardAbove) : null,
            $d->mat->present() ? Passage::sheet('the mat', $d->mat->layer->thickness, Part::Mat, $d->mat->joints) : null,
            $d->slab->present() ? Passage::layer($d->slab->layer, Part::Slab) : null,
            $d->stoneOver->present() ? Passage::layer($d->stoneOver, Part::StoneOver) : null,
            ...($d->sheet->position === SheetPosition::AboveBoards ? [$sheet, $boards] : [$boards, $sheet]),
        ];
    }

    /** @return list<VapourLayer|null> */
    private static function wall(Design $d, Layout $at, float $y, bool $above): array
    {
        $lining = $at->lining && $y >= $at->floor + $d->lining->gapAboveFloor ? array_map(
            static fn (Layer $l): VapourLayer => Passage::layer($l, Part::Lining, $d->lining->sealed),
            $d->lining->layers,
        ) : [];
        $form = $d->form->present() && $y >= $at->formFoot;
        $board = $d->edgeOutside->present() && $y >= $at->boardFoot;

        $air = $at->cavity($d, $y);

        return [
            ...$lining,
            $lining !== [] && $air > 0.0 ? new VapourLayer(
                'still air',
                $air,
                StillAir::resistance($air),
                $air,
                part: Part::Lining->value,
            ) : null,
            $form && $d->form->inside > 0.0 ? Passage::layer($d->form->inner(), Part::Form) : null,
            ...array_map(static fn (array $of): VapourLayer => Passage::layer($of[1], $of[0]), StemWall::of($d, $at)->at($y)),
            // Drainage stands outside: the air in it is that of the ground.
            $form && $d->form->outside > 0.0 ? Passage::layer($d->form->outer(), Part::Form) : null,
            $d->membrane->present() && $y <= $at->membraneTop ? Passage::membrane($d) : null,
            $board ? Passage::layer($d->edgeOutside->layer, Part::EdgeOutside) : null,
            $above && $board && $d->cover->present() ? Passage::layer($d->cover->layer, Part::Cover) : null,
        ];
    }

    /** @return list<VapourLayer> */
    private static function rim(Design $d): array
    {
        $foam = Layer::of(Catalogue::get('xps-25psi'), $d->deck->rim);
        // Air that gets behind open foam is as good as no foam at all for vapour.
        $rim = ! $foam->present() ? [] : [$d->deck->rimSealed === Done::Yes
            ? Passage::layer($foam, Part::Deck)
            : new VapourLayer('foam with open joints', $foam->thickness, $foam->resistance(), 0.01, part: Part::Deck->value)];

        return [
            ...$rim,
            Passage::layer(Layer::of(Catalogue::get('softwood'), self::JOIST), Part::Deck),
            ...self::layers($d->wall->outside, Part::Wall),
        ];
    }

    /**
     * @param  list<Layer>  $layers
     * @return list<VapourLayer>
     */
    private static function layers(array $layers, Part $part): array
    {
        return array_map(
            static fn (Layer $l): VapourLayer => Passage::layer($l, $part),
            array_values(array_filter($layers, static fn (Layer $l): bool => $l->present())),
        );
    }
}
