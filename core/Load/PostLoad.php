<?php

declare(strict_types=1);

namespace Ondergrond\Load;

use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Support;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Section\Layout;
use Ondergrond\Site\Site;

/** What posts and bearing walls inside the building do to the boards and the ground under them: 45° from plate or sole down. */
final readonly class PostLoad
{
    /**
     * @param  list<BearingCheck>  $boards
     * @param  list<SoilCheck>  $soil
     */
    private function __construct(
        public array $boards,
        public array $soil,
    ) {}

    /** The post that the loads name, on the slab: below the board its load spreads through stone or pad. */
    public static function of(Site $site, Design $d): self
    {
        [$loads, $slab] = [$d->loads, $d->slab->layer];
        $side = $loads->plate + 2 * $slab->thickness;
        $own = Weight::of($slab) + Weight::of($d->stoneOver);
        $total = $loads->post + $loads->postLive;
        [$part, $board] = Layout::of($d)->boardAt($d, $d->pads->present() ? $d->pads->fromEdge : INF);
        $boards = $board->present() ? [new BearingCheck(
            'post', $part, $board->material, ($loads->post + $loads->use->lasting() * $loads->postLive) / $side ** 2 + $own,
            $total / $side ** 2 + $own, $side, 'the post’s load spread at 45° from its plate through the slab', true,
            self::springs($total, $slab->thickness, $board),
        )] : [];
        // Stone spreads it or the pad does, whichever does more, never both in a row; boards and loose fill are not counted on.
        $stone = $side + 2 * ($d->blinding->thickness + $d->stone->thickness);
        $down = $d->pads->present() ? max($stone, min($d->pads->width, $side + 2 * $d->pads->height)) : $stone;
        // A pad narrower than what stands on it weighs on its own part alone.
        $weight = $d->pads->present()
            ? Weight::of($slab->thick($d->pads->height)) * min(1.0, $d->pads->width / $down) ** 2
            : 0.0;

        return new self($boards, [new SoilCheck(
            'post', SoilCheck::ground($site, $d->pads->present() ? $d->pads->depthBelowGrade : -Layout::of($d)->dig),
            $total / $down ** 2 + $weight, $down,
        )]);
    }

    /** One kind of post or bearing wall in its typical place. */
    public static function ofSupport(Site $site, Design $d, string $name, Support $of): self
    {
        $slab = $d->slab->layer;
        $lasting = $of->permanent() + $d->loads->use->lasting() * $of->live();
        $total = $of->permanent() + $of->live();
        // Of a strip a metre of its length carries its load a metre.
        $over = static fn (float $width): float => $of->isStrip() ? $width : $width ** 2;
        $through = $of->plate() + 2 * $slab->thickness;
        if ($of->foot() === SupportFoot::OwnPad) {
            $width = min($of->width(), $through + 2 * $of->height());

            return new self([], [new SoilCheck(
                $name, SoilCheck::ground($site, -($d->slab->underside() - $of->height())),
                $total / $over($width) + Weight::of($slab->thick($of->height())), $width,
            )]);
        }
        $hard = $of->foot() === SupportFoot::HardBoard;
        [$part, $under] = Layout::of($d)->boardAt($d, $of->fromEdge());
        $board = $hard && $under->present() ? $under->made($of->board()) : $under;
        $width = $hard ? min($of->width(), $through) : $through;
        $own = Weight::of($slab) + Weight::of($d->stoneOver);
        $down = $width + 2 * ($d->blinding->thickness + $d->stone->thickness);
        $soil = [new SoilCheck($name, SoilCheck::ground($site, -Layout::of($d)->dig), $total / $over($down), $down)];

        return new self($board->present() ? [new BearingCheck(
            $name, $hard ? Part::Supports : $part, $board->material, $lasting / $over($width) + $own, $total / $over($width) + $own, $width,
            'its load spread at 45° from '.($of->isStrip() ? 'its sole' : 'its plate').' through the slab'
                .($width < $through - 1e-9 ? ', no further than the hard board goes' : ''),
            true, $of->isStrip() ? null : self::springs($total, $slab->thickness, $board),
        )] : [], $soil);
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
}
