<?php

declare(strict_types=1);

namespace Ondergrond\Inspection;

/** Where damp comes from. What tells one from another, and what to do first, is common practice, no source. */
enum Cause: string
{
    case Rising = 'rising';
    case Penetrating = 'penetrating';
    case Condensation = 'condensation';
    case Plumbing = 'plumbing';
    case Construction = 'construction';

    public function label(): string
    {
        return match ($this) {
            self::Rising => 'Rising from the ground',
            self::Penetrating => 'Coming through from outside',
            self::Condensation => 'Condensing from the room’s air',
            self::Plumbing => 'A pipe or a drain that leaks',
            self::Construction => 'Water of building that has not dried',
        };
    }

    /** @return list<string> what tells it from the others, sentences */
    public function tests(): array
    {
        return match ($this) {
            self::Rising => [
                'Readings every 150 mm up the wall: they fall evenly and end at one height.',
                'Drill samples by weight at three heights: a surface meter is fooled by salts.',
                'Look for the damp course, and for soil or paving above it.',
            ],
            self::Penetrating => [
                'Compare the readings in a wet week and a dry one.',
                'Let water run on one stretch of ground or wall for an hour and look inside.',
                'Look outside at the same spot: gutter, crack, tie hole, ground that falls to the wall.',
            ],
            self::Condensation => [
                'Tape foil on the wall for two days: drops on its face come from the room, drops behind it from the wall.',
                'Log air and surface for a week: below the dew point it condenses, above 80 % at the surface mould grows.',
                'Dry and warm the room for a fortnight: readings fall.',
            ],
            self::Plumbing => [
                'Close every tap and read the water meter twice, an hour apart.',
                'Pressure-test the heating and close off loops one by one.',
                'Colour in the drain: see where it comes out.',
            ],
            self::Construction => [
                'Measure within the concrete, at 40 % of its depth, twice with weeks between: it falls everywhere alike.',
                'Ask when it was poured and when it was covered.',
            ],
        };
    }

    /** @return list<string> what to do first, sentences */
    public function first(): array
    {
        return match ($this) {
            self::Rising => [
                'Lower ground and paving to 150 mm below the damp course, and take plaster off that bridges it.',
                'Let it dry before anything is put on the wall; salts stay behind and are brushed off dry.',
            ],
            self::Penetrating => [
                'Lead water away first: gutters, downpipes, ground that falls from the wall, drains that run.',
                'Close cracks and tie holes; then think of a membrane outside.',
            ],
            self::Condensation => [
                'Dry and warm the air, and bring damp air out where it is made; keep cellar windows shut on muggy days.',
                'Then warm the surface: boards with every joint sealed, no wool against a cold wall.',
            ],
            self::Plumbing => ['Shut the water or the loop off, and find the leak before anything is opened that is dry.'],
            self::Construction => ['Air and warm it, take covers off that keep it in, and measure before a tight floor is laid.'],
        };
    }
}
