<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Units\Quantity;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** NIST Special Publication 811 (2008), appendix B.8: factors to seven figures, from memory. */
final class UnitFactorsTest extends TestCase
{
    /** @return iterable<string, array{Quantity, float}> */
    public static function factors(): iterable
    {
        yield 'inch, m' => [Quantity::Thickness, 2.54e-2];
        yield 'foot, m' => [Quantity::Length, 3.048e-1];
        yield 'mil, m' => [Quantity::SheetThickness, 2.54e-5];
        yield 'square foot, m²' => [Quantity::Area, 9.290304e-2];
        yield 'degree Fahrenheit hour square foot per Btu(IT), m²K/W' => [Quantity::Resistance, 1.761102e-1];
        yield 'Btu(IT) per square foot hour degree Fahrenheit, W/(m²K)' => [Quantity::Transmittance, 5.678263];
        yield 'Btu(IT) foot per hour square foot degree Fahrenheit, W/(m·K)' => [Quantity::Conductivity, 1.730735];
        yield 'Btu(IT) per hour, W' => [Quantity::Power, 2.930711e-1];
        yield 'pound per cubic foot, kg/m³' => [Quantity::Density, 1.601846e1];
        yield 'psi, kPa' => [Quantity::Pressure, 6.894757];
        yield 'psf, kPa' => [Quantity::AreaLoad, 4.788026e-2];
        yield 'psi, kPa, as stress' => [Quantity::Stress, 6.894757];
        yield 'pound-force, kN' => [Quantity::Force, 4.448222e-3];
        yield 'pound-force per foot, kN/m' => [Quantity::LineLoad, 1.459390e-2];
        yield 'Btu(IT) per hour foot degree Fahrenheit, W/(m·K)' => [Quantity::LinearTransmittance, 1.730735];
        yield 'Btu(IT), as million in kWh' => [Quantity::Energy, 1055.056 / 3600 * 1000];
    }

    #[DataProvider('factors')]
    public function test_inch_pound_factor(Quantity $quantity, float $factor): void
    {
        self::assertEqualsWithDelta($factor, $quantity->unit(UnitSystem::InchPound)->factor, 5e-7 * $factor);
    }

    public function test_fahrenheit_fixed_points(): void
    {
        $unit = Quantity::Temperature->unit(UnitSystem::InchPound);
        self::assertEqualsWithDelta(0.0, $unit->toSi(32.0), 1e-12);
        self::assertEqualsWithDelta(100.0, $unit->toSi(212.0), 1e-12);
        self::assertEqualsWithDelta(-40.0, $unit->fromSi(-40.0), 1e-12);
    }
}
