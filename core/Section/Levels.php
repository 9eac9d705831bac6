<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\Design;
use Ondergrond\Design\Side;

/** The heights that are set out and checked, from the top down. */
final class Levels
{
    /**
     * @return list<Level> from the top down
     */
    public static function of(Design $d, Side $side = Side::Edge): array
    {
        $at = Layout::of($d, $side);
        $levels = [];
        $add = static function (string $slug, string $name, float $height, string $note = '') use (&$levels): void {
            $levels[] = new Level($slug, $name, $height, $note);
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
