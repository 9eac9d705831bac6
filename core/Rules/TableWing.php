<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Stock;
use Ondergrond\Design\Layer;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Frost\FrostTable;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Section\Layout;

/** What the table for shallow foundations asks, put into a design in sizes that are sold. What is better already stays. */
final class TableWing
{
    /** Depth of the wing's top, in and mm. */
    private const DEPTH = [10, 250];

    private const FALL = [2, 50];

    /**
     * @param  float  $index  °F·d, within the table
     * @param  Material|null  $board  of a wing where there is none yet, one that the table knows
     * @param  bool  $wingAlone  leaves beam, footing and outside board as they are
     */
    public static function fitted(Design $d, float $index, Stock $stock, ?Material $board = null, bool $wingAlone = false): Design
    {
        [$depth, $vertical, $along, $corner, $a, $b, $c] = FrostTable::row($index);
        $d = $wingAlone ? $d : self::outside(self::deepened($d, $depth, $stock), $vertical, $stock);
        if ($along <= 0.0) {
            return $d;
        }
        $wing = $d->wing;
        $layer = $wing->present() ? $wing->layer : Layer::of($board ?? Catalogue::get('xps-40psi'), $stock->size(2, 50));
        if (FrostTable::effective($layer->material, 1.0, true) <= 0.0) {
            $layer = $layer->made(Catalogue::get('xps-40psi'));
        }
        $thick = $layer->thick(max($layer->thickness, self::sold($layer, $along, $stock, true)));
        $at = Layout::of($d);

        return $d->with(['wing' => $wing->but(
            layer: $thick,
            width: max($wing->present() ? $wing->width : 0.0, $stock->up($a)),
            depth: $wing->present() ? $wing->depth : min($stock->size(...self::DEPTH), max(0.0, $at->grade - $at->foot)),
            fall: $wing->present() ? $wing->fall : min($stock->size(...self::FALL), 0.5 * $stock->up($a)),
            cornerThickness: max($wing->cornerThickness, self::sold($layer, $corner, $stock, true)),
            cornerWidth: max($wing->cornerWidth, $stock->up($b)),
            cornerLength: max($wing->cornerLength, $stock->up($c)),
        )]);
    }

    /** The foundation as deep as the table wants it. */
    private static function deepened(Design $d, float $depth, Stock $stock): Design
    {
        $at = Layout::of($d);
        $lacks = $depth - ($at->grade - $at->foot);
        if ($lacks <= 0.002) {
            return $d;
        }

        return $d->stem->present()
            ? $d->with(['footing' => $d->footing->but(depthBelowGrade: $stock->up($d->footing->depthBelowGrade + $lacks))])
            : $d->with(['edgeBeam' => $d->edgeBeam->but(depth: $stock->up($d->edgeBeam->depth + $lacks))]);
    }

    private static function outside(Design $d, float $vertical, Stock $stock): Design
    {
        $at = Layout::of($d);
        $form = FrostTable::effective($d->form->faces(), $d->form->outside, false);
        if ($form >= $vertical) {
            return $d;
        }
        $board = $d->edgeOutside;
        $layer = $board->layer;
        if (FrostTable::effective($layer->material, 1.0, false) <= 0.0) {
            // A board that the table knows, holding back as much heat.
            $known = Catalogue::get('xps-25psi');
            $layer = Layer::of($known, $stock->board($layer->resistance() * $known->conductivity));
        }
        $foot = $d->stem->present() && $at->toe > $d->form->outside ? $at->grade - $at->stemFoot
            : $at->grade - $at->foot + ($d->stem->present() ? 0.0 : $d->edgeUnder->thickness);

        return $d->with(['edgeOutside' => new OutsideBoard(
            $layer->thick(
                max($layer->thickness, self::sold($layer, $vertical - $form, $stock, false)),
            ), $board->present() ? max($board->depthBelowGrade, $foot) : $foot,
        )]);
    }

    private static function sold(Layer $layer, float $resistance, Stock $stock, bool $lying): float
    {
        $each = FrostTable::effective($layer->material, 1.0, $lying);

        return $each > 0.0 ? $stock->board($resistance / $each) : 0.0;
    }
}
