<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessor;
use Ondergrond\Exchange\MassFile;
use Ondergrond\Mass\Question\CoastDown;

/** What rooms do through hours and days, as it was simulated. */
final readonly class Hours
{
    public function __construct(private KeptWork $kept) {}

    /** @return array<string, mixed>|null the whole story, as in assessment files; null where it is still to be told */
    public function known(Project $project, Option $option): ?array
    {
        return $this->kept->get(Kind::Story, $project, $option);
    }

    /** @return array<string, mixed>|null at least how long the rooms stay warm without heating; null where that is still to be simulated */
    public function cold(Project $project, Option $option): ?array
    {
        return $this->known($project, $option) ?? $this->kept->get(Kind::Cooling, $project, $option);
    }

    /** @return array<string, mixed> the same; where nothing is simulated yet, what is said at once */
    public function soFar(Project $project, Option $option): array
    {
        return $this->cold($project, $option) ?? MassFile::toArray(
            Assessor::mass($project->site, $option->design),
            Assessor::heatedFloor($project->site, $option->design),
        );
    }

    /** @return array<int, float|null>|null hours until its rooms have cooled to so many °C without heating */
    public function cooling(Project $project, Option $option): ?array
    {
        $cold = $this->cold($project, $option);
        $hours = [];
        foreach ($cold === null ? [] : CoastDown::TO as $t) {
            $hours[$t] = $cold['hours_to'][$t] ?? null;
        }

        return $cold === null ? null : $hours;
    }

    /** @return list<array<string, mixed>>|null series of an answer's runs; null where they are not known */
    public function hours(Project $project, Option $option, string $question): ?array
    {
        $runs = $this->kept->get(Kind::Story, $project, $option, $question);

        return $runs === null ? null : array_values($runs);
    }
}
