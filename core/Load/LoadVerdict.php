<?php

declare(strict_types=1);

namespace Ondergrond\Load;

use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Supports;
use Ondergrond\Section\Layout;
use Ondergrond\Section\StemWall;
use Ondergrond\Site\Site;
use Ondergrond\Verdict\Verdict;

/** What the loads do to the boards and the ground under them. Methods and sources: docs/methods.md, Load. */
final readonly class LoadVerdict
{
    /**
     * @param  list<BearingCheck>  $boards
     * @param  list<SoilCheck>  $soil  where the load on it is given
     * @param  list<string>  $missing  loads that are not given though something bears them, in words
     */
    private function __construct(
        public array $boards,
        public array $soil,
        public array $missing,
    ) {}

    public static function of(Site $site, Design $design): self
    {
        $loads = $design->loads;
        $boards = $soil = $missing = [];
        $floor = Weight::of($design->screed) + Weight::of($design->boardAbove) + Weight::of($design->slab->layer);
        $live = $loads->floorLive;
        $lasting = $loads->use->lasting();
        $under = $floor + Weight::of($design->stoneOver);
        $on = static fn (string $where, Part $part, Layer $board, float $dead): BearingCheck => new BearingCheck(
            $where, $part, $board->material, $dead + $lasting * $live, $dead + $live, 0.0,
            'weight of what lies over it and the live load, even over the floor', $live > 0.0,
        );
        if ($design->slab->present() || $design->screed->present()) {
            if ($design->fieldBoard->present()) {
                $boards[] = $on('field', Part::Field, $design->fieldBoard, $under);
            }
            if ($design->perimeterBoard->present() && $design->perimeterBoard->layer->present()) {
                $boards[] = $on('perimeter', Part::Perimeter, $design->perimeterBoard->layer, $under);
            }
            if ($design->boardAbove->present()) {
                $boards[] = $on('on-slab', Part::BoardAbove, $design->boardAbove, Weight::of($design->screed));
            }
            if ($boards !== [] && $live <= 0.0) {
                $missing[] = 'the live load on the floor';
            }
        }
        $edge = self::edge($design);
        if ($design->edgeUnder->present()) {
            $boards[] = new BearingCheck(
                'edge', Part::EdgeUnder, $design->edgeUnder->material,
                ($edge['dead'] + $loads->line + $lasting * $loads->lineLive) / $edge['width'],
                ($edge['dead'] + $loads->line + $loads->lineLive) / $edge['width'], $edge['width'], $edge['method'],
                $loads->hasLine(),
            );
        }
        if ($loads->hasLine()) {
            // The board under the bearing spreads no further: it is cut to it.
            $soil[] = new SoilCheck(
                'edge',
                SoilCheck::ground($site, -Layout::of($design)->trench),
                ($edge['dead'] + $loads->line + $loads->lineLive) / $edge['width'],
                $edge['width'],
            );
        } else {
            $missing[] = 'the load of the wall on the edge';
        }
        if ($loads->hasPost()) {
            $post = PostLoad::of($site, $design);
            [$boards, $soil] = [[...$boards, ...$post->boards], [...$soil, ...$post->soil]];
        } elseif ($design->pads->present()) {
            $missing[] = 'the load of the posts';
        }
        foreach ($design->supports->kinds() as $name => $support) {
            if ($support->permanent() + $support->live() <= 0.0) {
                $missing[] = 'the load of '.Supports::label($name);

                continue;
            }
            $load = PostLoad::ofSupport($site, $design, $name, $support);
            [$boards, $soil] = [[...$boards, ...$load->boards], [...$soil, ...$load->soil]];
        }

        return new self($boards, $soil, $missing);
    }

    public function at(string $where): ?BearingCheck
    {
        foreach ($this->boards as $check) {
            if ($check->where === $where) {
                return $check;
            }
        }

        return null;
    }

    public function soilAt(string $where): ?SoilCheck
    {
        foreach ($this->soil as $check) {
            if ($check->where === $where) {
                return $check;
            }
        }

        return null;
    }

    /** The largest share of what may be carried, of boards and ground; null where none is known. */
    public function share(): ?float
    {
        $shares = [
            ...array_map(static fn (BearingCheck $c): ?float => $c->share(), $this->boards),
            ...array_map(static fn (SoilCheck $c): float => $c->share(), $this->soil),
        ];

        return array_reduce($shares, static fn (?float $most, ?float $s): ?float => $s === null ? $most : max($most ?? 0.0, $s));
    }

    /** The board that has most of what it may carry; null where no board's share is known. */
    public function worst(): ?BearingCheck
    {
        $known = array_values(array_filter($this->boards, static fn (BearingCheck $c): bool => $c->share() !== null));
        usort($known, static fn (BearingCheck $a, BearingCheck $b): int => $b->share() <=> $a->share());

        return $known[0] ?? null;
    }

    /** Of all boards and the ground: what fails fails, what is not known is not checked. */
    public function word(): Verdict
    {
        $words = array_map(static fn (BearingCheck|SoilCheck $c): Verdict => $c->word(), [...$this->boards, ...$this->soil]);
        foreach ([Verdict::Fails, Verdict::NotChecked, Verdict::Close] as $word) {
            if (in_array($word, $words, true) || ($word === Verdict::NotChecked && $this->missing !== [])) {
                return $word;
            }
        }

        return $words === [] ? Verdict::Shown : Verdict::Holds;
    }

    /**
     * What stands on the board under the edge, and how wide it has spread there: at 45° through the concrete, no further
     * than the concrete goes. A wall on a beam stands at its outer side, so its load spreads inward only.
     *
     * @return array{dead: float, width: float, method: string} own weight of beam, or stem and footing, kN/m; width, m
     */
    private static function edge(Design $d): array
    {
        if (! $d->stem->present()) {
            return [
                'dead' => Weight::GRAVITY * $d->slab->layer->material->density / 1000 * $d->edgeBeam->width * $d->edgeBeam->depth,
                'width' => max(0.05, min($d->edgeBeam->width, max(0.05, $d->wall->insideThickness()) + $d->edgeBeam->depth)),
                'method' => 'wall and beam over the width that the load spreads to at 45° through the beam',
            ];
        }
        $at = Layout::of($d);
        $stem = $d->stem->layer;
        $footing = $d->footing->present();
        $weight = array_sum(array_map(static fn (Layer $l): float => $l->material->density * $l->thickness, $d->stem->solids()));

        return [
            'dead' => Weight::GRAVITY / 1000 * (
                $weight * ($at->top - $at->stemFoot) + self::leanFill($d, $at)
                + ($footing ? $d->slab->layer->material->density * $d->footing->width * $d->footing->height : 0.0)
            ),
            'width' => $footing ? min($d->footing->width, $stem->thickness + 2 * $d->footing->height) : $stem->thickness,
            'method' => 'wall, stem and footing over the width that the load spreads to at 45° through the footing',
        ];
    }

    /** Of the lean concrete in a stem's cavity, kg/m. */
    private static function leanFill(Design $d, Layout $at): float
    {
        $layers = $d->stem->hasLeaves() ? StemWall::of($d, $at)->at($at->stemFoot) : [];
        $layer = $layers[1][1] ?? null;

        return $layer?->material->slug !== 'lean-concrete'
            ? 0.0
            : $layer->material->density * $layer->thickness * max(0.0, StemWall::of($d, $at)->insulatedFrom - $at->stemFoot);
    }
}
