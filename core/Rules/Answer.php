<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Units\Said;

/** What settles a finding where no remedy of the design does: something that the site may say, or something to look for. */
final readonly class Answer
{
    /** A study: the least wing that keeps frost out. */
    public const LEAST_WING = 'least-wing';

    /**
     * @param  Said  $said  what is done, a sentence
     * @param  string  $path  the size of the site that says it, as files call it: `site.damp.dried_rh_share`; or a study
     * @param  float|null  $value  that was tried, in the unit of its key; null where nothing was tried: it has to be looked for
     */
    public function __construct(
        public Said $said,
        public string $path,
        public ?float $value = null,
    ) {}
}
