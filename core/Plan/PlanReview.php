<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** All that is said of the places of a plan under one design. */
final class PlanReview
{
    /**
     * @return array<string, non-empty-list<Remark>> by what it is about: `item:<id>`, `opening:<id>`, `corner:<id>`, `plan`
     *
     * @throws FaultyInput where nothing is left of the outline at the face of the concrete
     */
    public static function of(Plan $plan, Design $design, Items $layout): array
    {
        $in = new Around($plan->atConcrete($design), $design, $plan->items->and($layout));
        $found = [];
        foreach ($in->items->all as $id => $item) {
            $found["item:{$id}"] = [...$item->remarks($in), ...self::inLine($item, $in), ...self::outside($item, $in)];
        }
        foreach ($in->plan->openings as $id => $opening) {
            $found["opening:{$id}"] = $opening->remarks($in);
        }
        foreach (Clashes::all() as $id => $rule) {
            foreach ($rule::in($in) as $place => $clash) {
                $found[$place][] = new Remark($id, $clash->severity, $clash->said, $rule::source(), $rule::reason(), $clash->mend);
            }
        }

        return array_filter($found, static fn (array $remarks): bool => $remarks !== []);
    }

    /** @return list<Remark> */
    private static function inLine(Item $item, Around $in): array
    {
        $with = $item->at()->inLine;
        if ($with === '') {
            return [];
        }
        $other = $in->items->all[$with] ?? null;
        if ($other === null) {
            return [new Remark('in-line', Severity::NotChecked, Said::of('is said to stand in line with something that went'))];
        }
        $off = min(abs($item->at()->x - $other->at()->x), abs($item->at()->y - $other->at()->y));

        return $off <= $item->tolerance() + 1e-9 ? [] : [new Remark('in-line', Severity::Fix, Said::of(
            "is said to stand in line with {$in->name($other)} and stands %s aside", Measure::size($off),
        ))];
    }

    /**
     * An outline that was drawn anew may have left what was set in it outside.
     *
     * @return list<Remark>
     */
    private static function outside(Item $item, Around $in): array
    {
        foreach ($item::mayLeave() ? [] : $item->spots() as $spot) {
            $out = -$in->inFromEdge($spot->x, $spot->y);
            if ($out > 1e-6) {
                return [new Remark('outside', Severity::Stop, Said::of('lies %s outside the outline', Measure::size($out)))];
            }
        }

        return [];
    }
}
