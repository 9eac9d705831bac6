<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Project\SetAside;
use Ondergrond\Verdict\Verdict;

/** What one verdict says in the end: its own sums and the worst that the rules found of it, whichever is graver. */
final readonly class Ruling
{
    /**
     * @param  float|null  $share  of the limit that its own sums use; null where there is none, or it is not known
     * @param  string  $method  how that was found, a few words
     * @param  Finding|null  $worst  the gravest finding of it, set aside or not; null where nothing is found
     * @param  SetAside|null  $aside  who has set aside what the word hangs on
     * @param  array<string, float>  $shares  by method, where two are held beside each other
     * @param  bool  $provisional  whether it hangs on a climate that is invented or estimated
     */
    public function __construct(
        public Concern $concern,
        public Verdict $word,
        public ?float $share,
        public string $method,
        public ?Finding $worst,
        public ?SetAside $aside,
        public array $shares = [],
        public bool $provisional = false,
    ) {}

    /** The same with another word. */
    public function saying(Verdict $word): self
    {
        return new self(...[...get_object_vars($this), 'word' => $word]);
    }

    /** The word, and who set aside what it hangs on: setting aside turns no word green. */
    public function said(): string
    {
        return $this->word->said().($this->aside === null ? '' : ', set aside by '.$this->aside->by);
    }

    /** What is said where there is one line for it: *provisional* stands before. */
    public function stamped(): string
    {
        return ($this->provisional ? 'provisional: ' : '').$this->said();
    }

    /** @return array<string, mixed> as files have it */
    public function toArray(): array
    {
        return [
            'word' => $this->word->value, 'share' => $this->share, 'method' => $this->method, 'worst_finding' => $this->worst?->rule->id(),
            'set_aside_by' => $this->aside?->by, 'shares' => $this->shares === [] ? null : $this->shares,
            'provisional' => $this->provisional,
        ];
    }
}
