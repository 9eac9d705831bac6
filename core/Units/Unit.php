<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/**
 * One unit: value in SI = value in this unit × factor + offset.
 *
 * Factors: NIST Special Publication 811 (2008), appendix B; the international foot is 0.3048 m exactly and the
 * international-table Btu 1055.055 852 62 J exactly, from which the compound ones below are worked out.
 */
final readonly class Unit
{
    /** International-table British thermal unit, J (NIST SP 811, B.8). */
    public const BTU = 1055.05585262;

    public const FOOT = 0.3048;

    public const INCH = 0.0254;

    private const POUND = 0.45359237;

    private function __construct(
        public string $symbol,
        public float $factor,
        public float $offset = 0.0,
    ) {}

    public static function si(string $symbol): self
    {
        return new self($symbol, 1.0);
    }

    public static function of(string $symbol, float $factor, float $offset = 0.0): self
    {
        return new self($symbol, $factor, $offset);
    }

    public static function fahrenheit(): self
    {
        return new self('°F', 5 / 9, -32 * 5 / 9);
    }

    /** ft²·h·°F/Btu, "R", in m²K/W. */
    public static function rValue(): self
    {
        return new self('ft²·h·°F/Btu', self::FOOT ** 2 * 3600 * 5 / 9 / self::BTU);
    }

    public static function uFactor(): self
    {
        return new self('Btu/(h·ft²·°F)', self::BTU / (3600 * self::FOOT ** 2 * 5 / 9));
    }

    /** Btu/(h·ft·°F), in W/(m·K). */
    public static function btuPerFoot(): self
    {
        return new self('Btu/(h·ft·°F)', self::BTU / (3600 * self::FOOT * 5 / 9));
    }

    public static function btuPerHour(): self
    {
        return new self('Btu/h', self::BTU / 3600);
    }

    /** Btu/(h·°F), in W/K. */
    public static function btuPerHourDegree(): self
    {
        return new self('Btu/(h·°F)', self::BTU / (3600 * 5 / 9));
    }

    public static function poundPerCubicFoot(): self
    {
        return new self('lb/ft³', self::POUND / self::FOOT ** 3);
    }

    /** lbf, in kN. */
    public static function pound(): self
    {
        return new self('lb', self::POUND * 9.80665 / 1000);
    }

    /** lbf/ft, in kN/m. */
    public static function poundPerFoot(): self
    {
        return new self('lb/ft', self::POUND * 9.80665 / 1000 / self::FOOT);
    }

    /** lbf/in², in kPa. */
    public static function psi(): self
    {
        return new self('psi', self::POUND * 9.80665 / self::INCH ** 2 / 1000);
    }

    /** Btu/(ft³·°F), in J/(m³·K). */
    public static function btuPerCubicFootDegree(): self
    {
        return new self('Btu/(ft³·°F)', self::BTU / (self::FOOT ** 3 * 5 / 9));
    }

    public function toSi(float $value): float
    {
        return $value * $this->factor + $this->offset;
    }

    public function fromSi(float $si): float
    {
        return ($si - $this->offset) / $this->factor;
    }
}
