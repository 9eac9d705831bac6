<?php

declare(strict_types=1);

namespace Ondergrond\Load;

use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Section\Layout;
use Ondergrond\Section\StemWall;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Verdict\Verdict;

/** What the loads do to the boards and the ground under them. Methods and sources: docs/methods.md, Load. */
final readonly class LoadVerdict
{
    /** m/s². */
    private const GRAVITY = 9.81;

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
        $floor = self::weight($design->screed) + self::weight($design->boardAbove) + self::weight($design->slab->layer);
        $live = $loads->floorLive;
        $lasting = $loads->use->lasting();
        $on = static fn (string $where, Part $part, Layer $board, float $dead): BearingCheck => new BearingCheck(
            $where, $part, $board->material, $dead + $lasting * $live, $dead + $live, 0.0,
            'weight of what lies over it and the live load, even over the floor', $live > 0.0,
        );
        if ($design->slab->present() || $design->screed->present()) {
            if ($design->fieldBoard->present()) {
                $boards[] = $on('field', Part::Field, $design->fieldBoard, $floor);
            }
            if ($design->perimeterBoard->present() && $design->perimeterBoard->layer->present()) {
                $boards[] = $on('perimeter', Part::Perimeter, $design->perimeterBoard->layer, $floor);
            }
            if ($design->boardAbove->present()) {
                $boards[] = $on('on-slab', Part::BoardAbove, $design->boardAbove, self::weight($design->screed));
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
                self::ground($site, -Layout::of($design)->trench),
                ($edge['dead'] + $loads->line + $loads->lineLive) / $edge['width'],
                $edge['width'],
            );
        } else {
            $missing[] = 'the load of the wall on the edge';
        }
        if ($loads->hasPost()) {
            [$boards, $soil] = self::post($site, $design, $boards, $soil);
        } elseif ($design->pads->present()) {
            $missing[] = 'the load of the posts';
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
                'dead' => self::GRAVITY * $d->slab->layer->material->density / 1000 * $d->edgeBeam->width * $d->edgeBeam->depth,
                'width' => max(0.05, min($d->edgeBeam->width, max(0.05, $d->wall->insideThickness()) + $d->edgeBeam->depth)),
                'method' => 'wall and beam over the width that the load spreads to at 45° through the beam',
            ];
        }
        $at = Layout::of($d);
        $stem = $d->stem->layer;
        $footing = $d->footing->present();
        $weight = array_sum(array_map(static fn (Layer $l): float => $l->material->density * $l->thickness, $d->stem->solids()));

        return [
            'dead' => self::GRAVITY / 1000 * (
                $weight * ($at->top - $at->stemFoot) + self::leanFill($d, $at)
                + ($footing ? $d->slab->layer->material->density * $d->footing->width * $d->footing->height : 0.0)
            ),
            'width' => $footing ? min($d->footing->width, $stem->thickness + 2 * $d->footing->height) : $stem->thickness,
            'method' => 'wall, stem and footing over the width that the load spreads to at 45° through the footing',
        ];
    }

    /**
     * What a bearing stands on: rock where it is dug down to it.
     *
     * @param  float  $depth  of its foot below the ground outside, m
     */
    private static function ground(Site $site, float $depth): Soil
    {
        $ledge = $site->frost->ledge;

        return $ledge !== null && $depth >= $ledge - 0.01 ? Soil::Rock : $site->soil;
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

    /**
     * A post on the slab: its load spreads at 45° from the plate through the slab, and below the board through stone or pad.
     *
     * @param  list<BearingCheck>  $boards
     * @param  list<SoilCheck>  $soil
     * @return array{list<BearingCheck>, list<SoilCheck>}
     */
    private static function post(Site $site, Design $d, array $boards, array $soil): array
    {
        [$loads, $slab] = [$d->loads, $d->slab->layer];
        $inZone = $d->pads->present() && $d->perimeterBoard->present() && $d->pads->fromEdge < -Layout::of($d)->zone;
        [$part, $board] = $inZone ? [Part::Perimeter, $d->perimeterBoard->layer] : [Part::Field, $d->fieldBoard];
        $side = $loads->plate + 2 * $slab->thickness;
        $own = self::weight($slab);
        if ($board->present()) {
            $boards[] = new BearingCheck(
                'post', $part, $board->material, ($loads->post + $loads->use->lasting() * $loads->postLive) / $side ** 2 + $own,
                ($loads->post + $loads->postLive) / $side ** 2 + $own, $side,
                'the post’s load spread at 45° from its plate through the slab', true,
                self::springs($loads->post + $loads->postLive, $slab->thickness, $board),
            );
        }
        // Stone spreads it or the pad does, whichever does more, never both in a row; boards and loose fill are not counted on.
        $stone = $side + 2 * ($d->blinding->thickness + $d->stone->thickness);
        $down = $d->pads->present() ? max($stone, min($d->pads->width, $side + 2 * $d->pads->height)) : $stone;
        // A pad narrower than what stands on it weighs on its own part alone.
        $weight = $d->pads->present()
            ? self::GRAVITY * $slab->material->density / 1000 * $d->pads->height * min(1.0, $d->pads->width / $down) ** 2
            : 0.0;
        $soil[] = new SoilCheck('post', self::ground($site,
            $d->pads->present() ? $d->pads->depthBelowGrade : -Layout::of($d)->dig),
            ($loads->post + $loads->postLive) / $down ** 2 + $weight, $down);

        return [$boards, $soil];
    }

    /**
     * Under a post on a slab on springs: k·w with w of Westergaard 1926 for a load in the interior (from memory), p =
     * P/(8 l²), l = (D/k)^¼. E of concrete 31 GPa (EN 1992-1-1, C25/30, from memory), of a board 30 times its strength at
     * 10 % strain (common practice, no source).
     *
     * @return float|null kPa
     */
    private static function springs(float $load, float $slab, Layer $board): ?float
    {
        if ($board->material->strength === null || $slab <= 0.0) {
            return null;
        }
        $stiffness = 31e6 * $slab ** 3 / (12 * (1 - 0.2 ** 2));
        $k = 30 * $board->material->strength / $board->thickness;

        return $load / (8 * sqrt($stiffness / $k));
    }

    /** kPa. */
    private static function weight(Layer $layer): float
    {
        return self::GRAVITY * $layer->material->density * $layer->thickness / 1000;
    }
}
