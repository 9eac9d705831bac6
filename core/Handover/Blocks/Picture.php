<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Blocks;

use Ondergrond\Drawing\Drawing;
use Ondergrond\Handover\Block;

/** A drawing true to scale, or a photograph. */
final readonly class Picture implements Block
{
    /** @param  string  $photo  SHA-256 of a photograph; empty where it is a drawing */
    public function __construct(
        public string $caption,
        public ?Drawing $drawing = null,
        public string $photo = '',
    ) {}
}
