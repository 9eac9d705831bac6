<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Plan\Items;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Plan;

/** What is marked along one form with the tape left hooked on its first corner. */
final readonly class Running
{
    /** A joint that ends no further from a form is marked on it, m. */
    private const AT_FORM = 0.3;

    /**
     * @param  string  $from  the corner that the tape hangs on
     * @param  string  $to  the corner that it leads to
     * @param  float  $length  m
     * @param  list<array{name: string, along: float, in: float}>  $marks  along the outer face of the concrete from that corner, and how
     * far in from it, m; by how far along
     */
    private function __construct(
        public string $from,
        public string $to,
        public float $length,
        public array $marks,
    ) {}

    /**
     * One for each wall.
     *
     * @param  Plan  $plan  along the outer face of the concrete
     * @param  Items  $items  of plan and layout
     * @return list<self>
     */
    public static function of(Plan $plan, Items $items): array
    {
        $marks = array_map(static fn (): array => [], $plan->outline->sides());
        foreach ($plan->openings as $opening) {
            $name = lcfirst($opening->kind->label());
            $marks[$opening->wall][] = ['name' => "{$name}, near jamb", 'along' => $opening->from, 'in' => 0.0];
            $marks[$opening->wall][] = ['name' => "{$name}, far jamb", 'along' => $opening->from + $opening->width, 'in' => 0.0];
        }
        foreach ($items->all as $item) {
            foreach (match (true) {
                $item instanceof Sleeve => [[$item->at->name, $item->at->x, $item->at->y, INF]],
                $item instanceof ControlJoint => array_map(
                    static fn ($spot): array => ["{$item->at->name}, {$spot->end}", $spot->x, $spot->y, self::AT_FORM], $item->spots(),
                ),
                $item instanceof Bolts => array_map(
                    static fn (array $at, int $i): array => [$item->at->name.' '.($i + 1), $at[0], $at[1], INF],
                    $item->places(), array_keys($item->places()),
                ),
                default => [],
            } as [$name, $x, $y, $reach]) {
                $side = $plan->outline->nearest($x, $y);
                $in = $side->depthOf($x, $y);
                if (abs($in) <= $reach) {
                    $marks[$side->from][] = ['name' => $name, 'along' => $side->alongOf($x, $y), 'in' => $in];
                }
            }
        }
        $found = [];
        foreach ($plan->outline->sides() as $id => $side) {
            usort($marks[$id], static fn (array $a, array $b): int => [$a['along'], $a['name']] <=> [$b['along'], $b['name']]);
            $found[] = new self($side->from, $side->to, $side->length(), $marks[$id]);
        }

        return $found;
    }
}
