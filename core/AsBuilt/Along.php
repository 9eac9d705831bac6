<?php

declare(strict_types=1);

namespace Ondergrond\AsBuilt;

use Ondergrond\Design\Departure;
use Ondergrond\Design\Departures;
use Ondergrond\Design\Design;
use Ondergrond\Design\DesignPart;
use Ondergrond\Design\Part;
use Ondergrond\Design\Side;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Plan;
use Ondergrond\Section\Stretch;

/** Where along the edge something is otherwise: a stretch of the design, or a wall of the plan, `wall:C`. */
final readonly class Along
{
    private function __construct(
        public string $id,
        public Side $kind,
        public float $length,
        public string $label,
    ) {}

    /** @throws FaultyInput where there is no such stretch */
    public static function of(string $id, Design $design, ?Plan $plan): self
    {
        $stretch = Stretch::find($design, $id);
        if ($stretch !== null) {
            return new self($id, $stretch->kind, $stretch->length, $stretch->label);
        }
        $corner = str_starts_with($id, 'wall:') ? substr($id, 5) : '';
        $line = $plan?->outline->sides()[$corner] ?? null;
        if ($plan === null || $line === null) {
            throw FaultyInput::one(Fault::of('/about/stretch', "“{$id}”", implode(', ', [
                ...array_column(Stretch::all($design), 'id'),
                ...array_map(static fn (string $c): string => "wall:{$c}", $plan === null ? [] : array_keys($plan->outline->points)),
            ])));
        }
        $kind = $plan->corners[$corner]->wall->kind->side() ?? Side::Edge;
        // What the design has no section for is common edge.
        $kind = Stretch::find($design, $kind->value) === null ? Side::Edge : $kind;

        return new self($id, $kind, $line->length(), "Wall {$line->from}–{$line->to}");
    }

    /**
     * @param  array<string, DesignPart>  $parts  what is otherwise there, by the properties of a design
     * @param  float  $length  m; no more than the stretch has
     */
    public function depart(Design $design, Part $part, array $parts, float $length): Design
    {
        $own = strtr('built-'.$part->value.'-'.$this->id, [':' => '-', '_' => '-']);
        $had = array_filter($design->departures->all, static fn (Departure $d): bool => $d->id !== $own);
        $taken = array_sum(array_map(fn (Departure $d): float => $d->kind === $this->kind ? $d->length : 0.0, $had));
        $of = Stretch::like($design->with(['departures' => new Departures]), $this->kind)->length;
        $length = min($length, max(0.0, $of - $taken));

        return $length <= 0.0 ? $design : $design->with(['departures' => new Departures(
            ...$had, ...[new Departure($own, "{$this->label}, as built: {$part->label()}", $this->kind, $length, $parts)],
        )]);
    }
}
