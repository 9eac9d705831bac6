<?php

declare(strict_types=1);

namespace Ondergrond\Sizing;

/** What a search for the smallest wing came to, as it was kept. */
final readonly class WingsKept
{
    /**
     * @param  list<WingKept>  $tries  in the order they were put to the field
     * @param  WingKept|null  $best  the least board of those that hold
     * @param  bool  $byTable  whether the table was the least that was tried
     * @param  bool  $complete  whether all was tried that had to be
     * @param  string|null  $corner  where no wing is needed: what is to be said of corners
     * @param  float|null  $withoutHeat  and how far frost stays away in a winter without heat, m; null where none comes near
     * @param  list<Change>  $changes  sizes besides the wing's that the best one changes
     */
    private function __construct(
        public array $tries,
        public ?WingKept $best,
        public bool $byTable,
        public bool $complete,
        public ?string $corner,
        public ?float $withoutHeat,
        public array $changes,
    ) {}

    /** @param  array<string, mixed>  $kept  as `WingOutcome` writes it, or as earlier programs did */
    public static function fromArray(array $kept): self
    {
        $beside = $kept['beside'] ?? null;
        $without = $beside['without_heat_mm'] ?? null;

        return new self(
            array_values(array_map(WingKept::fromArray(...), $kept['tries'] ?? [])),
            isset($kept['best']) ? WingKept::fromArray($kept['best']) : null,
            $kept['by_table'] ?? false, $kept['complete'] ?? $kept['finished'] ?? false, $beside['corner'] ?? null,
            $without === null ? null : $without / 1000, array_values(array_map(Change::fromArray(...), $kept['changes'] ?? [])),
        );
    }
}
