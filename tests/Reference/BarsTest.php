<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Design\BarMaterial;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Schools\Schools;
use Ondergrond\Takeoff\Counts\Steel;
use Ondergrond\Units\BarNumber;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Bars against ASTM A615, table 1, nominal diameters in inches and masses in lb/ft (from memory). */
final class BarsTest extends TestCase
{
    /** @return iterable<string, array{int, float, float}> number, in, lb/ft */
    public static function bars(): iterable
    {
        foreach ([[3, 0.375, 0.376], [4, 0.5, 0.668], [5, 0.625, 1.043], [6, 0.75, 1.502], [7, 0.875, 2.044], [8, 1.0, 2.670]] as $bar) {
            yield 'no. '.$bar[0] => $bar;
        }
    }

    #[DataProvider('bars')]
    public function test_its_number_is_its_diameter_in_eighths(int $number, float $inches, float $pounds): void
    {
        foreach (["#{$number}", "no. {$number}", "No {$number}", "no.{$number}"] as $typed) {
            self::assertEqualsWithDelta(
                $inches * 0.0254, QuantityParser::parse($typed, Quantity::Thickness, UnitSystem::Metric), 1e-9,
            );
        }
        self::assertSame("no. {$number}", BarNumber::called($inches * 0.0254));
        self::assertEqualsWithDelta($pounds * 0.45359237 / 0.3048, Steel::mass($inches * 0.0254), 0.005 * $pounds);
    }

    public function test_what_is_no_number_of_a_bar_is_none(): void
    {
        self::assertNull(BarNumber::diameter('#1'));
        self::assertNull(BarNumber::diameter('4'));
        self::assertNull(BarNumber::called(0.012));
        self::assertNull(BarNumber::called(0.0));
    }

    public function test_polymer_laps_longer_and_weighs_a_quarter(): void
    {
        $slab = Families::all()['heated-basement']->preset(Footprint::rectangle(10.0, 8.0), UnitSystem::Metric);
        $steel = $slab->with(['edgeSteel' => $slab->edgeSteel->but(bar: 0.012, lap: 0.5)]);
        $polymer = Schools::all()['bars']->follow($steel, 'polymer');
        self::assertSame(BarMaterial::Polymer, $polymer->steel->made);
        self::assertEqualsWithDelta(60 * 0.012, $polymer->edgeSteel->lap, 1e-9);
        $mass = static fn ($of): float => Steel::edge($of, 36.0, 2.4)[0]->net;
        // Longer laps take back a little: 6 m bars with 0.72 m of lap for 0.5 m.
        self::assertEqualsWithDelta(2000 / 7850 * (1 + 0.72 / 6) / (1 + 0.5 / 6), $mass($polymer) / $mass($steel), 1e-3);
        self::assertEqualsWithDelta(0.888 * 3 * 36.0 * (1 + 0.5 / 6), $mass($steel), 1e-6);
    }
}
