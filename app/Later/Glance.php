<?php

declare(strict_types=1);

namespace App\Later;

use Ondergrond\Rules\Judged;
use Ondergrond\Rules\Ruling;

/** An assessment as far as one line tells of it. */
final readonly class Glance
{
    /**
     * @param  float  $watts  through the floor, mean of the year, W
     * @param  array<string, string>  $words  by verdict
     * @param  array<string, string>  $findings  weights of those that are open, by rule
     */
    public function __construct(public float $watts, public array $words, public array $findings) {}

    /** Null where the field was not asked for: without it words would change by themselves. */
    public static function of(Assessed $said): ?self
    {
        if ($said->field === null) {
            return null;
        }
        $open = array_filter($said->judgement->findings, static fn (Judged $j): bool => $j->isOpen());

        return new self(
            $said->field->mean,
            array_map(static fn (Ruling $r): string => $r->word->value, $said->judgement->rulings->all()),
            array_combine(
                array_map(static fn (Judged $j): string => $j->finding->rule->id(), $open),
                array_map(static fn (Judged $j): string => $j->finding->severity->value, $open),
            ),
        );
    }
}
