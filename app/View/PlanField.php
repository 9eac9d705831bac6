<?php

declare(strict_types=1);

namespace App\View;

/** One field of what is on a plan. */
final readonly class PlanField
{
    /**
     * @param  string  $name  path of the form
     * @param  array<string, string>|null  $options  null where it is typed
     * @param  string  $grip  which end of which mark it is the place of, and along which axis
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $value,
        public ?array $options,
        public string $grip = '',
    ) {}

    /** As a form names it. */
    public function html(): string
    {
        $parts = explode('.', $this->name);

        return array_shift($parts).implode('', array_map(static fn (string $p): string => "[{$p}]", $parts));
    }
}
