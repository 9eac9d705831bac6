<?php

declare(strict_types=1);

namespace Ondergrond\Section;

/** A height that is set out. */
final readonly class Level
{
    /**
     * @param  string  $slug  its key in files
     * @param  float  $height  above the ground outside, m
     */
    public function __construct(
        public string $slug,
        public string $name,
        public float $height,
        public string $note = '',
    ) {}
}
