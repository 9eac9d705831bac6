<?php

declare(strict_types=1);

namespace Ondergrond\Size;

/** Answers that stand in a table of their own. */
interface Choices
{
    /** @return array<string, string> words by value */
    public static function words(): array;
}
