<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Units\Said;

/** What would do away with a clash: items as they would be. */
final readonly class Mend
{
    /** The id of an item that is not there yet begins so. */
    public const NEW = 'new:';

    /**
     * @param  Said  $words  what is done, as an order: “Move it …”
     * @param  non-empty-array<string, Item|null>  $items  by id; null where one goes
     */
    public function __construct(
        public Said $words,
        public array $items,
    ) {}

    /**
     * What of it is about the items of a building, or of its design.
     *
     * @param  array<string, mixed>  $there  those that stand there already, by id
     * @return array<string, Item|null>
     */
    public function among(array $there, Belongs $whose): array
    {
        return array_filter($this->items, static fn (?Item $item, string $id): bool => isset($there[$id])
            || (str_starts_with($id, self::NEW) && $item !== null && $item::belongs() === $whose), ARRAY_FILTER_USE_BOTH);
    }

    /** Items with it done. */
    public function on(Items $items): Items
    {
        return new Items(array_filter([...$items->all, ...$this->items], static fn (?Item $item): bool => $item !== null));
    }
}
