<?php

declare(strict_types=1);

namespace Ondergrond\Sizing;

/** What a search for the smallest wing came to, or has come to so far. */
final readonly class WingOutcome
{
    /**
     * @param  list<WingTry>  $tries  in the order they were put to the field
     * @param  WingTry|null  $best  the least board of those that hold
     * @param  int  $most  tries that it may take at most
     * @param  bool  $byTable  whether the table was the least that was tried
     * @param  bool  $complete  whether all was tried that had to be; false where it was stopped
     * @param  array{corner: string, corner_asks: list<string>, without_heat_mm: float|null, without_heat_side: string, without_heat_day: string|null}|null  $beside  where no wing is needed: what the section does not show
     * @param  list<Change>  $changes  sizes besides the wing's that the best one changes
     */
    public function __construct(
        public array $tries,
        public ?WingTry $best,
        public int $most,
        public bool $byTable,
        public bool $complete,
        public ?array $beside = null,
        public array $changes = [],
    ) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'tries' => array_map(static fn (WingTry $t): array => array_diff_key($t->toArray(), ['design' => 0]), $this->tries),
            'best' => $this->best?->toArray(),
            'most' => $this->most,
            'by_table' => $this->byTable,
            'complete' => $this->complete,
            'beside' => $this->beside,
            'changes' => array_map(static fn (Change $c): array => $c->toArray(), $this->changes),
        ];
    }
}
