<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Corner;
use Ondergrond\Plan\Dig;
use Ondergrond\Plan\Outline;
use Ondergrond\Plan\Plan;
use Ondergrond\SetOut\BaseLine;
use Ondergrond\SetOut\SetBack;

/** The base line, and on the sheet that is set out by also the pegs in the line of each wall and the top edge of the dig. */
final readonly class SetOutLines
{
    private ?BaseLine $line;

    /** @var list<SetBack> */
    private array $setBacks;

    private ?Outline $edge;

    /**
     * @param  Plan  $plan  along the outer face of the concrete
     * @param  bool  $all  else a base line alone, and that where somebody has set its pegs
     */
    public function __construct(Plan $plan, Design $design, bool $all)
    {
        $this->line = $all || $plan->pegs !== null ? BaseLine::of($plan, $design) : null;
        $dig = Dig::of($design);
        $this->setBacks = $all && $this->line !== null ? SetBack::of($plan, $dig, $this->line) : [];
        $this->edge = $all ? self::edge($plan, $dig) : null;
    }

    /** @return list<array{float, float}> that the drawing has room for, m */
    public function points(): array
    {
        $pegs = $this->line?->pegs;

        return [
            ...($pegs === null ? [] : [[$pegs->px, $pegs->py], [$pegs->qx, $pegs->qy]]),
            ...array_map(static fn (SetBack $b): array => [$b->x, $b->y], $this->setBacks),
        ];
    }

    /**
     * @param  float  $mm  of paper, m
     * @return list<Item>
     */
    public function drawn(float $mm): array
    {
        if ($this->line === null) {
            return [];
        }
        $pegs = $this->line->pegs;
        $cross = static fn (float $x, float $y, float $arm): array => [
            [[$x - $arm * $mm, $y], [$x + $arm * $mm, $y]], [[$x, $y - $arm * $mm], [$x, $y + $arm * $mm]],
        ];
        $back = array_merge(...array_map(static fn (SetBack $b): array => $cross($b->x, $b->y, 1.1), $this->setBacks));
        $ring = $this->edge === null ? [] : array_values($this->edge->points);

        return [
            new Strokes(Role::Datum, 'pegs', [
                [
                    [$pegs->px, $pegs->py], [$pegs->qx, $pegs->qy],
                ], ...$cross($pegs->px, $pegs->py, 1.8), ...$cross($pegs->qx, $pegs->qy, 1.8),
            ]),
            new Text(Role::Note, null, [$pegs->px, $pegs->py - 5.0 * $mm], 'P'),
            new Text(Role::Note, null, [$pegs->qx, $pegs->qy - 5.0 * $mm], 'Q'),
            ...($back === [] ? [] : [new Strokes(Role::Dimension, 'set-backs', $back)]),
            ...($ring === [] ? [] : [
                new Strokes(Role::Service, 'dig-edge', [[...$ring, $ring[0]]]),
                new Text(Role::Note, null, [$ring[0][0] + 2.0 * $mm, $ring[0][1] + 2.0 * $mm], 'top of the dig', 'start'),
            ]),
        ];
    }

    private static function edge(Plan $plan, Dig $dig): ?Outline
    {
        try {
            return $plan->outline->inset(
                -max([0.0, ...array_map(static fn (Corner $corner): float => $dig->topAt($corner->wall), array_values($plan->corners))]),
            );
        } catch (FaultyInput) {
            return null;
        }
    }
}
