<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff\Counts;

use Ondergrond\Takeoff\Good;
use Ondergrond\Takeoff\Line;
use Ondergrond\Takeoff\Pack;

/** What is bought by the metre, the piece or the kilogram. */
final class Goods
{
    /** @return list<Line> */
    public static function of(
        Good $good,
        string $part,
        float $net,
        float $waste,
        string $product = '',
        ?Pack $pack = null,
        string $note = '',
        string $id = '',
    ): array {
        return $net <= 0.0 ? [] : [new Line(
            $id === '' ? $part : $id, $part, $product === '' ? $good->label() : $good->label().', '.$product, $good->unit(), $net, $waste,
            $pack, $good->value, note: $note,
        )];
    }
}
