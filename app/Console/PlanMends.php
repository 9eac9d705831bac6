<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Support\Str;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Clashes;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Mend;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlanReview;
use Ondergrond\Plan\Proposals;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;

/** A project with what rules of clashes offer done, one after the other. */
final class PlanMends
{
    /** One remedy may bring about the next; more than that go round in a circle. */
    private const MOST = 200;

    /**
     * @param  list<string>  $proposals
     * @param  list<string>  $rules
     *
     * @throws FaultyInput where there is no such rule
     */
    public static function of(Project $project, Option $option, Plan $plan, array $proposals, array $rules): Project
    {
        foreach ($proposals as $rule) {
            if (! isset(Proposals::all()[$rule])) {
                throw FaultyInput::one(Fault::of('--propose', "“{$rule}”", implode(', ', array_keys(Proposals::all()))));
            }
        }
        foreach ($rules as $rule) {
            if (! isset(Clashes::all()[$rule])) {
                throw FaultyInput::one(Fault::of('--mend', "“{$rule}”", implode(', ', array_keys(Clashes::all()))));
            }
        }
        $layout = $option->layout;
        foreach ($proposals as $rule) {
            $put = Proposals::on($rule, $plan, $option->written(), $layout);
            if ($put !== null) {
                [$plan, $layout] = self::done($put, $plan, $layout);
            }
        }
        for ($i = 0; $i < self::MOST; $i++) {
            $mend = self::next($plan, $option, $layout, $rules);
            if ($mend === null) {
                break;
            }
            [$plan, $layout] = self::done($mend, $plan, $layout);
        }
        $mended = $option->but(layout: $layout);
        if ($option->plan !== null) {
            $mended = $mended->but(plan: $plan)->on(null);
        }
        $project = $project->but(options: array_map(static fn (Option $o): Option => $o === $option ? $mended : $o, $project->options));

        return $option->plan !== null ? $project : $project->planned($plan);
    }

    /** @param  list<string>  $rules */
    private static function next(Plan $plan, Option $option, Items $layout, array $rules): ?Mend
    {
        foreach (PlanReview::of($plan, $option->written(), $layout) as $remarks) {
            foreach ($remarks as $remark) {
                if ($remark->mend !== null && in_array($remark->id, $rules, true)) {
                    return $remark->mend;
                }
            }
        }

        return null;
    }

    /** @return array{Plan, Items} */
    private static function done(Mend $mend, Plan $plan, Items $layout): array
    {
        $done = static function (array $items, Belongs $whose) use ($mend): Items {
            foreach ($mend->among($items, $whose) as $id => $item) {
                $items[isset($items[$id]) ? $id : (string) Str::ulid()] = $item;
            }

            return new Items(array_filter($items, static fn (?Item $i): bool => $i !== null));
        };

        return [$plan->with(['items' => $done($plan->items->all, Belongs::Building)]), $done($layout->all, Belongs::Design)];
    }
}
