<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/** A value with its kind, in SI, that is only written out where it is shown. */
final readonly class Measure
{
    private function __construct(
        public float $value,
        public Quantity $quantity,
    ) {}

    public static function of(float $value, Quantity $quantity): self
    {
        return new self($value, $quantity);
    }

    /** A size of a part, m. */
    public static function size(float $metres): self
    {
        return new self($metres, Quantity::Thickness);
    }

    /** A depth that is worked out, m. */
    public static function depth(float $metres): self
    {
        return new self($metres, Quantity::Depth);
    }

    public static function resistance(float $value): self
    {
        return new self($value, Quantity::Resistance);
    }

    public static function stress(float $kilopascals): self
    {
        return new self($kilopascals, Quantity::Stress);
    }

    public static function pressure(float $kilopascals): self
    {
        return new self($kilopascals, Quantity::Pressure);
    }

    /** Written out; results are rounded to what their kind carries, never shown finer. */
    public function in(QuantityFormatter $format): string
    {
        return $format->format($this->value, $this->quantity);
    }

    /** SI unit of the value, as in result files. */
    public function unit(): string
    {
        return match ($this->quantity) {
            Quantity::Thickness, Quantity::Depth, Quantity::SheetThickness, Quantity::Length => 'm',
            Quantity::PressureDrop => 'Pa',
            default => $this->quantity->unit(UnitSystem::Metric)->symbol,
        };
    }
}
