<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Site\Calendar;

/**
 * Water that condenses in a stack and dries out of it, month by month from the first month of a condensing spell, in a dry
 * stack (ISO 13788:2012, 6.4). A month is split where a cut falls dry in it.
 */
final readonly class DampYear
{
    /** Less than this is none, kg/m². */
    public const NONE = 1e-6;

    private const SPLITS = 60;

    /**
     * @param  array<int, list<float>>  $condensed  by cut: what comes (+) or goes (−) in each month, January first, kg/m²
     * @param  array<int, list<float>>  $held  by cut: what lies there at the end of each month, kg/m²
     * @param  list<list<float>>  $pressures  by month, at each cut, Pa; of its beginning
     * @param  int|null  $start  the month in which it begins, 1 to 12; null where nothing condenses
     * @param  float  $peak  most that lies in it at the end of a month, kg/m²
     * @param  float  $left  after twelve months, kg/m²
     */
    private function __construct(
        public array $condensed,
        public array $held,
        public array $pressures,
        public ?int $start,
        public float $peak,
        public float $left,
    ) {}

    public static function of(VapourStack $stack): self
    {
        $dry = array_map(static fn (DampMonth $m): array => self::moment($stack, $m, []), $stack->months);
        $wets = array_map(static fn (array $of): bool => max([0.0, ...$of[1]]) > 1e-16, $dry);
        $start = null;
        foreach ($wets as $m => $isWet) {
            // The first month of a spell; where there is no dry month, January.
            if ($isWet && ($start === null || ! $wets[($m + 11) % 12]) && ($start === null || $wets[($start + 10) % 12])) {
                $start = $m + 1;
            }
        }
        $held = $condensed = [];
        $water = [];
        $pressures = array_column($dry, 0);
        $peak = 0.0;
        for ($k = 0; $start !== null && $k < 12; $k++) {
            $m = ($start - 1 + $k) % 12;
            $before = $water;
            $pressures[$m] = self::moment($stack, $stack->months[$m], $water)[0];
            $water = self::through($stack, $stack->months[$m], $water, 3600.0 * Calendar::hours($m + 1));
            foreach ([...array_keys($before), ...array_keys($water)] as $cut) {
                $condensed[$cut] ??= array_fill(0, 12, 0.0);
                $held[$cut] ??= array_fill(0, 12, 0.0);
                $condensed[$cut][$m] = ($water[$cut] ?? 0.0) - ($before[$cut] ?? 0.0);
                $held[$cut][$m] = $water[$cut] ?? 0.0;
            }
            $peak = max($peak, array_sum($water));
        }
        ksort($condensed);
        ksort($held);

        return new self($condensed, $held, $pressures, $start, $peak, array_sum($water));
    }

    /** Whether all that has come is gone within the year. */
    public function dries(): bool
    {
        return $this->left < self::NONE;
    }

    /**
     * @param  array<int, float>  $water  by cut, kg/m²
     * @return array{list<float>, array<int, float>} as Tangent
     */
    private static function moment(VapourStack $stack, DampMonth $month, array $water): array
    {
        return Tangent::of(
            $stack->s, array_map(Vapour::saturation(...), $stack->temperatures($month)), $month->insidePressure,
            $month->outsidePressure, array_fill_keys(array_keys($water), true),
        );
    }

    /**
     * @param  array<int, float>  $water  by cut, kg/m²
     * @return array<int, float> after those seconds, cuts in order
     */
    private static function through(VapourStack $stack, DampMonth $month, array $water, float $seconds): array
    {
        for ($split = 0; $split < self::SPLITS && $seconds > 1.0; $split++) {
            ksort($water);
            $rates = self::moment($stack, $month, $water)[1];
            $time = $seconds;
            foreach ($water as $cut => $amount) {
                $rate = $rates[$cut] ?? 0.0;
                if ($rate < 0.0) {
                    $time = min($time, $amount / -$rate);
                }
            }
            foreach ($rates as $cut => $rate) {
                $after = ($water[$cut] ?? 0.0) + $rate * $time;
                if ($after > 1e-12) {
                    $water[$cut] = $after;
                } else {
                    unset($water[$cut]);
                }
            }
            $seconds -= $time;
        }
        ksort($water);

        return $water;
    }
}
