<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** A rule that puts items where they usually go, to be moved from there. One class each, found in `Proposals/`. */
interface Proposal
{
    /** What is put in, as a button says it. */
    public static function label(): string;

    /** By what rule, with where it is from. */
    public static function rule(): string;

    /**
     * @param  Around  $in  without what the same rule put there before and nobody moved
     * @return list<Item> none where the design has nothing of the kind, or all of it is there
     */
    public static function of(Around $in): array;
}
