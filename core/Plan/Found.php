<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** What a rule of clashes found at one place. */
final readonly class Found
{
    /** @param  Mend|null  $mend  null: nobody but a person can say what to do */
    public function __construct(
        public Severity $severity,
        public Said $said,
        public ?Mend $mend = null,
    ) {}
}
