<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessor;
use Ondergrond\Exchange\MassFile;

/** How long an option's rooms stay warm where heating stops: a tenth of a second or two. */
final readonly class Cooling implements Work
{
    public function __construct(private KeptWork $kept, private Hours $hours) {}

    public function isKnown(Project $project, Option $option): bool
    {
        return $this->hours->cold($project, $option) !== null;
    }

    public function workOut(Project $project, Option $option, callable $still): void
    {
        [$site, $design] = [$project->site, $option->design];
        $this->kept->put(
            Kind::Cooling,
            $project,
            $option,
            MassFile::toArray(Assessor::mass($site, $design), Assessor::heatedFloor($site, $design), Assessor::cold($site, $design)),
        );
    }
}
