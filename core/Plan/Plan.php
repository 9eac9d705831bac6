<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/**
 * The building from above: its outline along the outer face of the concrete, what lies beyond each wall, its doors, and
 * what is set in it. Lengths in m from the project's origin, y up the sheet.
 */
final readonly class Plan
{
    public Outline $outline;

    /**
     * @param  array<string, Corner>  $corners  by id
     * @param  array<string, Opening>  $openings  by id
     * @param  Items  $items  that belong to the building, whatever the design
     * @param  float  $north  degrees from up the sheet to north, with the clock
     * @param  float  $benchmark  level of the benchmark, in the survey's own heights, m
     * @param  float  $zero  level of the ground at the common edge, in the same heights, m: what the section counts from
     * @param  Pegs|null  $pegs  of the base line; null: not set yet
     *
     * @throws FaultyInput where the corners are no closed outline, or what is in it does not lie in it
     */
    public function __construct(
        public array $corners,
        public array $openings = [],
        public Items $items = new Items,
        public float $north = 0.0,
        public float $benchmark = 0.0,
        public float $zero = 0.0,
        public ?Pegs $pegs = null,
    ) {
        $this->outline = self::closed($corners);
        $faults = [...$this->openingFaults(), ...$this->itemFaults($items, '/items')];
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
    }

    /**
     * @param  array<string, array{float, float}>  $points  x, y by id, in order round
     * @param  array<string, WallKind>  $walls  by the id of the corner they begin at; the others are outside
     *
     * @throws FaultyInput
     */
    public static function along(array $points, array $walls = []): self
    {
        $ids = array_keys($points);
        $corners = [];
        foreach ($ids as $i => $id) {
            $corners[$id] = new Corner(
                $points[$id][0], $points[$id][1], $ids[($i + 1) % count($ids)], $walls[$id] ?? WallKind::Outside,
            );
        }

        return new self($corners);
    }

    /** @param  array<string, mixed>  $with  by the names of its constructor's parameters */
    public function with(array $with): self
    {
        return new self(...[
            'corners' => $this->corners, 'openings' => $this->openings, 'items' => $this->items, 'north' => $this->north,
            'benchmark' => $this->benchmark, 'zero' => $this->zero, 'pegs' => $this->pegs, ...$with,
        ]);
    }

    /** In the survey's heights, m. */
    public function level(float $overGrade): float
    {
        return $this->zero + $overGrade;
    }

    /**
     * What is wrong with items that would be in it.
     *
     * @return list<Fault>
     */
    public function itemFaults(Items $items, string $pointer): array
    {
        $faults = [];
        foreach ($items->all as $id => $item) {
            foreach ($item->mayLeave() ? [] : $item->spots() as $spot) {
                $out = $this->outline->outside($spot->x, $spot->y);
                if ($out > 1e-6) {
                    $faults[] = Fault::of(
                        "{$pointer}/{$id}/x_m",
                        sprintf('%s%s, %.3f m outside the outline', $item->name(), $spot->end === '' ? '' : ', '.$spot->end, $out),
                        'a place inside it',
                    );
                }
            }
        }

        return $faults;
    }

    /** @return list<Fault> */
    private function openingFaults(): array
    {
        $faults = $taken = [];
        $sides = $this->outline->sides();
        foreach ($this->openings as $id => $opening) {
            $side = $sides[$opening->wall] ?? null;
            if ($side === null) {
                $faults[] = Fault::of("/openings/{$id}/wall", "“{$opening->wall}”", implode(', ', array_keys($sides)));

                continue;
            }
            if ($opening->from < 0.0 || $opening->from + $opening->width > $side->length() + 1e-6) {
                $faults[] = Fault::range(
                    "/openings/{$id}/from_m", $opening->from, 0.0, max(0.0, $side->length() - $opening->width),
                    "wall {$side->from}–{$side->to} is that long",
                );
            }
            foreach ($taken[$opening->wall] ?? [] as $other) {
                if ($opening->from < $other->from + $other->width && $other->from < $opening->from + $opening->width) {
                    $faults[] = Fault::of("/openings/{$id}/from_m", 'a door in a door', 'room in its wall');
                }
            }
            $taken[$opening->wall][] = $opening;
        }

        return $faults;
    }

    /** @param  array<string, Corner>  $corners */
    private static function closed(array $corners): Outline
    {
        $id = (string) array_key_first($corners);
        $points = [];
        while (isset($corners[$id]) && ! isset($points[$id])) {
            $points[$id] = [$corners[$id]->x, $corners[$id]->y];
            $id = $corners[$id]->next;
        }
        if (count($points) !== count($corners) || $id !== (string) array_key_first($corners)) {
            throw FaultyInput::one(
                Fault::of('/corners', 'walls that do not lead once round', 'each corner leads to the next, the last to the first'),
            );
        }
        try {
            return Outline::of($points);
        } catch (FaultyInput $e) {
            throw FaultyInput::because(array_map(static fn (Fault $f): Fault => $f->at('/corners'), $e->faults));
        }
    }
}
