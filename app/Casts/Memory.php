<?php

declare(strict_types=1);

namespace App\Casts;

use WeakMap;

/**
 * The text that an object was read from or written as, for as long as the object lives: the framework encodes a cast object
 * anew at every read of any attribute.
 */
final class Memory
{
    /** @var WeakMap<object, string>|null */
    private static ?WeakMap $texts = null;

    public static function remember(object $of, string $text): void
    {
        self::$texts ??= new WeakMap;
        self::$texts[$of] = $text;
    }

    /** @param  callable(): string  $encode */
    public static function text(object $of, callable $encode): string
    {
        self::$texts ??= new WeakMap;

        return self::$texts[$of] ??= $encode();
    }
}
