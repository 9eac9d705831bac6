<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

use Ondergrond\Logbook\Kinds\Closing;
use Ondergrond\Logbook\Kinds\Count;
use Ondergrond\Logbook\Kinds\LeftOut;
use Ondergrond\Logbook\Kinds\LevelCheck;
use Ondergrond\Logbook\Kinds\Limited;
use Ondergrond\Logbook\Kinds\Moved;
use Ondergrond\Logbook\Kinds\Note;
use Ondergrond\Logbook\Kinds\Pass;
use Ondergrond\Logbook\Kinds\Pressure;
use Ondergrond\Logbook\Kinds\Rating;
use Ondergrond\Logbook\Kinds\Reader;
use Ondergrond\Logbook\Kinds\Rod;
use Ondergrond\Logbook\Kinds\SetUp;
use Ondergrond\Logbook\Kinds\Tape;
use Ondergrond\Logbook\Kinds\Thickness;
use Ondergrond\Logbook\Kinds\Told;
use Ondergrond\Logbook\Kinds\Weather;
use Ondergrond\Size\Choice;
use Ondergrond\Units\Quantity;

/** The kinds of entry. */
enum EntryKind: string implements Choice
{
    case Thickness = 'thickness';
    case Level = 'level';
    case Length = 'length';
    case Size = 'size';
    case Lap = 'lap';
    case Pressure = 'pressure';
    case Count = 'count';
    case Rating = 'rating';
    case Weather = 'weather';
    case Note = 'note';
    case Photograph = 'photograph';
    case Seen = 'seen';
    case LeftOut = 'left-out';
    case Pass = 'pass';
    case Tape = 'tape';
    case Moved = 'moved';
    case SetUp = 'set-up';
    case Rod = 'rod';
    case Closing = 'closing';
    case LevelCheck = 'level-check';
    case OpenPoint = 'open-point';
    case Settled = 'settled';

    public function label(): string
    {
        return match ($this) {
            self::Thickness => 'Thickness on a grid',
            self::Level => 'Level',
            self::Length => 'Length',
            self::Size => 'Size',
            self::Lap => 'Lap',
            self::Pressure => 'Pressure with temperature',
            self::Count => 'Count',
            self::Rating => 'Rating read off the board',
            self::Weather => 'Weather',
            self::Note => 'Note',
            self::Photograph => 'Photograph',
            self::Seen => 'Seen',
            self::LeftOut => 'Left out along a stretch',
            self::Pass => 'Pass of a hold point',
            self::Tape => 'Tape between corners',
            self::Moved => 'Corner moved',
            self::SetUp => 'Instrument set up',
            self::Rod => 'Rod',
            self::Closing => 'Back on the benchmark',
            self::LevelCheck => 'Is the instrument level',
            self::OpenPoint => 'To be settled before the pour',
            self::Settled => 'Settled',
        };
    }

    /** What its values are; null where they are several or none. */
    public function quantity(): ?Quantity
    {
        return match ($this) {
            self::Thickness, self::Lap => Quantity::Thickness,
            self::Level, self::Size => Quantity::Thickness,
            self::Length, self::LeftOut, self::Tape, self::Rod => Quantity::Length,
            self::Rating => Quantity::Pressure,
            self::Count => Quantity::Ratio,
            self::Pressure, self::Weather, self::Note, self::Photograph, self::Seen, self::Pass, self::Moved, self::SetUp,
            self::Closing, self::LevelCheck, self::OpenPoint, self::Settled => null,
        };
    }

    /** Fewest values that it needs. */
    public function needs(): int
    {
        return match ($this) {
            self::Pressure => 6,
            self::LevelCheck => 5,
            self::Moved, self::SetUp, self::Rod, self::Closing => 2,
            self::Weather => 3,
            self::Note, self::Photograph, self::Seen, self::Pass, self::Rating, self::OpenPoint, self::Settled => 0,
            default => 1,
        };
    }

    public function reads(Entry $entry): Reading
    {
        return $this->reader()->reads($entry);
    }

    private function reader(): Reader
    {
        return match ($this) {
            self::Thickness => new Thickness,
            self::Level, self::Length, self::Size, self::Lap => new Limited($this->quantity() ?? Quantity::Thickness),
            self::Pressure => new Pressure,
            self::Count => new Count,
            self::Rating => new Rating,
            self::Weather => new Weather,
            self::Note, self::Photograph, self::Seen => new Note,
            self::OpenPoint, self::Settled => new Told,
            self::LeftOut => new LeftOut,
            self::Pass => new Pass,
            self::Tape => new Tape,
            self::Moved => new Moved,
            self::SetUp => new SetUp,
            self::Rod => new Rod,
            self::Closing => new Closing,
            self::LevelCheck => new LevelCheck,
        };
    }
}
