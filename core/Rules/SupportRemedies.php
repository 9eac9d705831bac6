<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Design\PostKind;
use Ondergrond\Design\StripKind;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Kind;
use Ondergrond\Material\Material;
use Ondergrond\Material\Place;
use Ondergrond\Section\Layout;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Verdict;

/** What one kind of post or bearing wall may stand on instead: hard board where one carries it, else a pad of its own. */
final readonly class SupportRemedies
{
    public function __construct(private Subject $subject) {}

    /** The softest hard board that carries it where it is as wide as its load spreads; null where none does. */
    public function board(string $name): ?Material
    {
        $d = $this->subject->design;
        $of = $d->supports->kinds()[$name];
        $boards = array_filter(Catalogue::for(Place::UnderBearing), static fn (Material $m): bool => $m->kind === Kind::Polystyrene
            && $m->strength !== null);
        usort($boards, static fn (Material $a, Material $b): int => [$a->strength, $a->conductivity] <=> [$b->strength, $b->conductivity]);
        foreach ($boards as $board) {
            if ($this->carries($name, $of->on(SupportFoot::HardBoard, $of->plate() + 2 * $d->slab->layer->thickness, $board))) {
                return $board;
            }
        }

        return null;
    }

    /** That board, in a width that is cut. */
    public function hard(string $name): ?Remedy
    {
        $d = $this->subject->design;
        $of = $d->supports->kinds()[$name];
        $board = $this->board($name);
        $width = $board === null ? null
            : $this->sold($of->plate() + 2 * $d->slab->layer->thickness - 1e-6, static fn (): bool => true);

        return $board === null || $width === null ? null : Remedy::of(
            Said::of("Lay {$board->name} under it, %s wide.", Measure::size($width)),
            static fn (Design $d): Design => self::changed($d, $name, $of->on(SupportFoot::HardBoard, $width, $board)),
        );
    }

    /** The narrowest pad that the ground carries, high enough to spread so far and to reach through the boards. */
    public function pad(string $name): ?Remedy
    {
        $of = $this->subject->design->supports->kinds()[$name];
        $width = $this->sold($of->plate() - 1e-6, fn (float $w): bool => $this->carries($name, $this->padded($name, $w)));
        if ($width === null) {
            return null;
        }
        $pad = $this->padded($name, $width);

        return Remedy::of(
            Said::of(
                'Give it its own pad, %s wide and %s thick, through the boards.', Measure::size($width), Measure::size($pad->height()),
            ),
            static fn (Design $d): Design => self::changed($d, $name, $pad),
        );
    }

    private function padded(string $name, float $width): PostKind|StripKind
    {
        $d = $this->subject->design;
        $of = $d->supports->kinds()[$name];
        $spread = $of->plate() + 2 * $d->slab->layer->thickness;
        [, $board] = Layout::of($d)->boardAt($d, $of->fromEdge());

        return $of->on(SupportFoot::OwnPad, $width)->but(
            height: max($of->height(), $this->subject->stock->up(max(($width - $spread) / 2, $board->thickness))),
        );
    }

    public static function changed(Design $d, string $name, PostKind|StripKind $to): Design
    {
        // Whoever presses it later may have another design: what is not there any more stays as it is.
        return isset($d->supports->kinds()[$name]) ? $d->with(['supports' => $d->supports->with($name, $to)]) : $d;
    }

    private function carries(string $name, PostKind|StripKind $with): bool
    {
        $load = LoadVerdict::of($this->subject->site, $this->subject->design->with([
            'supports' => $this->subject->design->supports->with($name, $with),
        ]));

        return $load->at($name)?->word() !== Verdict::Fails && ($load->soilAt($name)?->share() ?? 0.0) <= 1.0;
    }

    /** @param  callable(float): bool  $does */
    private function sold(float $above, callable $does): ?float
    {
        foreach ($this->subject->proposes ? SizePath::sold('supports.posts.0.width_m', $this->subject->units) : [] as $size) {
            try {
                if ($size > $above && $does($size)) {
                    return $size;
                }
            } catch (FaultyInput) {
                return null;
            }
        }

        return null;
    }
}
