<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Remark;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** What is said alike of posts and bearing walls. */
final class Bearing
{
    /**
     * @param  string  $of  the kind of the design that it names; empty: none
     * @param  float  $load  its own, kN or kN/m; 0: as its kind says
     * @return list<Remark>
     */
    public static function remarks(Item $item, string $of, float $load, Around $in): array
    {
        $kind = $in->design->supports->kinds()[$of] ?? null;
        if ($of !== '' && $kind === null) {
            return [new Remark('kind', Severity::NotChecked, Said::of("names “{$of}”, which this design has no kind of"))];
        }
        if ($kind === null) {
            return [new Remark('kind', Severity::NotChecked, Said::of(
                'names no kind of '.mb_strtolower($item::label()).' of the design: what it stands on is not judged',
            ))];
        }

        return $load + $kind->permanent + $kind->live > 0.0 ? [] : [
            new Remark('load', Severity::NotChecked, Said::of('no load is given, here or for its kind')),
        ];
    }
}
