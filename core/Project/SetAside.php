<?php

declare(strict_types=1);

namespace Ondergrond\Project;

/** A rule that somebody has set aside on a design, with the reason. It goes wherever the design goes. */
final readonly class SetAside
{
    /**
     * @param  string  $rule  its id in the rulebook
     * @param  string  $by  the person's name
     * @param  string  $on  the day, `2026-11-25`
     */
    public function __construct(
        public string $rule,
        public string $reason,
        public string $by,
        public string $on,
    ) {}

    /** @return array{rule: string, reason: string, by: string, on: string} */
    public function toArray(): array
    {
        return ['rule' => $this->rule, 'reason' => $this->reason, 'by' => $this->by, 'on' => $this->on];
    }
}
