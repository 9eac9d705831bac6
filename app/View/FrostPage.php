<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Frost\FrostDemand;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Rules\Ruling;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\WinterUse;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** The frost verdict in words. */
final readonly class FrostPage
{
    public function __construct(
        public FrostVerdict $verdict,
        public QuantityFormatter $format,
        public Ruling $ruling,
    ) {}

    /** How many winters are still to be run. */
    public function left(): int
    {
        return $this->verdict->reason !== null
            ? 0
            : count(Stretch::all($this->verdict->design)) * count(WinterUse::cases()) - count($this->verdict->proofs);
    }

    public static function day(?int $day): string
    {
        if ($day === null) {
            return '–';
        }
        [$month, $of] = Calendar::date($day);

        return $of."\u{a0}".Calendar::MONTHS[$month - 1];
    }

    public function rough(float $m): string
    {
        return $this->format->format($m, Quantity::Depth);
    }

    /** What the field found, a sentence. */
    public function found(): string
    {
        $verdict = $this->verdict;
        $proof = $verdict->closest();
        if ($verdict->reason !== null || $proof === null) {
            return $verdict->reason
                ?? ($verdict->tableFails() ? 'The table asks more than is drawn. ' : '')
                    .'The design winter has not been run on the section yet.';
        }

        $places = [
            'slab' => 'of the ground under the slab',
            'neighbour' => 'of the ground under the slab beside',
            'stem' => 'of ground against the bare stem',
        ];
        $frozen = [];
        foreach ($verdict->frozenElsewhere() as $place => $ice) {
            $frozen[] = $this->rough($ice).' '.$places[$place];
        }

        return $this->said($proof).($frozen === [] ? '' : ' '.ucfirst(implode(', ', $frozen)).' freezes too.');
    }

    /** The same of one stretch, by its id. */
    public function on(string $stretch): string
    {
        foreach ($this->verdict->proofs as $proof) {
            if ($proof->id() === $stretch && $proof->use === $this->verdict->site->frost->use) {
                return $this->said($proof);
            }
        }

        return '';
    }

    private function said(FrostProof $proof): string
    {
        $where = mb_strtolower(Stretch::find($this->verdict->design, $proof->id())->label ?? $proof->side->label());
        $size = fn (float $m): string => $this->rough(abs($m));

        return match (true) {
            $proof->margin < 0.0 => sprintf(
                'Frost goes %s into the ground under the bearing, %s, by %s.',
                $size($proof->margin),
                $where,
                self::day($proof->day),
            ),
            ! is_finite($proof->margin) => 'Nothing freezes near the bearing.',
            default => sprintf(
                'Frost stays %s away from the ground under the bearing; nearest on %s, %s.',
                $size($proof->margin),
                self::day($proof->day),
                $where,
            ),
        };
    }

    public function margin(FrostProof $proof): string
    {
        return is_finite($proof->margin) ? ($proof->margin < 0 ? '−' : '+').$this->rough(abs($proof->margin)) : 'no frost';
    }

    /** One thing that the table asks, and what there is. */
    public function demand(FrostDemand $demand): string
    {
        return is_finite($demand->found) ? $this->size($demand->found, $demand) : 'all round';
    }

    public function needed(FrostDemand $demand): string
    {
        return $this->size($demand->needed, $demand);
    }

    private function size(float $value, FrostDemand $demand): string
    {
        return $demand->isLength ? $this->rough($value) : 'R '.$this->format->number($value, Quantity::Resistance);
    }
}
