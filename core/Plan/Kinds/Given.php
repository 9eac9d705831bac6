<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Around;

/** What leads from one end to another, is there or meant already, and is set by nobody: it may lie outside. */
trait Given
{
    use Run;

    public static function isSet(): bool
    {
        return false;
    }

    public static function mayLeave(): bool
    {
        return true;
    }

    public function remarks(Around $in): array
    {
        return [];
    }
}
