<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

/** What is laid over a plan: a figure along each wall, at corners and at items, and lines inside the outline. */
final readonly class PlanOverlay
{
    /**
     * @param  string  $title  what is shown, in its unit
     * @param  array<string, string>  $walls  figures by wall
     * @param  array<string, float>  $bars  how thick the bar along a wall is, 0 to 1, by wall
     * @param  array<string, string>  $corners  by corner
     * @param  array<string, string>  $items  by item
     * @param  list<array{inset: float, label: string}>  $lines  so far in from the outer face of the concrete, m
     */
    public function __construct(
        public string $title,
        public array $walls = [],
        public array $bars = [],
        public array $corners = [],
        public array $items = [],
        public array $lines = [],
    ) {}
}
