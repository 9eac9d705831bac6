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
        };
    }

    /** It is priced by. */
    public function unit(): Unit
    {
        return match ($this) {
            self::Sheet, self::Waterproofing, self::HeatingCable => Unit::SquareMetre,
            self::Steel, self::PolymerBars => Unit::Kilogram,
            self::Boot, self::Sleeve, self::Anchor => Unit::Piece,
            default => Unit::Metre,
        };
    }
}
