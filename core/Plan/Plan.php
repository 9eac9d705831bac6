<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Design;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Section\Layout;

/**
 * The building from above: its outline, what lies beyond each wall, its openings, and what is set in it. Lengths in m from the project's
 * origin, y up the sheet.
 */
final readonly class Plan
{
    /** Posts nearer to each other than this stand in one place, m. */
    private const ONE_PLACE = 0.01;

    /** m. */
    private const THICKEST = 1.5;

    public Outline $outline;

    /**
     * @param  array<string, Corner>  $corners  by id
     * @param  array<string, Opening>  $openings  by id
     * @param  Items  $items  that belong to the building, whatever the design
     * @param  float  $north  degrees from up the sheet to north, with the clock
     * @param  float|null  $benchmark  level of the benchmark, in the survey's own heights, m; null: not set yet
     * @param  float  $zero  level of the ground at the common edge, in the same heights, m: what the section counts from
     * @param  Pegs|null  $pegs  of the base line; null: not set yet
     * @param  OutlineFace  $face  of the walls that the outline is read to
     *
     * @throws FaultyInput where the corners are no closed outline, or what is in it does not lie in it
     */
    public function __construct(
        public array $corners,
        public array $openings = [],
        public Items $items = new Items,
        public float $north = 0.0,
        public ?float $benchmark = null,
        public float $zero = 0.0,
        public ?Pegs $pegs = null,
        public OutlineFace $face = OutlineFace::Concrete,
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
                $points[$id][0], $points[$id][1], $ids[($i + 1) % count($ids)], new Wall($walls[$id] ?? WallKind::Outside),
            );
        }

        return new self($corners);
    }

    /** @param  array<string, mixed>  $with  by the names of its constructor's parameters */
    public function with(array $with): self
    {
        return new self(...[
            'corners' => $this->corners, 'openings' => $this->openings, 'items' => $this->items, 'north' => $this->north,
            'benchmark' => $this->benchmark, 'zero' => $this->zero, 'pegs' => $this->pegs, 'face' => $this->face, ...$with,
        ]);
    }

    /**
     * The same with its outline along the outer face of the concrete of that design; what is set in it stays where it is.
     *
     * @throws FaultyInput where nothing is left of it there
     */
    public function atConcrete(Design $design): self
    {
        $out = $this->face->out(Layout::of($design));
        if ($out === 0.0) {
            return $this;
        }
        $outline = $this->outline->inset($out);
        [$was, $is] = [$this->outline->sides(), $outline->sides()];
        $corners = $openings = [];
        foreach ($this->corners as $id => $corner) {
            $corners[$id] = new Corner($outline->points[$id][0], $outline->points[$id][1], $corner->next, $corner->wall);
        }
        foreach ($this->openings as $id => $opening) {
            $openings[$id] = $opening->in($opening->wall, $opening->from - $was[$opening->wall]->alongOf(...$is[$opening->wall]->start));
        }

        return $this->with(['corners' => $corners, 'openings' => $openings, 'face' => OutlineFace::Concrete]);
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
            foreach ($item::mayLeave() ? [] : $item->spots() as $spot) {
                if ($this->outline->holds($spot->x, $spot->y)) {
                    continue;
                }
                $out = $this->outline->outside($spot->x, $spot->y);
                // Read to the inner face, an outline has its walls outside it.
                if ($out > ($this->face === OutlineFace::Inner ? self::THICKEST : 1e-6)) {
                    $faults[] = Fault::of(
                        "{$pointer}/{$id}/x_m",
                        sprintf('%s%s, %.3f m outside the outline', $item->at()->name, $spot->end === '' ? '' : ', '.$spot->end, $out),
                        'a place inside it',
                    );
                }
            }
        }

        return [...$faults, ...self::postFaults($items->of(Post::class), $pointer)];
    }

    /**
     * @param  array<string, Post>  $posts  by id
     * @return list<Fault>
     */
    private static function postFaults(array $posts, string $pointer): array
    {
        $faults = $before = [];
        foreach ($posts as $id => $post) {
            foreach ($before as $other) {
                if (hypot($post->at->x - $other->at->x, $post->at->y - $other->at->y) < self::ONE_PLACE) {
                    $faults[] = Fault::of(
                        "{$pointer}/{$id}/x_m", "{$post->at->name} where {$other->at->name} stands", 'a place where no other post stands',
                    );
                    break;
                }
            }
            $before[] = $post;
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
                    $faults[] = Fault::of("/openings/{$id}/from_m", 'an opening in another', 'room in its wall');
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
