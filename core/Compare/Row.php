<?php

declare(strict_types=1);

namespace Ondergrond\Compare;

use Ondergrond\Rules\Ruling;

/** One thing that is compared, a cell for each option. */
final readonly class Row
{
    /** Values closer than this are the same, share of the largest. */
    private const SAME = 0.002;

    /**
     * @param  list<string>  $cells  written out
     * @param  list<Ruling>  $rulings  where they are verdicts
     * @param  list<float|null>  $values  where less is better; null where a cell is not known or there is no better
     */
    public function __construct(
        public string $label,
        public array $cells,
        public array $values = [],
        public array $rulings = [],
    ) {}

    public function differs(): bool
    {
        return count(array_unique($this->cells)) > 1;
    }

    /** Whether that cell is the best of those that are known; never where all are alike. */
    public function isBest(int $column): bool
    {
        $known = array_filter($this->values, is_float(...));
        $value = $this->values[$column] ?? null;
        if ($value === null || count($known) < 2) {
            return false;
        }
        $slight = self::SAME * max(array_map(abs(...), $known));

        return max($known) - min($known) > $slight && $value - min($known) <= $slight;
    }
}
