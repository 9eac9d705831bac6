<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Site\Site;

/** What a design's layers store, at once; the hours that they last, a `MassStory` tells. */
final readonly class MassVerdict
{
    /** A day, three days of cold, a week, a month: h. */
    public const PERIODS = [24, 72, 168, 720];

    /** @param  non-empty-list<MassStack>  $stacks  what the rooms stand on first */
    private function __construct(
        public Site $site,
        public Design $design,
        public array $stacks,
    ) {}

    public static function of(Site $site, Design $design): self
    {
        return new self($site, $design, MassStacks::of($site, $design));
    }

    /** What the rooms stand on. */
    public function floor(): MassStack
    {
        return $this->stacks[0];
    }

    /** The floor for a day, from air to air. */
    public function day(): Dynamic
    {
        return $this->floor()->dynamic(Dynamic::DAY);
    }

    /** All stacks' stores in the warm for a kelvin, kWh/K. */
    public function store(): float
    {
        $sum = 0.0;
        foreach ($this->stacks as $stack) {
            $sum += $stack->place === MassPlace::FloorEdge ? 0.0 : $stack->store() * $stack->area;
        }

        return $sum * Run::KWH;
    }

    /**
     * What the floor takes and gives back in a period for a swing of one kelvin up and down: κ₁·A·2, kWh/K.
     *
     * @param  int  $hours  of the period
     */
    public function usable(int $hours): float
    {
        return 2 * $this->floor()->dynamic(3600.0 * $hours)->inner * $this->floor()->area * Run::KWH;
    }

    /**
     * What insulation inside parts the rooms from: the core of a permanent form behind its inner face, a wall behind its lining. It is
     * in no store.
     *
     * @return array{Part, float}|null the part that insulates, and what it shuts away, kWh/K
     */
    public function parted(): ?array
    {
        $d = $this->design;
        foreach ($this->stacks as $stack) {
            if ($stack->place !== MassPlace::BuriedWall) {
                continue;
            }
            $by = null;
            $behind = 0.0;
            foreach ($stack->layers as $layer) {
                $by ??= $layer->holdsBack() && in_array($layer->part, [Part::Form->value, Part::Lining->value], true)
                    ? Part::from($layer->part) : null;
                $behind += $by !== null && $layer->part === Part::Stem->value ? $layer->capacity * $layer->thickness : 0.0;
            }

            return $by === null || $behind <= 0.0 ? null : [$by, $behind * $stack->area * Run::KWH];
        }

        return null;
    }
}
