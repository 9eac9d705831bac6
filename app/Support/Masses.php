<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Contracts\Cache\Repository;
use Ondergrond\Assessor;
use Ondergrond\Exchange\MassFile;
use Ondergrond\Mass\Question\CoastDown;
use Ondergrond\Mass\Run;

/** What rooms do through hours and days, kept by content: it takes some seconds. */
final readonly class Masses
{
    public function __construct(private Repository $cache) {}

    /** @return array<string, mixed>|null as in assessment files; null where it is still to be simulated */
    public function known(Project $project, Option $option): ?array
    {
        return $this->cache->get(self::key($project, $option));
    }

    /** @return array{skip: int, runs: array<string, array<string, mixed>>, csv: string}|null the hours behind an answer; null where they are not known */
    public function hours(Project $project, Option $option, string $question): ?array
    {
        return $this->cache->get(self::key($project, $option).':'.$question);
    }

    /** @return array<int, float|null>|null hours until its rooms have cooled to so many °C without heating; null where they are still to be simulated */
    public function cooling(Project $project, Option $option): ?array
    {
        return $this->cache->get(self::key($project, $option).':cooling');
    }

    /** Simulates only that, which is sooner done. */
    public function cooled(Project $project, Option $option): void
    {
        if ($this->cooling($project, $option) === null) {
            $this->cache->put(self::key($project, $option).':cooling', CoastDown::hours(Assessor::cold($project->site, $option->design)->answers['heating-stops']), Content::KEPT);
        }
    }

    /** @return array<string, mixed> */
    public function told(Project $project, Option $option): array
    {
        return $this->known($project, $option) ?? $this->tell($project, $option);
    }

    /** @return array<string, mixed> */
    private function tell(Project $project, Option $option): array
    {
        [$site, $design] = [$project->site, $option->design];
        $story = Assessor::story($site, $design);
        $key = self::key($project, $option);
        foreach ($story->answers as $slug => $answer) {
            $this->cache->put($key.':'.$slug, [
                'skip' => $answer->skip,
                'runs' => array_map(static fn (Run $r): array => MassFile::series($r, $answer->skip, $answer->until), $answer->runs),
                'csv' => MassFile::csv($answer->runs[array_key_first($answer->runs)], $slug === 'year'),
            ], Content::KEPT);
        }
        // Last, so that whoever finds it finds the hours too.
        $mass = MassFile::toArray(Assessor::mass($site, $design), Assessor::heatedFloor($site, $design), $story, Assessor::cellProof($site, $design));
        $this->cache->put($key, $mass, Content::KEPT);

        return $mass;
    }

    private static function key(Project $project, Option $option): string
    {
        return 'mass:'.Content::hash($project, $option);
    }
}
