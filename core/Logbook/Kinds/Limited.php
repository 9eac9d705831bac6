<?php

declare(strict_types=1);

namespace Ondergrond\Logbook\Kinds;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\Reading;
use Ondergrond\Logbook\State;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/** One value between limits; close within a tenth of the room between them, or of the limit where there is one. */
final readonly class Limited implements Reader
{
    private const NEAR = 0.1;

    public function __construct(private Quantity $quantity) {}

    public function reads(Entry $entry): Reading
    {
        $value = $entry->values[0] ?? 0.0;
        $as = fn (?float $v): Measure => Measure::of((float) $v, $this->quantity);
        [$min, $max] = [$entry->min, $entry->max];
        $near = self::NEAR * ($min !== null && $max !== null ? $max - $min : abs((float) ($min ?? $max)));
        $state = match (true) {
            $min === null && $max === null => State::Kept,
            $min !== null && $value < $min - 1e-9, $max !== null && $value > $max + 1e-9 => State::Out,
            $min !== null && $value < $min + $near, $max !== null && $value > $max - $near => State::Close,
            default => State::In,
        };

        return new Reading($state, match (true) {
            $min !== null && $max !== null => Said::of('%s; allowed %s to %s', $as($value), $as($min), $as($max)),
            $min !== null => Said::of('%s; at least %s', $as($value), $as($min)),
            $max !== null => Said::of('%s; at most %s', $as($value), $as($max)),
            default => Said::of('%s', $as($value)),
        });
    }
}
