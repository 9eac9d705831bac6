<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/** Writes SI values for people. What it writes, QuantityParser reads back to the same figure. */
final readonly class QuantityFormatter
{
    /** Inches within this of a sixteenth are written as a fraction. */
    private const FRACTION_TOLERANCE_IN = 0.0006;

    private const CONDUCTIVITY_FIGURES = 3;

    /** Steps that depths are written in. */
    private const DEPTH_MM = 5.0;

    private const DEPTH_IN = 0.25;

    public function __construct(public UnitSystem $system, public DecimalMark $mark = DecimalMark::Point) {}

    /** The value with its unit, such as `4 1/2 in`, `2'-6"`, `0.38 mm`. */
    public function format(float $si, Quantity $quantity): string
    {
        if ($quantity === Quantity::Length && $this->system === UnitSystem::InchPound) {
            return $this->feetAndInches($si);
        }
        $unit = $this->unit($quantity);

        return $this->number($si, $quantity).match ($unit) {
            '' => '',
            '°F', '°C' => ' '.$unit,
            default => "\u{a0}".$unit,
        };
    }

    /** A length as a tape or a rod shows it: to a sixteenth of an inch, or a millimetre. */
    public function taped(float $m): string
    {
        return $this->format($this->marked($m), Quantity::Length);
    }

    /** A small one, such as how far to move something. */
    public function tapedSmall(float $m): string
    {
        return $this->format($this->marked($m), Quantity::Thickness);
    }

    private function marked(float $m): float
    {
        $mark = $this->system === UnitSystem::InchPound ? Unit::INCH / 16 : 0.001;

        return round($m / $mark) * $mark;
    }

    /** A height or a reading of a rod: rods are marked in feet with decimals or in inches, so both stand there. */
    public function rod(float $m): string
    {
        return $this->system === UnitSystem::InchPound
            ? $this->decimal($m / Unit::FOOT, 2, false)."\u{a0}ft ({$this->taped($m)})" : $this->decimal($m, 3, false)."\u{a0}m";
    }

    /** The value without its unit. */
    public function number(float $si, Quantity $quantity): string
    {
        $value = $quantity->unit($this->system)->fromSi($si);
        if ($quantity === Quantity::Depth) {
            $step = $this->system === UnitSystem::Metric ? self::DEPTH_MM : self::DEPTH_IN;
            $value = round($value / $step) * $step;
        }
        if (in_array($quantity, [Quantity::Thickness, Quantity::Depth], true) && $this->system === UnitSystem::InchPound) {
            $fraction = self::sixteenths($value);
            if ($fraction !== null) {
                return $fraction;
            }
        }

        $decimals = $quantity === Quantity::Conductivity && $value > 0.0
            // From foam to rock: three figures, wherever the point stands.
            ? max(0, self::CONDUCTIVITY_FIGURES - 1 - (int) floor(log10($value)))
            : $quantity->decimals($this->system);

        return $this->decimal($value, $decimals, $quantity->trimmed());
    }

    public function unit(Quantity $quantity): string
    {
        return $quantity->unit($this->system)->symbol;
    }

    private function feetAndInches(float $si): string
    {
        $sign = $si < 0 ? '-' : '';
        $inches = abs($si) / Unit::INCH;
        $feet = (int) floor($inches / 12 + 1e-9);
        $rest = max(0.0, $inches - 12 * $feet);
        if (12 - $rest < 0.005) {
            $feet++;
            $rest = 0.0;
        }
        $written = self::sixteenths($rest) ?? $this->decimal($rest, 2, true);

        // A bare fraction after the dash would read as taken away.
        return "{$sign}{$feet}'-".(str_contains($written, '/') && ! str_contains($written, ' ') ? "0 {$written}" : $written).'"';
    }

    private static function sixteenths(float $inches): ?string
    {
        $size = abs($inches);
        $parts = (int) round($size * 16);
        if (abs($size - $parts / 16) > self::FRACTION_TOLERANCE_IN) {
            return null;
        }
        $whole = intdiv($parts, 16);
        $left = $parts % 16;
        $sign = $inches < 0 && $parts > 0 ? '-' : '';
        if ($left === 0) {
            return $sign.$whole;
        }
        $bottom = 16;
        while ($left % 2 === 0) {
            $left = intdiv($left, 2);
            $bottom = intdiv($bottom, 2);
        }

        return $sign.($whole > 0 ? "{$whole} {$left}/{$bottom}" : "{$left}/{$bottom}");
    }

    private function decimal(float $value, int $decimals, bool $trim): string
    {
        $text = number_format($value, $decimals, '.', '');
        if ($trim && str_contains($text, '.')) {
            $text = rtrim(rtrim($text, '0'), '.');
        }

        return $this->mark->written(preg_match('~^-0(\.0+)?$~', $text) === 1 ? substr($text, 1) : $text);
    }

    /** A height over or under something, with its sign. */
    public function signed(float $si, Quantity $quantity): string
    {
        return (abs($si) < 5e-5 ? '±' : ($si > 0 ? '+' : '−')).$this->format(abs($si), $quantity);
    }
}
