<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

/** What is bought for a foundation and is no material of the catalogue; each is priced by its own unit. */
enum Good: string
{
    case Sheet = 'sheet';
    case Tape = 'tape';
    case Boot = 'boot';
    case Waterproofing = 'waterproofing';
    case Steel = 'steel';
    case PolymerBars = 'polymer-bars';
    case HeatingPipe = 'heating-pipe';
    case HeatingCable = 'heating-cable';
    case DrainPipe = 'drain-pipe';
    case GasPipe = 'gas-pipe';
    case Sleeve = 'sleeve';
    case Shield = 'shield';
    case DampCourse = 'damp-course';
    case Anchor = 'anchor';
    case Gully = 'gully';
    case Sump = 'sump';
    case Conduit = 'conduit';
    case FloorBox = 'floor-box';
    case ClosetBend = 'closet-bend';
    case HoldDown = 'hold-down';
    case Well = 'well';
    case Fill = 'fill';

    public function label(): string
    {
        return match ($this) {
            self::Sheet => 'Vapour sheet',
            self::Tape => 'Sheet tape',
            self::Boot => 'Pipe boot',
            self::Waterproofing => 'Waterproofing',
            self::Steel => 'Reinforcing bars',
            self::PolymerBars => 'Bars of fibre polymer',
            self::HeatingPipe => 'Heating pipe',
            self::HeatingCable => 'Heating cable',
            self::DrainPipe => 'Drain pipe',
            self::GasPipe => 'Perforated soil-gas pipe',
            self::Sleeve => 'Sleeve',
            self::Shield => 'Pest shield',
            self::DampCourse => 'Damp-proof course',
            self::Anchor => 'Anchor bolt',
            self::Gully => 'Floor gully',
            self::Sump => 'Sump with its cover',
            self::Conduit => 'Conduit bend through the slab',
            self::FloorBox => 'Floor box',
            self::ClosetBend => 'Toilet bend',
            self::HoldDown => 'Hold-down',
            self::Well => 'Window well',
            self::Fill => 'Fill in place of soft ground',
        };
    }

    /** It is priced by. */
    public function unit(): Unit
    {
        return match ($this) {
            self::Sheet, self::Waterproofing, self::HeatingCable => Unit::SquareMetre,
            self::Steel, self::PolymerBars => Unit::Kilogram,
            self::Boot, self::Sleeve, self::Anchor, self::Gully, self::Sump, self::Conduit, self::FloorBox, self::ClosetBend,
            self::HoldDown, self::Well => Unit::Piece,
            self::Fill => Unit::CubicMetre,
            default => Unit::Metre,
        };
    }
}
