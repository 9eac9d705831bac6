<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** What a rule has to say of a design. */
final readonly class Finding
{
    /**
     * @param  Measure|null  $measured  what the design has
     * @param  Measure|null  $limit  what the rule wants
     * @param  string|null  $unsaid  the size or choice that would let it be judged, as files call it; null where none alone would
     * @param  Answer|null  $answer  what settles it without a change of the design
     */
    public function __construct(
        public Rule $rule,
        public Severity $severity,
        public Said $said,
        public ?Measure $measured,
        public ?Measure $limit,
        public ?Remedy $remedy,
        public ?string $unsaid = null,
        public ?Answer $answer = null,
    ) {}

    public function withoutRemedy(): self
    {
        return new self(...[...get_object_vars($this), 'remedy' => null]);
    }
}
