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
     * U by face as drawn of many at once, of those whose site sets a limit and whose fields were solved.
     *
     * @param  iterable<array{Project, Option}>  $of
     * @return array<int, array<string, float>|null> by the option's id, W/(m²K)
     */
    public function faces(iterable $of): array
    {
        $limited = [];
        foreach ($of as [$project, $option]) {
            if ($project->site->floorLimit !== null) {
                $limited[$option->id] = [$project, $option];
            }
        }

        return array_map(static fn (?array $data): ?array => self::read($data)?->faces, $this->kept->many(Kind::Fields, $limited));
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
