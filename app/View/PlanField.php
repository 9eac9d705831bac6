<?php

declare(strict_types=1);

namespace App\View;

/** One field of what is on a plan. */
final readonly class PlanField
{
    /**
     * @param  string  $name  path of the form
     * @param  array<string, string>|null  $options  null where it is typed
     * @param  string  $dimension  the size on the drawing that it is typed for
     * @param  string  $grip  which end of which mark it is the place of, and along which axis
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $value,
        public ?array $options,
        public string $grip = '',
        public string $dimension = '',
    ) {}

    public function id(): string
    {
        return str_replace('.', '-', $this->name);
    }

    /** Whether names of other items may be typed there. */
    public function isNamed(): bool
    {
        return str_ends_with($this->name, '.in_line');
    }

    /** As a form names it. */
    public function html(): string
    {
        $parts = explode('.', $this->name);

        return array_shift($parts).implode('', array_map(static fn (string $p): string => "[{$p}]", $parts));
    }
}
