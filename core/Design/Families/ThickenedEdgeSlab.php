<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Design;
use Ondergrond\Design\EdgeBeam;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Layer;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\PerimeterZone;
use Ondergrond\Design\Sheet;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Wall;
use Ondergrond\Material\Catalogue;
use Ondergrond\Units\Unit;
use Ondergrond\Units\UnitSystem;

/** A slab whose edge is thickened into a beam, in one pour, in a tray of boards. Sizes: common practice, no source. */
final class ThickenedEdgeSlab implements Family
{
    public function slug(): string
    {
        return 'thickened-edge-slab';
    }

    public function label(): string
    {
        return 'Thickened-edge slab';
    }

    public function description(): string
    {
        return 'Slab and edge beam in one pour, in a tray of boards: thick at the edge where most heat leaves, thinner in the middle. Starting sizes are common practice.';
    }

    public function preset(Footprint $footprint, UnitSystem $system): Design
    {
        $metric = $system === UnitSystem::Metric;
        $size = static fn (float $inches, float $millimetres): float => $metric ? $millimetres / 1000 : $inches * Unit::INCH;
        $layer = static fn (string $material, float $inches, float $millimetres): Layer => Layer::of(Catalogue::get($material), $size($inches, $millimetres));
        // A very narrow floor has no room for the usual strip.
        $strip = min($size(24, 600), $footprint->characteristicDimension() / 2);

        return Design::of(
            $this->slug(),
            $footprint,
            new Slab($layer('reinforced-concrete', 4, 100), $size(8, 200)),
            new EdgeBeam($size(16, 400), $size(24, 600)),
            $layer('xps-25psi', 2, 50),
            new PerimeterZone($layer('xps-25psi', 4, 100), $strip),
            $layer('xps-25psi', 4, 100),
            $layer('xps-40psi', 4, 100),
            new OutsideBoard($layer('stone-wool-board', 6, 150), $size(16, 400)),
            new Sheet($metric ? 0.0004 : 0.015 * Unit::INCH, SheetPosition::AboveBoards),
            $layer('crushed-stone', 6, 150),
            new Wall(
                [$layer('gypsum-board', 0.5, 12.5), $layer('stud-wall-wool', 5.5, 140), $layer('wood-panel', 0.5, 12)],
                [$layer('stone-wool-board', 6, 150), $layer('cement-render', 0.75, 20)],
            ),
        );
    }
}
