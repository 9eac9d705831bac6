<?php

declare(strict_types=1);

namespace App\Casts;

use WeakMap;
use WeakReference;

/**
 * The text that an object was read from or written as, for as long as the object lives: the framework encodes a cast object
 * anew at every read of any attribute. What never changes is read once from the same text.
 */
final class Memory
{
    /** @var WeakMap<object, string>|null */
    private static ?WeakMap $texts = null;

    /** @var array<string, WeakReference<object>> by class and hash of their text */
    private static array $read = [];

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

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class  of what never changes
     * @param  callable(): T  $decode
     * @return T
     */
    public static function read(string $class, string $text, callable $decode): object
    {
        $key = $class.hash('xxh128', $text);
        $known = (self::$read[$key] ?? null)?->get();
        if ($known instanceof $class) {
            return $known;
        }
        self::$read = array_filter(self::$read, static fn (WeakReference $of): bool => $of->get() !== null);
        $object = $decode();
        self::remember($object, $text);
        self::$read[$key] = WeakReference::create($object);

        return $object;
    }
}
