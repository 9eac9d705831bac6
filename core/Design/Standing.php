<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;

/** Which parts of a design stand already: they carry, hold heat and get wet like any other, and nobody builds or orders them. */
final readonly class Standing
{
    /** What files and pages call the two. */
    public const NEW = 'new';

    public const EXISTING = 'existing';

    /** What lies under, in or behind a part that stands, and cannot come in while it does. */
    private const CLOSED_BY = [
        'slab' => [
            Part::Stone, Part::StoneOver, Part::Service, Part::Gas, Part::Blinding, Part::EdgeInside, Part::Field, Part::Perimeter,
            Part::Sheet, Part::Beam, Part::Recess, Part::Steel, Part::Supports,
        ],
        'footing' => [Part::EdgeUnder, Part::Footing, Part::EdgeSteel],
        'stem' => [Part::Cavity, Part::Form, Part::Footing, Part::EdgeUnder],
        'edge_beam' => [Part::EdgeUnder, Part::EdgeSteel],
        'deck' => [Part::Space],
        'wall' => [Part::Closer],
    ];

    /** @var list<Part> in the order of their kind */
    public array $parts;

    public function __construct(Part ...$parts)
    {
        $this->parts = array_values(array_filter(Part::cases(), static fn (Part $p): bool => in_array($p, $parts, true) && self::may($p)));
    }

    /** Whether it can be said of a part: not of air, nor of what acts on a design. */
    public static function may(Part $part): bool
    {
        return ! in_array($part, [
            Part::Space, Part::Walkout, Part::Loads, Part::Service, Part::Mix, Part::Bucks, Part::Repairs, Part::TakenOut,
        ], true);
    }

    /** What is known of saying it of a part. */
    public static function size(): Size
    {
        return new Size('state', 'standing', words: [self::NEW => 'new', self::EXISTING => 'stands already']);
    }

    public function has(Part $part): bool
    {
        return in_array($part, $this->parts, true);
    }

    public function any(): bool
    {
        return $this->parts !== [];
    }

    /** Whether the foundation itself is there, so that the work is on what somebody built before. */
    public function isFoundation(): bool
    {
        return $this->has(Part::Slab) || $this->has(Part::Stem) || $this->has(Part::Footing) || $this->has(Part::Beam);
    }

    /** Whether nobody can build it without taking out something that stands: it stands itself, or lies under, in or behind what does. */
    public function isClosed(Part $part): bool
    {
        foreach (self::CLOSED_BY as $over => $under) {
            if ($this->has(Part::from($over)) && in_array($part, $under, true)) {
                return true;
            }
        }

        return $this->has($part);
    }

    /** The same without what is not there in a design. */
    public function of(Design $design): self
    {
        return new self(...array_filter($this->parts, static fn (Part $p): bool => $p->of($design)->present()));
    }

    /** The same with that said of a part. */
    public function with(Part $part, bool $stands): self
    {
        $others = array_filter($this->parts, static fn (Part $p): bool => $p !== $part);

        return new self(...[...$others, ...($stands ? [$part] : [])]);
    }
}
