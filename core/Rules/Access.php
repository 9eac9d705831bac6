<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;

/** Where one has to stand to do what a remedy asks, of a foundation that is there already. Common practice, no source. */
enum Access: string
{
    case Inside = 'inside';
    case Outside = 'outside';
    case Digs = 'digs';

    /** In the ground: outside along the edge, or under the floor that has to come out first. */
    private const DUG = [
        Part::Pads, Part::Footing, Part::EdgeUnder, Part::Stem, Part::Cavity, Part::Form, Part::Membrane, Part::Drainage, Part::Stone,
        Part::Service, Part::Blinding, Part::EdgeInside, Part::Field, Part::Perimeter, Part::Sheet, Part::Beam, Part::Wing,
        Part::Neighbour, Part::Walkout, Part::Supports, Part::StoneOver,
    ];

    private const OUTSIDE = [Part::Shield, Part::Cover, Part::Wall, Part::Threshold, Part::Dpc, Part::Closer];

    public function label(): string
    {
        return match ($this) {
            self::Inside => 'from inside',
            self::Outside => 'outside, without digging',
            self::Digs => 'digs',
        };
    }

    /** What is done with the least trouble first. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** Of a change from one design to another: the farthest that any part of it asks. */
    public static function of(Design $was, Design $is): self
    {
        $changed = array_values(array_filter(
            Part::cases(), static fn (Part $p): bool => serialize($p->of($was)) !== serialize($p->of($is)),
        ));

        return match (true) {
            array_intersect_key(array_column($changed, null, 'value'), array_column(self::DUG, null, 'value')) !== [],
            in_array(Part::Drains, $changed, true) && $was->drains->outer !== $is->drains->outer,
            in_array(Part::EdgeOutside, $changed, true) && $is->edgeOutside->depthBelowGrade > 0.0 => self::Digs,
            in_array(Part::EdgeOutside, $changed, true),
            array_intersect_key(array_column($changed, null, 'value'), array_column(self::OUTSIDE, null, 'value')) !== [] => self::Outside,
            default => self::Inside,
        };
    }
}
