<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Mass\Question\CoastDown;

/** What a `MassStory` came to, in figures, without the hours they were read from. */
final readonly class MassTold
{
    /**
     * @param  array<string, array<string, float|null>>  $answers  figures by the question's slug, keys ending in their unit
     * @param  list<FloorVariant>  $variants  the floor as it is first; empty where they were not asked for
     */
    public function __construct(
        public array $answers,
        public array $variants = [],
    ) {}

    public static function by(MassStory $story): self
    {
        return new self(array_map(static fn ($answer): array => $answer->figures, $story->answers), $story->variants);
    }

    /** Whether more is told than how long the rooms stay warm. */
    public function isWhole(): bool
    {
        return $this->variants !== [];
    }

    /** @return array<int, float|null> hours until the rooms are at so many °C without heating; null: not within twenty days */
    public function cooling(): array
    {
        $hours = [];
        foreach (CoastDown::TO as $t) {
            $hours[$t] = $this->answers['heating-stops']['hours_to_'.$t] ?? null;
        }

        return $hours;
    }

    /** What the floor gives up in the first so many hours of cold, 24 or 72, kWh. */
    public function gave(int $hours): ?float
    {
        return $this->answers['heating-stops']["gave_{$hours}_kwh"] ?? null;
    }
}
