<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Project;
use Illuminate\Contracts\Session\Session;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/** The unit system that this person reads in: their own choice, else the one the project is built in. */
final readonly class CurrentUnits
{
    private const KEY = 'units';

    public function __construct(private Session $session) {}

    public function choose(UnitSystem $system): void
    {
        $this->session->put(self::KEY, $system->value);
    }

    public function system(?Project $project = null): UnitSystem
    {
        return UnitSystem::tryFrom((string) $this->session->get(self::KEY)) ?? $project->units ?? UnitSystem::Metric;
    }

    public function formatter(?Project $project = null): QuantityFormatter
    {
        return new QuantityFormatter($this->system($project));
    }
}
