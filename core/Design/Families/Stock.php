<?php

declare(strict_types=1);

namespace Ondergrond\Design\Families;

use Ondergrond\Design\Cover;
use Ondergrond\Design\Done;
use Ondergrond\Design\Dpc;
use Ondergrond\Design\DpcKind;
use Ondergrond\Design\Drainage;
use Ondergrond\Design\DrainOutlet;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\GasOutlet;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Mat;
use Ondergrond\Design\Membrane;
use Ondergrond\Design\MembraneKind;
use Ondergrond\Design\Sheet;
use Ondergrond\Design\SheetJoints;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Design\Shield;
use Ondergrond\Design\SoilGas;
use Ondergrond\Design\Steel;
use Ondergrond\Design\Wall;
use Ondergrond\Material\Catalogue;
use Ondergrond\Units\Unit;
use Ondergrond\Units\UnitSystem;

/** What presets are made of, in the sizes that a unit system buys. Common practice, no source. */
final readonly class Stock
{
    public function __construct(private UnitSystem $system) {}

    /** The size as it is said in each system, m. */
    public function size(float $inches, float $millimetres): float
    {
        return $this->system === UnitSystem::Metric ? $millimetres / 1000 : $inches * Unit::INCH;
    }

    /** A length rounded up to what a tape is read to: whole inches, 10 mm; m. */
    public function up(float $metres): float
    {
        $step = $this->size(1, 10);

        return ceil($metres / $step - 1e-6) * $step;
    }

    /** A thickness rounded up to what boards are sold in: half inches, 10 mm; m. */
    public function board(float $metres): float
    {
        $step = $this->size(0.5, 10);

        return ceil($metres / $step - 1e-6) * $step;
    }

    public function layer(string $material, float $inches, float $millimetres): Layer
    {
        return Layer::of(Catalogue::get($material), $this->size($inches, $millimetres));
    }

    /** Good practice: 15 mil, 0.4 mm. */
    public function sheet(SheetPosition $position = SheetPosition::AboveBoards): Sheet
    {
        return new Sheet(
            $this->system === UnitSystem::Metric ? 0.0004 : 0.015 * Unit::INCH,
            $position,
            $this->size(12, 300),
            SheetJoints::Taped,
        );
    }

    /** No. 4 bars at 16 in on chairs. */
    public function steel(): Steel
    {
        return new Steel($this->size(0.5, 12), $this->size(16, 400), $this->size(1.5, 40), $this->size(3, 75));
    }

    /** Under wood on concrete whose top is so far above the ground, m. */
    public function gasket(float $top): Dpc
    {
        return new Dpc($this->size(0.04, 1), $top, DpcKind::Polyethylene, $this->size(4, 100));
    }

    /** Over the outside board, with a drip. */
    public function shield(): Shield
    {
        return new Shield($this->size(0.02, 0.5), $this->size(0.75, 20));
    }

    /** Over foam above the ground. */
    public function cover(): Cover
    {
        return new Cover($this->layer('cement-board', 0.5, 12), $this->size(12, 300));
    }

    /** Self-adhered, made for foam, from the footing to just above the ground. */
    public function membrane(): Membrane
    {
        return new Membrane($this->size(0.06, 1.5), $this->size(2, 50), MembraneKind::Sheet, $this->size(4, 100));
    }

    /** Outside a membrane, with its filter. */
    public function drainage(): Drainage
    {
        return new Drainage($this->layer('dimple-membrane', 0.375, 10), 0.05, Done::Yes);
    }

    /** A mat on an old slab, its edge behind the wall boards. */
    public function mat(): Mat
    {
        return new Mat($this->layer('dimple-membrane', 0.125, 3), $this->size(1, 25), SheetJoints::Taped, DrainOutlet::Sump);
    }

    /** The pipe in the stone that soil gas can be drawn off by. */
    public function gas(): SoilGas
    {
        return new SoilGas($this->size(4, 100), GasOutlet::Capped);
    }

    /** Studs inside the line of the edge, wool board past it. */
    public function studWall(): Wall
    {
        return new Wall(
            [$this->layer('gypsum-board', 0.5, 12.5), $this->layer('stud-wall-wool', 5.5, 140), $this->layer('wood-panel', 0.5, 12)],
            [$this->layer('stone-wool-board', 6, 150), $this->layer('cement-render', 0.75, 20)],
        );
    }

    /** Studs with a thin board past them, to stand flush over a basement's outside board. */
    public function studWallFlush(): Wall
    {
        return new Wall(
            [$this->layer('gypsum-board', 0.5, 12.5), $this->layer('stud-wall-wool', 5.5, 140), $this->layer('wood-panel', 0.5, 12)],
            [$this->layer('stone-wool-board', 2, 50), $this->layer('cement-render', 0.75, 20)],
        );
    }

    /** @return list<Layer> a floor of joists from its top down, insulated between them or not */
    public function joists(bool $insulated): array
    {
        return [
            $this->layer('wood-panel', 0.75, 22),
            // Wool is held by a net: a board under it would keep the rooms' vapour in the wool.
            ...(
                $insulated
                ? [$this->layer('joists-wool', 9.25, 220)]
                : [$this->layer('joists-air', 9.25, 220), $this->layer('gypsum-board', 0.5, 12.5)]
            ),
        ];
    }

    /** A strip of that width, or as much of it as a very narrow floor has room for, m. */
    public function strip(Footprint $footprint, float $inches = 24, float $millimetres = 600): float
    {
        return min($this->size($inches, $millimetres), $footprint->characteristicDimension() / 2);
    }
}
