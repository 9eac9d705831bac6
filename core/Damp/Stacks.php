<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Design\Below;
use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Lining;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Ground\GroundField;
use Ondergrond\Material\Catalogue;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\Layout;
use Ondergrond\Site\Site;

/**
 * Every stack of a design that parts the rooms from ground, cellar or weather, cut through its common edge; the wall of the
 * building over it is not the foundation's. The ground's side is as
 * warm as the field says at that depth in that month, and its air is saturated; there is no surface resistance there.
 */
final class Stacks
{
    /** From the wall's lined face to where the floor is cut near it, and from the ground's or the floor's level to where a wall is, m. */
    private const NEAR = 0.3;

    private const CLEAR = 0.15;

    /** A wall is cut at its middle too where it stands so deep, m. */
    private const DEEP = 0.8;

    private const INSIDE_DOWN = 0.17;

    private const INSIDE_LEVEL = 0.13;

    private const OUTSIDE = 0.04;

    /**
     * Of what the rooms add to the vapour, what gets into an unheated cellar; in a space with bare ground, how humid it is. Common
     * practice, no source.
     */
    private const CELLAR = 0.3;

    private const BARE_GROUND = 0.95;

    /** s_d of a sheet that is put in for comparison: 0.2 mm, m. */
    private const SHEET = 0.0002;

    /** @return list<DampStack> */
    public static function of(GroundField $ground, DampAir $air): array
    {
        $design = $ground->design;
        $at = Layout::of($design);
        $low = self::isLow($design);
        $room = ! $design->deck->present() || $design->space->kind === Below::Heated;
        $stacks = [];
        foreach (self::cuts($design, $at, $room) as [$place, $y]) {
            $layers = Layers::at($place, $design, $at, $y);
            [$line, $face] = self::line($place, $design, $at, $y, $layers);
            $months = self::months($place, $ground, $air, $face);
            $inside = $place->isFloor() || $place === StackPlace::Deck ? self::INSIDE_DOWN : self::INSIDE_LEVEL;
            $stack = $months === null
                ? null
                : VapourStack::of($layers, $inside, match (true) {
                    $face !== null => 0.0,
                    $place === StackPlace::Deck => self::INSIDE_DOWN,
                    default => self::OUTSIDE,
                }, $months);
            if ($stack !== null) {
                $stacks[] = new DampStack($place, $place->label($low), $line, match (true) {
                    $face !== null => 'ground',
                    $place === StackPlace::Deck => 'the space below',
                    default => 'outdoor air',
                }, $stack, DampYear::of($stack));
            }
        }

        return $stacks;
    }

    /**
     * The same stack with its barriers elsewhere, added or left out: what that would do. Temperatures are taken as they are.
     *
     * @return list<StackVariant>
     */
    public static function variants(Design $design, DampStack $stack): array
    {
        $at = Layout::of($design);
        $y = $stack->line[0][1];
        $variants = [];
        foreach (self::others($design, $stack->place) as $label => $other) {
            $layers = Layers::at($stack->place, $other, $at, $y);
            $built = VapourStack::of($layers, $stack->stack->inside, $stack->stack->outside, $stack->stack->months);
            if ($built !== null) {
                $variants[] = new StackVariant(
                    $label,
                    new DampStack($stack->place, $stack->label, $stack->line, $stack->beyond, $built, DampYear::of($built)),
                );
            }
        }

        return $variants;
    }

    /** @return array<string, Design> by what is different */
    private static function others(Design $d, StackPlace $place): array
    {
        if ($place->isFloor()) {
            $sheet = $d->sheet->present() ? $d->sheet : $d->sheet->but(thickness: self::SHEET);
            $above = $d->with(['sheet' => $sheet->but(position: SheetPosition::AboveBoards)]);
            $below = $d->with(['sheet' => $sheet->but(position: SheetPosition::BelowBoards)]);
            $now = $d->sheet->present() ? $d->sheet->position : null;

            return [
                ...($now !== SheetPosition::AboveBoards && $d->fieldBoard->present() ? ['sheet above the boards' => $above] : []),
                ...(
                    $now !== SheetPosition::BelowBoards
                    ? [$d->fieldBoard->present() ? 'sheet below the boards' : 'with a sheet' => $below]
                    : []
                ),
                ...($now !== null ? ['without the sheet' => $d->with(['sheet' => $sheet->but(thickness: 0.0)])] : []),
                ...(
                    $d->upperSheet->present()
                    ? ['without the upper sheet' => $d->with(['upperSheet' => $d->upperSheet->but(thickness: 0.0)])]
                    : []
                ),
            ];
        }
        if (! $place->isStem()) {
            return [];
        }
        $lining = $d->lining->layers;
        $sheet = Layer::of(Catalogue::get('polyethylene'), self::SHEET);
        $without = array_values(array_filter($lining, static fn (Layer $l): bool => $l->material->slug !== 'polyethylene'));
        $behind = array_filter($lining, static fn (Layer $l): bool => $l->insulates());

        return [
            ...(
                $behind !== []
                && count($without) === count($lining) ? [
                    'with a sheet on the room’s side of the boards' => $d->with(['lining' => self::sheeted($d->lining, $sheet)]),
                ] : []
            ),
            ...(
                count($without) < count($lining)
                ? ['without the inner sheet' => $d->with(['lining' => $d->lining->but(layers: $without)])]
                : []
            ),
            ...($d->membrane->present() ? ['without the membrane' => $d->with(['membrane' => $d->membrane->but(thickness: 0.0)])] : []),
        ];
    }

    private static function sheeted(Lining $lining, Layer $sheet): Lining
    {
        $layers = $lining->layers;
        foreach ($layers as $i => $layer) {
            if ($layer->insulates()) {
                array_splice($layers, $i, 0, [$sheet]);
                break;
            }
        }

        return $lining->but(layers: $layers);
    }

    private static function isLow(Design $design): bool
    {
        $under = Layout::deckUnderside($design);

        return $under !== null && $under - $design->finishedFloor() < 1.5;
    }

    /** @return list<array{StackPlace, float}> with the height at which walls are cut, m */
    private static function cuts(Design $d, Layout $at, bool $room): array
    {
        $cuts = [];
        if ($room) {
            $cuts[] = [StackPlace::FloorMiddle, 0.0];
            if ($d->perimeterBoard->present() || $d->hasRoomBelowGrade()) {
                $cuts[] = [StackPlace::FloorEdge, 0.0];
            }
        } else {
            $cuts[] = [StackPlace::Deck, 0.0];
        }
        if ($room && $d->hasRoomBelowGrade()) {
            $deep = -$at->floor;
            $cuts = [
                ...$cuts,
                ...($deep > 2 * self::CLEAR ? [[StackPlace::WallTop, -self::CLEAR]] : []),
                ...($deep > self::DEEP ? [[StackPlace::WallMiddle, $at->floor / 2], [StackPlace::WallFoot, $at->floor + self::CLEAR]] : []),
                ...($at->top > max(0.05, $at->floor + 0.05) ? [[StackPlace::WallAbove, (max(0.0, $at->floor) + $at->top) / 2]] : []),
            ];
        }
        if ($room && $d->deck->present()) {
            $cuts[] = [StackPlace::Rim, 0.0];
        }

        return $cuts;
    }

    /**
     * @param  list<VapourLayer>  $layers
     * @return array{array{array{float, float}, array{float, float}}, array{float, float}|null}
     *         from inside to outside, m; the ground's face, where it is one
     */
    private static function line(StackPlace $place, Design $d, Layout $at, float $y, array $layers): array
    {
        $thick = array_sum(array_map(static fn (VapourLayer $l): float => $l->thickness, $layers));
        if ($place->isFloor()) {
            $middle = EdgeSection::middle($d, $at) + 0.01;
            $x = $place === StackPlace::FloorEdge ? max($middle, $at->room - self::NEAR) : $middle;
            $foot = $at->boarded - (
                $place === StackPlace::FloorEdge
                && $d->perimeterBoard->present() ? $d->perimeterBoard->layer->thickness : $d->fieldBoard->thickness
            );

            return [[[$x, $at->floor], [$x, $foot]], [$x, $foot]];
        }
        if ($place->isStem()) {
            $board = $d->edgeOutside->present() && $y >= $at->boardFoot;
            $face = $board ? $at->boardFace : ($y >= $at->formFoot ? $at->formFace : 0.0);
            $out = $face + ($place === StackPlace::WallAbove && $board ? $d->cover->layer->thickness : 0.0);

            return [[[$out - $thick, $y], [$out, $y]], $place === StackPlace::WallAbove ? null : [$face, $y]];
        }
        if ($place === StackPlace::Deck) {
            $x = EdgeSection::middle($d, $at) + 0.01;

            return [[[$x, $d->deck->topAboveGrade], [$x, $d->deck->topAboveGrade - $thick]], null];
        }
        $out = $d->wall->outsideThickness();
        $height = ($at->top + $d->deck->topAboveGrade) / 2;

        return [[[$out - $thick, $height], [$out, $height]], null];
    }

    /**
     * @param  array{float, float}|null  $face
     * @return list<DampMonth>|null null where the field does not reach there
     */
    private static function months(StackPlace $place, GroundField $ground, DampAir $air, ?array $face): ?array
    {
        $months = [];
        for ($i = 0; $i < 12; $i++) {
            [$out, $pressure] = match (true) {
                $face !== null => self::soil($ground->temperatureAt($face[0], $face[1], $i + 1.0)),
                $place === StackPlace::Deck => self::space($ground->site, $ground->design, $air, $i, $ground->spaceTemperature($i + 1.0)),
                default => [$air->outside[$i], $air->outsidePressure[$i]],
            };
            if ($out === null) {
                return null;
            }
            $months[] = new DampMonth($air->inside[$i], $air->insidePressure[$i], $out, $pressure);
        }

        return $months;
    }

    /** @return array{float|null, float} °C and Pa */
    private static function soil(?float $temperature): array
    {
        return [$temperature, $temperature === null ? 0.0 : Vapour::saturation($temperature)];
    }

    /** @return array{float|null, float} °C and Pa of the air in an unheated space */
    private static function space(Site $site, Design $design, DampAir $air, int $i, ?float $temperature): array
    {
        if ($temperature === null) {
            return [null, 0.0];
        }
        $full = Vapour::saturation($temperature);
        $pressure = match (true) {
            ! $design->sheet->present() && ! $design->slab->present() => self::BARE_GROUND * $full,
            $design->space->kind === Below::Vented => $air->outsidePressure[$i],
            default => $air->outsidePressure[$i] + self::CELLAR * $site->damp->humidity->excessAt($air->outside[$i]),
        };

        return [$temperature, min($pressure, $full)];
    }
}
