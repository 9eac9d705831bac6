<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

/** What does not move when an outline is squared up: said by the person, never assumed. */
final readonly class Held
{
    /**
     * @param  string  $corner  that stays
     * @param  string  $towards  corner on the line that stays
     * @param  bool  $both  whether that second corner stays too, rather than slide along the line
     */
    public function __construct(
        public string $corner,
        public string $towards,
        public bool $both = false,
    ) {}

    public function words(): string
    {
        return $this->both
            ? "corners {$this->corner} and {$this->towards}"
            : "corner {$this->corner} and the line {$this->corner}–{$this->towards}";
    }
}
