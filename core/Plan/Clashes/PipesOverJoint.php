<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Fitted;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\ControlJoint;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Mend;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** Pipes of a heated floor that cross a control joint without a sleeve. */
final class PipesOverJoint implements Clash
{
    public static function finds(): string
    {
        return 'Pipes of a heated floor that cross a control joint without a sleeve.';
    }

    public static function reason(): string
    {
        return 'The slab opens at the joint and works: a pipe that is cast in on both sides is pulled.';
    }

    public static function source(): string
    {
        return 'EN 1264-4, from memory: pipes across joints in a sleeve of 0.3 m';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(ControlJoint::class) as $id => $joint) {
            foreach ($joint->sleeved === Fitted::Yes ? [] : $in->all(HeatedZone::class) as $zone) {
                if ($zone->meets($joint)) {
                    yield "item:{$id}" => new Found(
                        $joint->sleeved === Fitted::No ? Severity::Fix : Severity::NotChecked, Said::of(
                            'crosses the pipes of '.$in->name($zone).($joint->sleeved === Fitted::No
                                ? ', which have no sleeve there' : ': whether they are sleeved there is not said'),
                        ), new Mend(
                            Said::of('Sleeve the pipes %s to either side', Measure::size(0.15)), [$id => $joint->but(sleeved: Fitted::Yes)],
                        ),
                    );
                    break;
                }
            }
        }
    }
}
