<?php

declare(strict_types=1);

namespace Ondergrond\Section;

/** A height that is set out. */
final readonly class Level
{
    /**
     * @param  string  $slug  its key in files
     * @param  float  $height  above the ground outside, m
     * @param  float  $low  how much lower it may be built, m; 0 or less
     * @param  float  $high  how much higher, m
     */
    public function __construct(
        public string $slug,
        public string $name,
        public float $height,
        public string $note = '',
        public float $low = 0.0,
        public float $high = 0.0,
    ) {}
}
