<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Quantity;

/** Any other area that is worth a name. */
final readonly class NamedArea implements Item
{
    use Covers;

    /**
     * @param  float  $length  along the sheet before it is turned, m
     * @param  float  $width  across, m
     * @param  float  $turn  against the clock, degrees
     */
    public function __construct(
        public Placing $at,
        #[Size('length', quantity: Quantity::Length)]
        public float $length = 2.0,
        #[Size('width', quantity: Quantity::Length)]
        public float $width = 2.0,
        #[Size('turned', key: 'turn_deg')]
        public float $turn = 0.0,
    ) {}

    public static function slug(): string
    {
        return 'area';
    }

    public static function label(): string
    {
        return 'Area';
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.05, trade: Trade::Installer);
    }

    public static function isSet(): bool
    {
        return false;
    }

    public static function mayLeave(): bool
    {
        return true;
    }

    public function marks(): array
    {
        return [Mark::over(Sign::Loose, $this->corners())];
    }

    public function remarks(Around $in): array
    {
        return [];
    }
}
