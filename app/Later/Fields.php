<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessment;
use Ondergrond\Assessor;
use Ondergrond\Compare\FieldSummary;

/** What designs' fields came to. */
final readonly class Fields implements Work
{
    public function __construct(private KeptWork $kept) {}

    public function known(Project $project, Option $option): ?FieldSummary
    {
        return self::read($this->kept->get(Kind::Fields, $project, $option));
    }

    public function isKnown(Project $project, Option $option): bool
    {
        return $this->known($project, $option) !== null;
    }

    public function workOut(Project $project, Option $option, callable $still): void
    {
        $this->keep($project, $option, Assessor::assess($project->site, $option->design, $project->units));
    }

    /**
     * Of many at once.
     *
     * @param  array<int, array{Project, Option}>  $of  by whatever the answer is to be by
     * @return array<int, FieldSummary|null>
     */
    public function knownOf(array $of): array
    {
        return array_map(self::read(...), $this->kept->many(Kind::Fields, $of));
    }

    public function keep(Project $project, Option $option, Assessment $assessment): void
    {
        $summary = FieldSummary::of($assessment->field, $assessment->junctions, $assessment->damp, $assessment->judgement->rulings);
        $this->kept->put(Kind::Fields, $project, $option, get_object_vars($summary));
    }

    /** @param  array<mixed>|null  $data */
    private static function read(?array $data): ?FieldSummary
    {
        /**
         * @var array{coefficient: float, mean: float, heating: float, transmittance: float, junctions: float, psi: array<string, float>,
         * faces: array<string, float>, damp: string, factor: float|null, condensed: float}|null $data
         */
        return $data === null ? null : new FieldSummary(...$data);
    }
}
