<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use LogicException;

/** All kinds of item, as they are found in `Kinds/`. */
final class Kinds
{
    /** @var array<string, class-string<Item>>|null */
    private static ?array $all = null;

    /** @return array<string, class-string<Item>> by slug, in the order that pages offer them: by what they are called */
    public static function all(): array
    {
        if (self::$all === null) {
            $found = [];
            $files = glob(__DIR__.'/Kinds/*.php');
            foreach ($files === false ? [] : $files as $file) {
                $class = __NAMESPACE__.'\\Kinds\\'.basename($file, '.php');
                if (is_subclass_of($class, Item::class)) {
                    $found[$class::slug()] = $class;
                }
            }
            uasort($found, static fn (string $a, string $b): int => $a::label() <=> $b::label());
            self::$all = $found;
        }

        return self::$all;
    }

    /** @return class-string<Item>|null */
    public static function find(string $slug): ?string
    {
        return self::all()[$slug] ?? null;
    }

    /**
     * @return class-string<Item>
     *
     * @throws LogicException where there is none: files are held against the schema first
     */
    public static function get(string $slug): string
    {
        return self::find($slug) ?? throw new LogicException("no kind of item is called {$slug}");
    }
}
