<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;

/** What a rule has to say of a design. */
final readonly class Finding
{
    /**
     * @param  Measure|null  $measured  what the design has
     * @param  Measure|null  $limit  what the rule wants
     */
    public function __construct(
        public Rule $rule,
        public Severity $severity,
        public Said $said,
        public ?Measure $measured,
        public ?Measure $limit,
        public ?Remedy $remedy,
    ) {}
}
