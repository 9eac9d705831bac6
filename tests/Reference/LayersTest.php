<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Design\Layer;
use Ondergrond\Heat\Stack;
use Ondergrond\Heat\SurfaceResistance;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LayersTest extends TestCase
{
    /** ISO 6946:2017, table 7. */
    public function test_surface_resistances(): void
    {
        self::assertSame([0.10, 0.13, 0.17, 0.04], [
            SurfaceResistance::INSIDE_UP, SurfaceResistance::INSIDE_HORIZONTAL, SurfaceResistance::INSIDE_DOWN, SurfaceResistance::OUTSIDE,
        ]);
    }

    /** ISO 6946, 6.7.1: a hand sum, 0.17 + 0.10/2.3 + 0.10/0.0288 + 0.04 = 3.72570 m²K/W. */
    public function test_layers_in_series(): void
    {
        $layers = [Layer::of(Catalogue::get('reinforced-concrete'), 0.10), Layer::of(Catalogue::get('xps-25psi'), 0.10)];
        $total = Stack::resistance($layers, SurfaceResistance::INSIDE_DOWN, SurfaceResistance::OUTSIDE);
        self::assertEqualsWithDelta(3.72570, $total, 5e-6);
        self::assertEqualsWithDelta(1 / 3.72570, Stack::transmittance($layers, 0.17, 0.04), 1e-6);
    }

    /**
     * R of boards as the trade says it: common practice, no source; XPS and EPS also ASTM C578 (from memory).
     *
     * @return iterable<string, array{string, float, float}> material, inches, R
     */
    public static function boards(): iterable
    {
        yield '2 in of XPS is R-10' => ['xps-25psi', 2.0, 10.0];
        yield '1 in of XPS is R-5' => ['xps-40psi', 1.0, 5.0];
        yield '1 in of 15 psi EPS is R-4' => ['eps-15psi', 1.0, 4.0];
        yield '1 in of 25 psi EPS is R-4.2' => ['eps-25psi', 1.0, 4.2];
        yield '2 in of foil-faced PIR is R-13' => ['pir-foil', 2.0, 13.0];
        yield '16 in of foam-glass aggregate is R-27' => ['foam-glass-aggregate', 16.0, 27.0];
    }

    #[DataProvider('boards')]
    public function test_trade_r_values(string $material, float $inches, float $r): void
    {
        $layer = Layer::of(Catalogue::get($material), $inches * 0.0254);
        self::assertEqualsWithDelta($r, Quantity::Resistance->unit(UnitSystem::InchPound)->fromSi($layer->resistance()), 0.015 * $r);
    }

    /** ASTM C578 minimum strengths at 10 % strain (from memory), psi. */
    public function test_board_strengths(): void
    {
        $psi = Quantity::Pressure->unit(UnitSystem::InchPound);
        foreach (['eps-15psi' => 15, 'eps-25psi' => 25, 'xps-25psi' => 25, 'xps-40psi' => 40, 'xps-60psi' => 60] as $slug => $least) {
            self::assertEqualsWithDelta($least, $psi->fromSi((float) Catalogue::get($slug)->strength), 0.15);
        }
    }

    /** ISO 10456:2007, table 3 (from memory): λ, ρ, c. */
    public function test_tabulated_materials(): void
    {
        $of = static fn (string $slug): array => (
            static fn (Material $m): array => [$m->conductivity, $m->density, $m->specificHeat]
        )(Catalogue::get($slug));
        self::assertSame([2.3, 2300.0, 1000.0], $of('reinforced-concrete'));
        self::assertSame([1.65, 2200.0, 1000.0], $of('concrete'));
        self::assertSame([0.13, 500.0, 1600.0], $of('softwood'));
        self::assertSame([0.25, 900.0, 1000.0], $of('gypsum-board'));
    }
}
