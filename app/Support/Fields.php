<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Contracts\Cache\Repository;
use Ondergrond\Assessment;
use Ondergrond\Assessor;
use Ondergrond\Compare\FieldSummary;

/** What designs' fields came to, kept by content. */
final readonly class Fields
{
    public function __construct(private Repository $cache) {}

    public function known(Project $project, Option $option): ?FieldSummary
    {
        $data = $this->cache->get(self::key($project, $option));

        /** @var array{coefficient: float, mean: float, heating: float, transmittance: float, junctions: float, psi: array<string, float>, faces: array<string, float>, damp: string, factor: float|null, condensed: float}|null $data */
        return $data === null ? null : new FieldSummary(...$data);
    }

    public function solved(Project $project, Option $option): FieldSummary
    {
        return $this->known($project, $option) ?? $this->keep($project, $option, Assessor::assess($project->site, $option->design, $project->units));
    }

    public function keep(Project $project, Option $option, Assessment $assessment): FieldSummary
    {
        $summary = FieldSummary::of($assessment->field, $assessment->junctions, $assessment->damp, $assessment->judgement->rulings);
        $this->cache->put(self::key($project, $option), get_object_vars($summary), Content::KEPT);

        return $summary;
    }

    private static function key(Project $project, Option $option): string
    {
        return 'field:'.Content::hash($project, $option);
    }
}
