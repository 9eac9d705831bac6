<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Design;
use Ondergrond\Units\Said;

/**
 * Something that is set at a place of the plan. One class a kind, found in `Kinds/`: it says its own sizes in its constructor,
 * how it is drawn, what it takes from the section, what is wrong with it and what is bought for it.
 */
interface Item
{
    /** In files and addresses. */
    public static function slug(): string;

    /** As every page names the kind. */
    public static function label(): string;

    /** Whether it stays whatever the design, or goes with the option. */
    public static function belongs(): Belongs;

    /** What a new one is placed with: tolerance and trade of its kind. */
    public static function usual(): Placing;

    /** Whether somebody sets it, so that it is taped out, logged and has a place in the order of work. */
    public static function isSet(): bool;

    /** Whether it may lie or lead outside the outline. */
    public static function mayLeave(): bool;

    /** Whether it leads from one end to another. */
    public static function isRun(): bool;

    /**
     * Its own sizes where a new one is put into that design, by key; those left out are as its constructor has them.
     *
     * @return array<string, mixed>
     */
    public static function from(Design $design): array;

    public function at(): Placing;

    /** The same placed otherwise. */
    public function put(Placing $at): static;

    /** @return non-empty-list<Spot> what is set out of it: one, or the two ends of a run */
    public function spots(): array;

    /** To either side, m: typed, or what its own sizes leave. */
    public function tolerance(): float;

    /** @return list<Mark> how it is drawn from above, m */
    public function marks(): array;

    /** @return list<Remark> what is wrong with it, or not said, where it is */
    public function remarks(Around $in): array;

    /** @return list<Want> what is bought for it alone */
    public function wants(): array;

    /** What is worked out of it, in a few words; null where nothing is. */
    public function about(): ?Said;
}
