<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** Something that is set at a place of the plan. Its sizes stand in its constructor; one class a kind, named in ItemKind. */
interface Item
{
    public function kind(): ItemKind;

    public function name(): string;

    /** @return non-empty-list<Spot> what is set out of it: one, or the two ends of a run */
    public function spots(): array;

    public function measuredFrom(): MeasuredFrom;

    /** To either side, m. */
    public function tolerance(): float;

    public function trade(): Trade;

    /** Whether it belongs to the design rather than to the building: kept with the option, not with the project. */
    public function isOfDesign(): bool;

    /** Whether it may lead out through the outline. */
    public function mayLeave(): bool;
}
