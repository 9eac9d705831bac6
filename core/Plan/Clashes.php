<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** All rules of clashes, as they are found in `Clashes/`. */
final class Clashes
{
    /** @var array<string, class-string<Clash>>|null */
    private static ?array $all = null;

    /** @return array<string, class-string<Clash>> by id, `sleeve-down-edge` */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            $files = glob(__DIR__.'/Clashes/*.php');
            foreach ($files === false ? [] : $files as $file) {
                $name = basename($file, '.php');
                $class = __NAMESPACE__.'\\Clashes\\'.$name;
                if (is_subclass_of($class, Clash::class)) {
                    self::$all[strtolower((string) preg_replace('~(?<!^)[A-Z]~', '-$0', $name))] = $class;
                }
            }
        }

        return self::$all;
    }
}
