<?php

declare(strict_types=1);

namespace Tests\Architecture;

/** The arrows that the analysis holds, as the table of docs/architecture.md: `php tests/Architecture/arrows.php` writes it there. */
final class ArrowTable
{
    public const FROM = '<!-- arrows -->';

    public const TO = '<!-- /arrows -->';

    /** Rooms by floor: each uses only what lies below it. */
    public static function markdown(): string
    {
        $floors = [];
        foreach (array_keys(CoreArrows::MAY_USE) as $room) {
            $floors[self::floor($room)][] = $room;
        }
        krsort($floors);
        $lines = ['| floor | room | may use |', '|---|---|---|'];
        foreach ($floors as $floor => $rooms) {
            sort($rooms);
            foreach ($rooms as $room) {
                $lines[] = "| {$floor} | {$room} | ".implode(', ', CoreArrows::MAY_USE[$room]).' |';
            }
        }

        return implode("\n", $lines)."\n";
    }

    private static function floor(string $room): int
    {
        $below = CoreArrows::MAY_USE[$room];

        return $below === [] ? 0 : 1 + max(array_map(self::floor(...), $below));
    }
}
