<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

/** The day on which frost comes closest. */
final class FrostDayBest
{
    public float $margin = INF;

    public ?int $day = null;

    public ?float $lowest = null;

    public function take(int $day, FrostDay $now): void
    {
        if ($now->margin < $this->margin) {
            [$this->margin, $this->day] = [$now->margin, $day];
        }
        if ($now->lowest !== null && ($this->lowest === null || $now->lowest < $this->lowest)) {
            $this->lowest = $now->lowest;
        }
    }
}
