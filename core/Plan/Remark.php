<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** One thing that is said of a place on the plan. */
final readonly class Remark
{
    /**
     * @param  string  $id  which rule says it, of its kind
     * @param  Severity  $severity  as of findings
     * @param  Said  $said  what was found, with its sizes
     * @param  string  $why  where from; “common practice, no source” where nobody publishes it
     * @param  string  $reason  why it matters; empty where what was said says it
     * @param  Mend|null  $mend  what would do away with it; null where nothing does but a person's choice
     */
    public function __construct(
        public string $id,
        public Severity $severity,
        public Said $said,
        public string $why = 'common practice, no source',
        public string $reason = '',
        public ?Mend $mend = null,
    ) {}
}
