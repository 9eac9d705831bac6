<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Drawing\PlanOverlay;

/** What is laid over a plan, with the sentence under it. */
final readonly class PlanLayer
{
    /** @param  bool  $pending  whether some of it is still being worked out */
    public function __construct(
        public string $which,
        public PlanOverlay $overlay,
        public string $words,
        public bool $pending = false,
    ) {}
}
