<?php

declare(strict_types=1);

namespace Ondergrond\Sequence;

/** Where work stops until something has been read, photographed or seen, because what follows buries it. */
enum HoldPoint: string
{
    case Start = 'h0';
    case Formation = 'h1';
    case Footing = 'h2';
    case Forms = 'h3';
    case WallCoat = 'h4';
    case Backfill = 'h5';
    case Base = 'h6';
    case Boards = 'h7';
    case Pipes = 'h8';
    case BeforePour = 'h9';
    case Pour = 'h10';
    case Loading = 'h11';
    case Edge = 'h12';
    case OldWall = 'h13';
    case Mat = 'h14';
    case Screed = 'h15';
    case Finish = 'h16';

    public function label(): string
    {
        return match ($this) {
            self::Start => 'Before digging',
            self::Formation => 'Formation',
            self::Footing => 'Footing, before the pour',
            self::Forms => 'Wall, before the pour',
            self::WallCoat => 'Wall coat, before it is covered',
            self::Backfill => 'Before backfill',
            self::Base => 'Base, before boards',
            self::Boards => 'Boards and sheet, before steel',
            self::Pipes => 'Heating pipes under pressure',
            self::BeforePour => 'Before the pour',
            self::Pour => 'The pour',
            self::Loading => 'Before the slab is loaded',
            self::Edge => 'Edge, before it is buried',
            self::OldWall => 'Old wall, before it is covered',
            self::Mat => 'Mat and wall boards, before the floor',
            self::Screed => 'Before the screed',
            self::Finish => 'Before the finish',
        };
    }

    public function number(): int
    {
        return (int) substr($this->value, 1);
    }
}
