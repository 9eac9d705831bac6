<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\Design;
use Ondergrond\Design\DrainMade;
use Ondergrond\Design\FormStart;
use Ondergrond\Design\Side;

/** The heights that are set out and checked, from the top down. */
final class Levels
{
    /** How much lower and higher each may be built, m; common practice, no source. The others: as `ELSE`. */
    private const OFF = [
        'dig' => [-0.020, 0.0], 'trench' => [-0.020, 0.0], 'foot' => [-0.020, 0.0], 'footing_top' => [-0.012, 0.0],
        'stem_top' => [-0.006, 0.006], 'door_sill' => [-0.006, 0.006], 'grade' => [-0.025, 0.025], 'membrane_top' => [-0.010, 0.050],
    ];

    private const ELSE = [-0.010, 0.010];

    /** A footing's top under permanent forms, and where a drain is its form, m; common practice, no source. */
    private const UNDER_FORMS = [-0.006, 0.006];

    private const DRAIN_FORM = [-0.005, 0.005];

    /** @return array{float, float} how much lower and higher that level of a design may be built, m */
    public static function off(string $slug, Design $d): array
    {
        return match (true) {
            $slug === 'footing_top' && $d->drains->made === DrainMade::FormBoards => self::DRAIN_FORM,
            $slug === 'footing_top' && $d->form->starts === FormStart::Footing && $d->form->present() => self::UNDER_FORMS,
            default => self::OFF[$slug] ?? self::ELSE,
        };
    }

    /**
     * @return list<Level> from the top down
     */
    public static function of(Design $d, Side $side = Side::Edge): array
    {
        $at = Layout::of($d, $side);
        $levels = [];
        $add = static function (string $slug, string $name, float $height, string $note = '') use (&$levels, $d): void {
            $levels[] = new Level($slug, $name, $height, $note, ...self::off($slug, $d));
        };
        $under = Layout::deckUnderside($d);
        if ($d->deck->present() && $under !== null) {
            $add('deck_top', 'Floor over it', $d->deck->topAboveGrade);
            $add('deck_underside', 'Deck, underside', $under);
        }
        if ($d->stem->present()) {
            $add('stem_top', 'Stem wall', $at->top);
        }
        if ($d->threshold->present() && ! $d->deck->present()) {
            $add('door_sill', 'Concrete at the door', $at->top - $d->threshold->layer->thickness, 'foam fills it level');
        }
        $add('grade', 'Ground outside', $at->grade);
        if ($d->membrane->present()) {
            $add('membrane_top', 'Membrane, top', $at->membraneTop);
        }
        if ($d->dpc->present()) {
            $stepped = $d->stem->hasLeaves() && $d->dpc->innerStep > 0.0;
            $add('dpc', $stepped ? 'Damp course, outer leaf' : 'Damp course', $at->course($d));
            if ($stepped) {
                $add('dpc_inner', 'Damp course, inner leaf', $at->course($d) + $d->dpc->innerStep);
            }
        }
        if ($d->neighbour->present()) {
            $add('neighbour_top', 'Neighbour’s slab', $d->neighbour->topAboveGrade);
        }
        $add('finished_floor', 'Finished floor', $at->floor);
        if ($at->floor > $at->slab) {
            $add('slab_top', 'Slab', $at->slab);
        }
        if ($d->slab->present()) {
            $add('slab_underside', 'Slab, underside', $at->under);
        }
        if ($d->stone->present()) {
            $add('stone_top', 'Stone', $at->bed, 'under the thickest board');
            if ($d->service->present()) {
                $add('service', 'Pipes above', $at->bed - $d->service->height, 'room kept in the stone');
            }
        }
        $add('dig', 'Dig level', $at->dig);
        if ($d->stem->present()) {
            $add('footing_top', 'Footing', $at->stemFoot);
        }
        $add('foot', $d->stem->present() ? 'Footing, base' : 'Beam, base', $at->foot);
        if ($at->trench < $at->foot) {
            $add('trench', 'Trench', $at->trench);
        }
        usort($levels, static fn (Level $a, Level $b): int => $b->height <=> $a->height);

        return $levels;
    }

    /** Clear height under the deck, m; null where there is none. */
    public static function headroom(Design $design): ?float
    {
        $under = Layout::deckUnderside($design);

        return $under === null ? null : $under - $design->finishedFloor();
    }

    /** How far the footing's top stands above the dug floor, m; common practice wants 150 mm for the stone. Null without one. */
    public static function footingAboveDig(Design $design): ?float
    {
        $at = Layout::of($design);

        return $design->footing->present() ? $at->stemFoot - $at->dig : null;
    }
}
