<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/** A sentence with values in it, written out in the reader's units. */
final readonly class Said
{
    /** @param  list<Measure>  $values */
    private function __construct(
        private string $words,
        private array $values,
    ) {}

    /** @param  string  $words  as for sprintf, a `%s` (or `%1$s`) for each value */
    public static function of(string $words, Measure ...$values): self
    {
        return new self($words, array_values($values));
    }

    public function in(QuantityFormatter $format): string
    {
        return vsprintf($this->words, array_map(static fn (Measure $m): string => $m->in($format), $this->values));
    }
}
