<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Hatch;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Outline;

/** An overlay drawn on a plan: bars inside the walls as thick as their figures are large, the figures beside them. */
final readonly class PlanBars
{
    /** A bar is no thicker, mm of paper. */
    private const THICK = 5.0;

    /** Between a bar and its figure, mm of paper. */
    private const GAP = 1.2;

    /**
     * @param  Outline  $concrete  outer face of the concrete
     * @param  Outline  $inner  face of the rooms
     * @param  float  $mm  m for one of paper
     */
    public function __construct(
        private PlanOverlay $overlay,
        private Outline $concrete,
        private Outline $inner,
        private float $mm,
    ) {}

    /** @return list<Item> what lies below all that is set in the floor */
    public function under(): array
    {
        return [...$this->lines(), ...$this->bars()];
    }

    /** @return list<Item> the figures */
    public function over(Items $items): array
    {
        return [...$this->walls(), ...$this->places($items)];
    }

    /** @return list<Item> */
    private function bars(): array
    {
        $drawn = [];
        foreach ($this->inner->sides() as $id => $side) {
            $thick = self::THICK * $this->mm * max(0.0, min(1.0, $this->overlay->bars[$id] ?? 0.0));
            if ($thick > 0.0) {
                // Mitred as the walls are, so that two bars do not cover each other in a corner.
                $cut = min($thick, $side->length() / 3);
                $ring = [$side->at(0.0), $side->at($side->length()), $side->at($side->length() - $cut, $thick), $side->at($cut, $thick)];
                $drawn[] = new Strokes(Role::Handle, "wall:{$id}", [[$ring[3], $ring[2]]]);
                $drawn[] = new Area(
                    "wall:{$id}", $ring, Hatch::Sand,
                    "{$this->overlay->title}, wall {$side->from}–{$side->to}: ".($this->overlay->walls[$id] ?? ''),
                );
            }
        }

        return $drawn;
    }

    /** @return list<Item> */
    private function walls(): array
    {
        $drawn = [];
        foreach ($this->inner->sides() as $id => $side) {
            $text = $this->overlay->walls[$id] ?? '';
            if ($text === '') {
                continue;
            }
            $in = self::THICK * $this->mm * max(0.0, min(1.0, $this->overlay->bars[$id] ?? 0.0)) + self::GAP * $this->mm;
            [$x, $y] = $side->at($side->length() / 2, $in);
            [$u, $v] = $side->inward();
            $align = abs($u) < 0.5 ? 'middle' : ($u > 0.0 ? 'start' : 'end');
            $drawn[] = new Text(
                Role::Named, "wall:{$id}", [$x, $y - ($v < -0.5 ? 2.6 : ($v > 0.5 ? -0.3 : 1.2)) * $this->mm], $text, $align,
            );
        }

        return $drawn;
    }

    /** @return list<Item> */
    private function places(Items $items): array
    {
        $drawn = [];
        foreach ($this->concrete->points as $id => [$x, $y]) {
            $text = $this->overlay->corners[$id] ?? '';
            if ($text !== '') {
                [[$cx], [$u]] = [$this->inner->points[$id], [$this->inner->points[$id][0] - $x]];
                $drawn[] = new Text(
                    Role::Question, "corner:{$id}", [
                        $cx + ($u > 0.0 ? 1.5 : -1.5) * $this->mm,
                        $this->inner->points[$id][1] + ($this->inner->points[$id][1] > $y ? 1.5 : -3.5) * $this->mm,
                    ],
                    $text, $u > 0.0 ? 'start' : 'end',
                );
            }
        }
        foreach ($items->all as $id => $item) {
            $text = $this->overlay->items[$id] ?? '';
            if ($text !== '') {
                $drawn[] = new Text(
                    Role::Question, "item:{$id}", [$item->at()->x + 2.4 * $this->mm, $item->at()->y - 3.8 * $this->mm], $text, 'start',
                );
            }
        }

        return $drawn;
    }

    /** @return list<Item> */
    private function lines(): array
    {
        $drawn = [];
        foreach ($this->overlay->lines as $i => $line) {
            try {
                $ring = array_values($this->concrete->inset($line['inset'])->points);
            } catch (FaultyInput) {
                continue;
            }
            $drawn[] = new Strokes(Role::Boundary, "boundary-{$i}", [[...$ring, $ring[0]]]);
            [$x, $y] = [min(array_column($ring, 0)), min(array_column($ring, 1))];
            $drawn[] = new Text(
                Role::Note, "boundary-{$i}", [$x + 2 * $this->mm, $y + (1.2 + 4.2 * $i) * $this->mm], $line['label'], 'start',
            );
        }

        return $drawn;
    }
}
