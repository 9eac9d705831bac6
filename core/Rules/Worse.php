<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Damp\DampVerdict;
use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Frost\FrostDemand;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;

/**
 * What a change of a design makes worse of heat, frost, damp and load, by the sums that need no field: it is said beside the
 * press that makes it.
 */
final class Worse
{
    /** Of a sum, so that nothing is said of what nobody feels. */
    private const FELT = 0.02;

    /** Of a depth, m. */
    private const DEPTH = 0.005;

    /** Of drying, days. */
    private const DRYING = 3.0;

    /** Of a heated floor, K. */
    private const WARM = 0.5;

    /** Of f_Rsi. */
    private const FACTOR = 0.015;

    /** Of what layers may hold. */
    private const WET = 0.05;

    /** Nobody counts on beyond this. */
    private const FULL = 10.0;

    /** Of what may be carried: up to here nobody minds. */
    private const LITTLE = 0.5;

    /** @return array<string, Said> by verdict, a clause each */
    public static function of(Subject $before, Subject $after): array
    {
        return array_filter([
            Concern::Heat->value => self::heat($before, $after),
            Concern::Frost->value => self::frost($before, $after),
            Concern::Damp->value => self::damp($before, $after),
            Concern::Load->value => self::load($before, $after),
        ]);
    }

    /**
     * What the fields of a design come to, as far as it is compared.
     *
     * @return array{loss: float, factor: float|null, wet: float|null} mean loss, W; lowest f_Rsi; of what its layers may hold the
     * largest share
     */
    public static function figures(FieldHeat $field, DampVerdict $damp): array
    {
        return ['loss' => $field->mean, 'factor' => $damp->factor(), 'wet' => $damp->wettest()?->share()];
    }

    /**
     * The same by the fields, for which both have to be solved.
     *
     * @param  array{loss: float, factor: float|null, wet: float|null}  $was
     * @param  array{loss: float, factor: float|null, wet: float|null}  $is
     * @return array<string, Said> by verdict, a clause each
     */
    public static function byFields(array $was, array $is): array
    {
        $more = max(0.0, $is['loss']) - max(0.0, $was['loss']);
        $colder = ($was['factor'] ?? 0.0) - ($is['factor'] ?? 0.0);
        $wetter = ($is['wet'] ?? 0.0) - ($was['wet'] ?? 0.0);
        $damp = array_values(array_filter([
            $colder > self::FACTOR ? Said::of(
                'its coldest surface gets colder, f %s instead of %s', Measure::of((float) $is['factor'], Quantity::Ratio),
                Measure::of((float) $was['factor'], Quantity::Ratio),
            ) : null,
            $wetter > self::WET ? Said::of('more water gathers in its layers, %s of what they may hold', Measure::of(
                min(self::FULL, (float) $is['wet']), Quantity::Share,
            )) : null,
        ]));

        return array_filter([
            Concern::Heat->value => $more > self::FELT * abs($was['loss']) ? Said::of(
                'as drawn the floor loses %s more, mean of the year', Measure::of($more, Quantity::Power),
            ) : null,
            Concern::Damp->value => $damp[0] ?? null,
        ]);
    }

    private static function heat(Subject $before, Subject $after): ?Said
    {
        // Where the ground is the warmer side, a floor that takes less from it loses nothing.
        [$was, $is] = [max(0.0, $before->heat()->floor->allYear), max(0.0, $after->heat()->floor->allYear)];

        return $is <= $was * (1 + self::FELT) ? null : Said::of(
            'the floor loses %s a year more by the formula', Measure::of($is - $was, Quantity::Energy),
        );
    }

    private static function frost(Subject $before, Subject $after): ?Said
    {
        [$was, $is] = [$before->frost(), $after->frost()];
        if ($is->reason !== null) {
            return null;
        }
        $lost = ($was->footingMargin() ?? 0.0) - ($is->footingMargin() ?? 0.0);

        return match (true) {
            $lost > self::DEPTH => Said::of('the shallowest bearing lies %s less deep against frost', Measure::depth($lost)),
            // Below frost in open ground it needs neither table nor the building's heat.
            ($is->footingMargin() ?? 0.0) >= 0.0 => null,
            self::lacks($after) > self::lacks($before) + self::FELT => Said::of('the frost table is met less well'),
            $after->isHeated() && self::warmsLess($before, $after) && self::lacks($after) > self::lacks($before) - self::FELT => Said::of(
                'less of the building’s heat reaches the ground under the edge, so that frost comes nearer: run the winter again',
            ),
            default => null,
        };
    }

    /** Whether more stands between the rooms' warmth and the ground under the edge, the floor's pipes are cooler, or less keeps it in. */
    private static function warmsLess(Subject $before, Subject $after): bool
    {
        [$was, $is] = [$before->design, $after->design];
        $cooler = $is->heating->present() && $is->heating->plane < $was->heating->plane - self::WARM;
        [$had, $has] = [$was->edgeOutside->layer, $is->edgeOutside->layer];
        // Frost goes round a board's foot: a thinner one is a shorter way, whatever it resists.
        $shorter = $has->thickness < $had->thickness - self::DEPTH || $has->wetResistance() < (1 - self::FELT) * $had->wetResistance();

        // Behind a board that goes deeper the ground outside gets none of the building's warmth.
        $deeper = $is->edgeOutside->present() && $is->edgeOutside->depthBelowGrade > $was->edgeOutside->depthBelowGrade + self::DEPTH;

        return $cooler || $shorter || $deeper || self::heldBack($after) > (1 + self::FELT) * self::heldBack($before);
    }

    /** All that stands between the rooms' warmth and the ground under the edge, m²K/W. */
    private static function heldBack(Subject $s): float
    {
        $d = $s->design;

        return $s->floorResistance() + $d->edgeInside->layer->resistance() + $d->edgeUnder->resistance()
            + $d->form->inside / $d->form->material->conductivity + array_sum(
                array_map(static fn (Layer $l): float => $l->resistance(), $d->lining->layers),
            );
    }

    private static function damp(Subject $before, Subject $after): ?Said
    {
        [$was, $is] = [$before->damp(), $after->damp()];
        $days = static fn (Subject $s): float => $s->damp()->drying?->daysTo(0.85) ?? 0.0;
        $longer = $days($after) - $days($before);

        return match (true) {
            ($is->water->liftShare() ?? 0.0) > max(0.5, ($was->water->liftShare() ?? 0.0) * (1 + self::FELT)) => Said::of(
                'water lifts at %s of what the floor weighs', Measure::of((float) $is->water->liftShare(), Quantity::Share),
            ),
            $longer > self::DRYING => Said::of('the slab dries %s longer', Measure::of($longer, Quantity::Days)),
            default => null,
        };
    }

    private static function load(Subject $before, Subject $after): ?Said
    {
        [$was, $is] = [$before->load->share(), $after->load->share()];

        return $is === null || $is <= max(self::LITTLE, ($was ?? 0.0) + self::FELT) ? null : Said::of(
            'boards or ground are used to %s of what they carry', Measure::of($is, Quantity::Share),
        );
    }

    /** The largest share by which the frost table's demands are missed; 0 where all are met. */
    private static function lacks(Subject $s): float
    {
        $demands = $s->frost()->table->holds() === null ? [] : $s->frost()->table->demands;

        return max([0.0, ...array_map(
            static fn (FrostDemand $d): float => $d->holds() ? 0.0 : 1 - $d->found / max(1e-9, $d->needed), $demands,
        )]);
    }
}
