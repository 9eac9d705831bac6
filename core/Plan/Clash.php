<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/**
 * A rule about what things on a plan do to each other, to the edge or to the lot. One class a rule, found in `Clashes/`; what a kind of
 * item asks of its own sizes it says itself (`Item::remarks`).
 */
interface Clash
{
    /** What it finds, in a sentence. */
    public static function finds(): string;

    /** Why it matters, in a sentence. */
    public static function reason(): string;

    /** Where from; “common practice, no source” where nobody publishes it. */
    public static function source(): string;

    /** @return iterable<string, Found> by what it is about: `item:<id>`, `opening:<id>`, `corner:<id>`, `plan` */
    public static function in(Around $in): iterable;
}
