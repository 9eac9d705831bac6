<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Design\Below;
use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Heat\Iso13370;
use Ondergrond\Material\StillAir;
use Ondergrond\Section\Layout;
use Ondergrond\Section\StemWall;
use Ondergrond\Site\Site;

/** The stacks of a design that store heat for its rooms. */
final class MassStacks
{
    /** @return non-empty-list<MassStack> what the rooms stand on first */
    public static function of(Site $site, Design $design): array
    {
        $foot = $design->footprint;
        $soil = $site->soil;
        $stacks = [];
        if (self::overSpace($design)) {
            $stacks[] = new MassStack(MassPlace::Deck, self::layers($design->deck->layers, Part::Deck), $foot->area, $soil);
        } else {
            $stacks[] = new MassStack(MassPlace::Floor, self::floor($design, $design->fieldBoard), $foot->area, $soil);
            if ($design->perimeterBoard->present()) {
                $stacks[] = new MassStack(
                    MassPlace::FloorEdge,
                    self::floor($design, $design->perimeterBoard->layer),
                    min($foot->area, $design->perimeterBoard->width * $foot->exposed),
                    $soil,
                );
            }
            if ($design->hasRoomBelowGrade()) {
                $stacks[] = new MassStack(
                    MassPlace::BuriedWall,
                    self::buried($design),
                    Iso13370::of($design)->depth() * $foot->exposed,
                    $soil,
                );
            }
        }
        $wall = self::layers([...$design->wall->inside, ...$design->wall->outside], Part::Wall);
        if ($wall !== []) {
            $stacks[] = new MassStack(
                MassPlace::Wall,
                $wall,
                max(0.0, $foot->exposed * $site->room->height - $site->room->uprightGlass()),
                $soil,
            );
        }

        return $stacks;
    }

    /** Whether the rooms stand on a deck over air that is not heated. */
    public static function overSpace(Design $design): bool
    {
        return $design->deck->present() && $design->space->kind !== Below::Heated;
    }

    /** @return list<HeatLayer> */
    private static function floor(Design $d, Layer $board): array
    {
        $finish = $d->finish->kind->resistance();

        return [
            ...($finish > 0.0 ? [HeatLayer::film($d->finish->kind->label(), $finish, Part::Finish->value)] : []),
            ...self::layers([$d->screed], Part::Screed),
            ...self::layers([$d->boardAbove], Part::BoardAbove),
            ...self::layers([$d->mat->layer], Part::Mat),
            ...self::layers([$d->slab->layer], Part::Slab),
            ...self::layers([$d->stoneOver], Part::StoneOver),
            ...self::layers([$board], Part::Field),
            ...self::layers([$d->blinding], Part::Blinding),
            ...self::layers([$d->stone], Part::Stone),
        ];
    }

    /**
     * Half-way down.
     *
     * @return list<HeatLayer>
     */
    private static function buried(Design $d): array
    {
        $at = Layout::of($d);
        $y = $at->floor / 2;
        $form = $d->form->present() && $y >= $at->formFoot;
        $wet = static fn (Layer $l, Part $p): array => $l->present() ? [HeatLayer::of($l, $p->value, true)] : [];

        return [
            ...($at->lining ? self::layers($d->lining->layers, Part::Lining) : []),
            ...(
                $at->cavity($d, $y) > 0.0
                ? [HeatLayer::film('still air', StillAir::resistance($at->cavity($d, $y)), Part::Lining->value)]
                : []
            ),
            ...($form ? self::layers([$d->form->inner()], Part::Form) : []),
            ...array_merge(...array_map(
                static fn (array $of): array => self::layers([$of[1]], $of[0]), StemWall::of($d, $at)->at($y),
            )),
            ...($form ? $wet($d->form->outer(), Part::Form) : []),
            ...($d->edgeOutside->present() && $y >= $at->boardFoot ? $wet($d->edgeOutside->layer, Part::EdgeOutside) : []),
        ];
    }

    /**
     * @param  list<Layer>  $layers
     * @return list<HeatLayer>
     */
    private static function layers(array $layers, Part $part): array
    {
        $solid = array_filter($layers, static fn (Layer $l): bool => $l->present() && $l->material->slug !== 'polyethylene');

        return array_values(array_map(static fn (Layer $l): HeatLayer => HeatLayer::of($l, $part->value), $solid));
    }
}
