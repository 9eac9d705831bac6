<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

/**
 * Air in heating pipes, read at different temperatures: by the gas law of Gay-Lussac at constant volume, absolute pressures,
 * kelvin. For air only; water follows no gas law. Gauge pressures in bar.
 */
final readonly class HeldPressure
{
    private const ZERO = 273.15;

    /** Standard atmosphere, bar. */
    public const BAROMETER = 1.01325;

    /** Of the gauge, bar, and of each temperature, K; common practice, no source. */
    private const GAUGE = 0.02;

    private const KELVIN = 1.0;

    /** A slope so many times its own deviation is no chance. */
    private const SLOPE = 2.6;

    /**
     * @param  list<array{hours: float, celsius: float, bar: float, barometer: float}>  $readings  the first is the start
     */
    public function __construct(public array $readings) {}

    /**
     * What a gauge should show at another temperature, bar.
     *
     * @param  float  $then  barometer at that reading, bar
     */
    public static function expected(
        float $bar,
        float $celsius,
        float $at,
        float $barometer = self::BAROMETER,
        float $then = self::BAROMETER,
    ): float {
        return ($bar + $barometer) * ($at + self::ZERO) / ($celsius + self::ZERO) - $then;
    }

    /** @return list<float> each reading as if it had been read at the first one's temperature, bar */
    public function corrected(): array
    {
        $start = $this->readings[0] ?? null;

        return $start === null ? [] : array_map(
            static fn (array $r): float => ($r['bar'] + $r['barometer']) * ($start['celsius'] + self::ZERO) / ($r['celsius'] + self::ZERO)
                - $start['barometer'],
            $this->readings,
        );
    }

    /** Two standard uncertainties of the difference of two readings, bar. */
    public function uncertainty(): float
    {
        $start = $this->readings[0];
        $perKelvin = ($start['bar'] + $start['barometer']) / ($start['celsius'] + self::ZERO);

        return 2 * sqrt(2 * self::GAUGE ** 2 + 2 * ($perKelvin * self::KELVIN) ** 2);
    }

    /** Change from the first reading to the last, corrected, bar. */
    public function change(): float
    {
        $corrected = $this->corrected();

        return $corrected === [] ? 0.0 : end($corrected) - $corrected[0];
    }

    public function hours(): float
    {
        return $this->readings === [] ? 0.0 : $this->readings[count($this->readings) - 1]['hours'] - $this->readings[0]['hours'];
    }

    /**
     * The straight line through the corrected readings (least squares).
     *
     * @return array{at: float, slope: float, t: float}|null bar, bar/h, slope over its deviation; null with fewer than four readings
     */
    public function line(): ?array
    {
        $n = count($this->readings);
        if ($n < 4) {
            return null;
        }
        $x = array_column($this->readings, 'hours');
        $y = $this->corrected();
        [$mx, $my] = [array_sum($x) / $n, array_sum($y) / $n];
        $sxx = $sxy = 0.0;
        foreach ($x as $i => $hour) {
            $sxx += ($hour - $mx) ** 2;
            $sxy += ($hour - $mx) * ($y[$i] - $my);
        }
        if ($sxx <= 0.0) {
            return null;
        }
        $slope = $sxy / $sxx;
        $rest = 0.0;
        foreach ($x as $i => $hour) {
            $rest += ($y[$i] - $my - $slope * ($hour - $mx)) ** 2;
        }
        $deviation = sqrt($rest / ($n - 2) / $sxx);

        return ['at' => $my - $slope * $mx, 'slope' => $slope, 't' => $deviation > 0.0 ? $slope / $deviation : -INF];
    }

    /** Whether it falls by more than the readings' own uncertainty, or steadily though warm hours hide it. */
    public function leaks(): bool
    {
        $line = $this->line();

        return $this->change() < -$this->uncertainty() || ($line !== null && $line['slope'] < 0.0 && $line['t'] < -self::SLOPE);
    }

    /**
     * The least leak that would have been seen, m³ of air a minute at 0 °C and 1 atm.
     *
     * @param  float  $volume  that the pipes hold, m³
     */
    public function least(float $volume): float
    {
        return $this->hours() <= 0.0 ? INF : $volume * $this->uncertainty() / self::BAROMETER
            * self::ZERO / ($this->readings[0]['celsius'] + self::ZERO) / (60 * $this->hours());
    }
}
