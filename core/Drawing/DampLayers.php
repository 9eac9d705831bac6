<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\BehindKind;
use Ondergrond\Design\CoverBacking;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\DrainOutlet;
use Ondergrond\Design\FormStart;
use Ondergrond\Design\Layer;
use Ondergrond\Design\MembraneKind;
use Ondergrond\Design\SheetEdge;
use Ondergrond\Design\SheetJoints;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Design\Side;
use Ondergrond\Section\Layout;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** Everything in a section that keeps water or vapour off, in words with its laps, and where it is. */
final readonly class DampLayers
{
    public function __construct(
        private Design $d,
        private Layout $at,
        private Side $side,
        private QuantityFormatter $format,
    ) {}

    /** @return list<array{array{float, float}, string}> what stands at the edge, from the top down: where, m, and what */
    public function outside(): array
    {
        [$d, $at] = [$this->d, $this->at];
        $face = $at->boardFace;
        $grade = $at->grade;
        $low = ($grade + $at->stemFoot) / 2;
        $all = [
            $d->deck->present() && $d->deck->rim > 0.0 ? [
                [0.0, ($at->top + $d->deck->topAboveGrade) / 2],
                'rim: '.$this->format->format($d->deck->rim, Quantity::Thickness).' foam'.self::said(
                    $d->deck->rimSealed,
                    ', sealed',
                    ', open',
                ),
            ] : null,
            $d->shield->present() ? [[$at->outermost, $at->top], 'shield with drip'] : null,
            $d->dpc->present() ? [[min(0.0, $at->inner / 2), $at->course($d)], $this->course()] : null,
            $d->cover->present() ? [[
                $face,
                ($at->top + $grade) / 2,
            ], 'cover: '.lcfirst($d->cover->layer->material->name).match ($d->cover->backing) {
                CoverBacking::Direct => ' straight on the foam',
                CoverBacking::NotSaid => '',
                CoverBacking::SlipLayer, CoverBacking::Layers => ' on '.implode(', ', array_map(
                    static fn (BehindKind $k): string => $k->label(), array_reverse($d->cover->kinds()),
                )),
            }] : null,
            $d->membrane->present() ? [[$at->formFace, min($at->membraneTop - 0.02, ($grade + $low) / 2)], match ($d->membrane->kind) {
                MembraneKind::SolventCoat => 'bitumen coat',
                MembraneKind::Felt => 'felt',
                MembraneKind::Fluid => 'fluid membrane',
                MembraneKind::Sheet => 'self-adhered sheet',
                MembraneKind::NotSaid => 'membrane, kind not said',
            }.$this->lap($d->membrane->kind->isLapped() ? $d->membrane->lap : null)] : null,
            $d->edgeOutside->present() && $at->boardFoot < $grade ? [
                [($at->formFace + $face) / 2, ($grade + $at->boardFoot) / 2],
                $d->membrane->present() ? 'board, protects it' : 'board outside',
            ] : null,
            $d->drainage->present() ? [[
                $face + $d->drainage->layer->thickness,
                $low,
            ], lcfirst($d->drainage->layer->material->name).match ($d->drainage->filter) {
                Done::Yes => ', filter outside',
                Done::No => ', no filter',
                Done::NotSaid => ', filter not said',
            }] : null,
            $d->form->present() && $d->form->starts === FormStart::Footing && $d->form->outside > 0.0 && ! $d->membrane->present() ? [
                [$at->formFace, $low],
                'form, no membrane',
            ] : null,
            $at->lining ? [[($at->lined + $at->inner) / 2, $low - 0.1], $this->lining()] : null,
            $this->side === Side::Neighbour ? [
                [$face, $d->neighbour->topAboveGrade],
                self::said($d->neighbour->flashing, 'flashing, lapped both ways', 'joint without flashing'),
            ] : null,
            $d->footing->present() && $d->footing->course === Done::Yes ? [[0.0, $at->stemFoot], 'course on the footing'] : null,
            $d->drains->outer > 0.0 ? [
                [max($at->outermost, $at->toe) + 1.5 * $d->drains->outer, $at->foot + $d->drains->outer / 2],
                'outer drain'.($d->drains->outlet === DrainOutlet::NotSaid ? ', outlet not said' : ' to '.$d->drains->outlet->label()),
            ] : null,
        ];

        $all = array_values(array_filter($all, static fn (?array $l): bool => $l !== null && $l[1] !== ''));
        // From the top down, whatever was listed first.
        usort($all, static fn (array $a, array $b): int => $b[0][1] <=> $a[0][1]);

        return $all;
    }

    private function lining(): string
    {
        $foil = array_filter($this->d->lining->layers, static fn (Layer $l): bool => $l->material->slug === 'pir-foil') !== [];

        return ($foil ? 'foil-faced board inside' : 'boards inside').self::said(
            $this->d->lining->sealed,
            $foil ? ', joints sealed: a vapour layer' : ', joints sealed',
            ', joints open',
        );
    }

    private static function said(Done $done, string $yes, string $no): string
    {
        return match ($done) {
            Done::Yes => $yes,
            Done::No => $no,
            Done::NotSaid => '',
        };
    }

    /** @return list<array{float, string}> what lies in the floor and under it: its height, m, and what */
    public function floor(): array
    {
        [$d, $at] = [$this->d, $this->at];
        $above = $d->sheet->position === SheetPosition::AboveBoards;
        $all = [
            $d->finish->present() ? [$at->floor, 'finish: '.$d->finish->kind->label()] : null,
            $d->upperSheet->present() ? [
                $at->boardTop($d),
                'upper sheet '.$this->format->format($d->upperSheet->thickness, Quantity::SheetThickness),
            ] : null,
            $d->mat->present() ? [$at->slab, 'mat: what seeps in runs below it'.($d->mat->outlet === DrainOutlet::NotSaid
                ? '' : ' to '.$d->mat->outlet->label())] : null,
            $d->sheet->present() ? [$above ? $at->boarded : $at->boarded - $d->fieldBoard->thickness, $this->sheet()] : null,
            $d->stone->present() ? [($at->bed + $at->dig) / 2, 'stone: breaks what climbs, drains'] : null,
        ];

        return array_values(array_filter($all));
    }

    private function sheet(): string
    {
        $sheet = $this->d->sheet;

        return 'sheet '.$this->format->format($sheet->thickness, Quantity::SheetThickness).$this->lap($sheet->lap).match ($sheet->joints) {
            SheetJoints::Taped => ', taped',
            SheetJoints::Lapped => ', not taped',
            SheetJoints::NotSaid => '',
        }.($sheet->edge === SheetEdge::TurnedUp ? ', turned up' : ', cut off');
    }

    private function course(): string
    {
        $dpc = $this->d->dpc;

        return 'course'.($dpc->kind->value === 'not-said' ? '' : ': '.$dpc->kind->label()).$this->lap($dpc->lap)
            .($dpc->tray === Done::Yes ? ', tray' : '').($dpc->jambs === Done::Yes ? ', up the jambs' : '')
                .($dpc->joined === Done::Yes ? ', to the sheet' : '');
    }

    /** @param  float|null  $lap  m; 0: not said; null: it has none */
    private function lap(?float $lap): string
    {
        return match (true) {
            $lap === null => '',
            $lap <= 0.0 => ', lap not said',
            default => ', lap '.$this->format->format($lap, Quantity::Thickness),
        };
    }
}
