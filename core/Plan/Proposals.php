<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Design;
use Ondergrond\Units\Said;

/** All rules that propose, as they are found in `Proposals/`, and what one of them would do to a plan. */
final class Proposals
{
    /** @var array<string, class-string<Proposal>>|null */
    private static ?array $all = null;

    /** @return array<string, class-string<Proposal>> by id, `wing-corners` */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            $files = glob(__DIR__.'/Proposals/*.php');
            foreach ($files === false ? [] : $files as $file) {
                $name = basename($file, '.php');
                $class = __NAMESPACE__.'\\Proposals\\'.$name;
                if (is_subclass_of($class, Proposal::class)) {
                    self::$all[strtolower((string) preg_replace('~(?<!^)[A-Z]~', '-$0', $name))] = $class;
                }
            }
        }

        return self::$all;
    }

    /**
     * What it would do: new items, in place of those that it put there before and nobody moved since; what was moved or set by hand stays.
     *
     * @param  string  $rule  its id
     */
    public static function on(string $rule, Plan $plan, Design $design, Items $layout): ?Mend
    {
        $class = self::all()[$rule];
        $items = $plan->items->and($layout)->all;
        $old = array_filter($items, static fn (Item $i): bool => Proposed::rule($i) === $rule && ! Proposed::isMoved($i));
        $new = $class::of(new Around($plan->atConcrete($design), $design, new Items(array_diff_key($items, $old))));
        $changes = array_map(static fn (): ?Item => null, $old);
        foreach ($new as $i => $item) {
            $changes[Mend::NEW."{$rule} {$i}"] = Proposed::by($rule, $item);
        }

        return $changes === [] ? null : new Mend(Said::of($class::label()), $changes);
    }
}
