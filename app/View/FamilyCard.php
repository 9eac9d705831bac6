<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Families\Family;
use Ondergrond\Design\Footprint;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\SvgSmall;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/** A family as it is chosen: its edge as it comes, drawn small, and what it is. */
final readonly class FamilyCard
{
    private function __construct(
        public Family $family,
        public string $svg,
        public bool $isHeated,
    ) {}

    /** @return list<self> */
    public static function all(UnitSystem $system): array
    {
        return array_map(static function (Family $family) use ($system): self {
            $design = $family->preset(Footprint::rectangle(12.0, 8.0), $system);

            // A slab is told by its edge, what has a room below by the whole.
            $drawing = $design->hasRoomBelowGrade()
                ? SectionDrawing::shapes($design, $system)
                : SectionDrawing::of($design, new QuantityFormatter($system), detail: true, hatched: false);

            return new self($family, SvgSmall::of($drawing, null), $design->heating->present());
        }, array_values(Families::all()));
    }
}
