<?php

declare(strict_types=1);

namespace Ondergrond\AsBuilt;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\Kinds\Thickness;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Plan\Plan;
use Ondergrond\Section\Stretch;

/** A released design with what its entries say was built otherwise: derived, never stored as truth. */
final readonly class AsBuilt
{
    /** Readings no further from the drawing are no deviation, m. */
    private const SAME = 0.0005;

    /**
     * @param  list<Deviation>  $deviations  that are in the design
     * @param  list<string>  $undrawn  what cannot be drawn, in words
     */
    private function __construct(
        public Design $drawn,
        public Design $design,
        public array $deviations,
        public array $undrawn,
    ) {}

    public static function of(Design $design, Logbook $log, ?Plan $plan = null): self
    {
        $built = $design;
        $in = $undrawn = [];
        foreach (self::deviations($design, $log, $plan) as $deviation) {
            try {
                $then = $deviation->applied($built);
                // What departs along a stretch is only put together there.
                Stretch::all($then);
                $built = $then;
                $in[] = $deviation;
            } catch (FaultyInput $e) {
                $undrawn[] = "{$deviation->part()->label()}: {$e->faults[0]->line()}";
            }
        }

        return new self($design, $built, $in, $undrawn);
    }

    public function deviates(): bool
    {
        return $this->deviations !== [];
    }

    /** @return list<Deviation> the latest word on each part and stretch */
    private static function deviations(Design $design, Logbook $log, ?Plan $plan): array
    {
        $latest = [];
        foreach ($log->standing() as $entry) {
            if (! $entry->source->isEvidence()) {
                continue;
            }
            $deviation = self::from($entry, $design, $plan);
            $key = "{$entry->kind->value} {$entry->about->part} {$entry->about->stretch}";
            if ($deviation !== null) {
                $latest[$key] = $deviation;
            } elseif (self::tells($entry)) {
                unset($latest[$key]);
            }
        }

        return array_values($latest);
    }

    private static function tells(Entry $entry): bool
    {
        return $entry->about->part === Part::Slab->value && $entry->kind === EntryKind::Thickness || $entry->kind === EntryKind::LeftOut;
    }

    private static function from(Entry $entry, Design $design, ?Plan $plan): ?Deviation
    {
        if (! self::tells($entry) || $entry->values === []) {
            return null;
        }
        if ($entry->kind === EntryKind::Thickness) {
            $mean = Thickness::mean($entry->values);
            $drawn = $design->slab->layer->thickness;

            return abs($mean - $drawn) <= self::SAME
                ? null
                : new SlabThickness($mean, min($entry->values), $drawn, $plan, $entry->about->stretch);
        }
        $part = Part::tryFrom($entry->about->part);

        return $part === null || ! in_array($part, BoardLeftOut::PARTS, true) || $entry->values[0] <= 0.0 || ! $part->of($design)->present()
            ? null
            : new BoardLeftOut($part, $entry->values[0], $plan, $entry->about->stretch);
    }
}
