<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/** A reading that is off by what a slip of unit or point makes of it, and is asked back rather than believed. */
final class Slip
{
    /** How much a reading may differ from what was expected times the factor. */
    private const NEAR = 0.08;

    private const FACTORS = [
        '25.4 times' => 25.4, '10 times' => 10.0, '100 times' => 100.0, '1,000 times' => 1000.0, '12 times' => 12.0,
        '3.28 times' => 1 / 0.3048,
    ];

    private const WHY = [
        '25.4 times' => 'inches and millimetres?', '10 times' => 'the decimal point?', '100 times' => 'centimetres and metres?',
        '1,000 times' => 'millimetres and metres?', '12 times' => 'inches and feet?', '3.28 times' => 'feet and metres?',
    ];

    /** What to ask; null where nothing of the kind is likely. */
    public static function of(float $read, float $expected): ?string
    {
        if ($read <= 0.0 || $expected <= 0.0) {
            return null;
        }
        foreach (self::FACTORS as $name => $factor) {
            $ratio = $read / $expected;
            if (abs($ratio / $factor - 1) < self::NEAR) {
                return "{$name} what was drawn: ".self::WHY[$name];
            }
            if (abs($ratio * $factor - 1) < self::NEAR) {
                return 'what was drawn is '.$name.' as much: '.self::WHY[$name];
            }
        }

        return null;
    }
}
