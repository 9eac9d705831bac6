<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessor;

/** How long an option's rooms stay warm where heating stops: a tenth of a second or two. */
final readonly class Cooling implements Work
{
    public function __construct(private Hours $hours) {}

    public function isKnown(Project $project, Option $option): bool
    {
        return $this->hours->cold($project, $option) !== null;
    }

    public function workOut(Project $project, Option $option, callable $still): void
    {
        $this->hours->keep(Kind::Cooling, $project, $option, Assessor::cold($project->site, $option->design));
    }
}
