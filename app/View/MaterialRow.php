<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Load\BearingCheck;
use Ondergrond\Material\Material;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** A material with what it does in a thickness; a dash where nothing is to be said. */
final readonly class MaterialRow
{
    private const NOTHING = '–';

    public function __construct(public Material $material, private float $thickness, private QuantityFormatter $format) {}

    /** Without films, where it stays dry. */
    public function resistance(): string
    {
        return $this->format->number($this->thickness / $this->material->conductivity, Quantity::Resistance);
    }

    /** The same against the ground outside, where that makes a difference. */
    public function wetResistance(): string
    {
        return $this->material->moisture > 0.0
            ? $this->format->number($this->thickness / $this->material->wetConductivity(), Quantity::Resistance)
            : self::NOTHING;
    }

    /** What a board may carry for fifty years; a board whose strength nobody states carries nothing. */
    public function carries(): string
    {
        return match (true) {
            ! $this->material->insulates() => self::NOTHING,
            $this->material->strength === null => 'ask its maker',
            default => $this->format->number($this->material->strength / BearingCheck::LONG, Quantity::Pressure),
        };
    }

    public function strength(): string
    {
        return $this->material->strength === null ? self::NOTHING : $this->format->number($this->material->strength, Quantity::Pressure);
    }

    public function declared(): string
    {
        return $this->material->declared === null ? self::NOTHING
            : $this->format->number($this->material->declared, Quantity::Conductivity);
    }

    public function wet(): string
    {
        return $this->material->moisture > 0.0
            ? $this->format->number($this->material->wetConductivity(), Quantity::Conductivity)
            : self::NOTHING;
    }
}
