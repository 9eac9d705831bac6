<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Frost\FrostDemand;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Section\Side;
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
    ) {}

    /** How many winters are still to be run. */
    public function left(): int
    {
        return $this->verdict->reason !== null ? 0 : count(Side::of($this->verdict->design)) * count(WinterUse::cases()) - count($this->verdict->proofs);
    }

    public static function day(?int $day): string
    {
        if ($day === null) {
            return '–';
        }
        [$month, $of] = Calendar::date($day);

        return $of."\u{a0}".Calendar::MONTHS[$month - 1];
    }

    /** What the field found, a sentence. */
    public function found(): string
    {
        $verdict = $this->verdict;
        $proof = $verdict->closest();
        if ($verdict->reason !== null || $proof === null) {
            return $verdict->reason ?? 'The design winter is being run on the section, a day at a time.';
        }
        $where = mb_strtolower($proof->side->label());
        $size = fn (float $m): string => $this->format->format(abs($m), Quantity::Thickness);

        return match (true) {
            $proof->margin < 0.0 => sprintf('Frost goes %s into the ground under the bearing, %s, by %s.', $size($proof->margin), $where, self::day($proof->day)),
            ! is_finite($proof->margin) => 'Nothing freezes near the bearing.',
            default => sprintf('Frost stays %s away from the ground under the bearing; nearest on %s, %s.', $size($proof->margin), self::day($proof->day), $where),
        };
    }

    public function margin(FrostProof $proof): string
    {
        return is_finite($proof->margin) ? ($proof->margin < 0 ? '−' : '+').$this->format->format(abs($proof->margin), Quantity::Thickness) : 'no frost';
    }

    /** One thing that the table asks, and what there is. */
    public function demand(FrostDemand $demand): string
    {
        $kind = $demand->isLength ? Quantity::Thickness : Quantity::Resistance;

        return is_finite($demand->found) ? $this->format->format($demand->found, $kind) : 'all round';
    }

    public function needed(FrostDemand $demand): string
    {
        return $this->format->format($demand->needed, $demand->isLength ? Quantity::Thickness : Quantity::Resistance);
    }
}
