<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Codec\SizePath;
use Ondergrond\Project\SetAside;
use Ondergrond\Units\Said;

/** A finding with what is to be known of it before one acts. */
final readonly class Judged
{
    /**
     * @param  SetAside|null  $setAside  by whom and why, where somebody has
     * @param  list<Finding>  $brings  what the remedy would break
     * @param  list<string>  $takes  ids of the other findings that the remedy takes away too
     * @param  string|null  $obstacle  why the remedy cannot be built here, a clause
     * @param  array<string, Said>  $worse  what the remedy makes worse, a clause by verdict
     * @param  Access|null  $access  where one stands to do what it asks; null without one that can be built
     */
    public function __construct(
        public Finding $finding,
        public ?SetAside $setAside,
        public array $brings,
        public array $takes,
        public ?string $obstacle,
        public array $worse = [],
        public ?Access $access = null,
    ) {}

    public function canBeRemedied(): bool
    {
        return $this->finding->remedy !== null && $this->obstacle === null;
    }

    /** What the other findings ask that the remedy takes away too, in quotes. */
    public function takesInWords(): string
    {
        return implode(', ', array_map(Rulebook::quoted(...), $this->takes));
    }

    /** @return array<string, string> what can be said by one word so that it is judged, by value; empty where it takes more than a word */
    public function answers(): array
    {
        $unsaid = $this->finding->unsaid;
        $choices = $unsaid === null || $this->isOfSite() ? null : SizePath::said($unsaid)?->choices();

        return array_diff_key($choices ?? [], ['not-said' => true]);
    }

    /** Whether what it lacks is known of the site, not of the design. */
    public function isOfSite(): bool
    {
        return str_starts_with($this->finding->unsaid ?? '', 'site.');
    }

    /** Whether it still asks for something. */
    public function isOpen(): bool
    {
        return $this->setAside === null;
    }
}
