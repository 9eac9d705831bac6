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
        return self::read($this->cache->get(self::key($project, $option)));
    }

    /**
     * U by face as drawn of many at once, of those whose site sets a limit and whose fields were solved.
     *
     * @param  iterable<array{Project, Option}>  $of
     * @return array<int, array<string, float>|null> by the option's id, W/(m²K)
     */
    public function faces(iterable $of): array
    {
        $keys = [];
        foreach ($of as [$project, $option]) {
            if ($project->site->floorLimit !== null) {
                $keys[$option->id] = self::key($project, $option);
            }
        }
        $kept = collect($this->cache->getMultiple(array_values($keys)));

        return array_map(static fn (string $key): ?array => self::read($kept->get($key))?->faces, $keys);
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

    private static function read(mixed $data): ?FieldSummary
    {
        /** @var array{coefficient: float, mean: float, heating: float, transmittance: float, junctions: float, psi: array<string, float>, faces: array<string, float>, damp: string, factor: float|null, condensed: float}|null $data */
        return $data === null ? null : new FieldSummary(...$data);
    }

    private static function key(Project $project, Option $option): string
    {
        return 'field:'.Content::hash($project, $option);
    }
}
