<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** Items by id. */
final readonly class Items
{
    /** @param  array<string, Item>  $all  by id */
    public function __construct(public array $all = []) {}

    /**
     * @param  class-string<T>  $type
     * @return array<string, T> by id
     *
     * @template T of Item
     */
    public function of(string $type): array
    {
        return array_filter($this->all, static fn (Item $item): bool => $item instanceof $type);
    }

    public function and(self $others): self
    {
        return new self([...$this->all, ...$others->all]);
    }
}
