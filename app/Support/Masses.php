<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Contracts\Cache\Repository;
use Ondergrond\Assessor;
use Ondergrond\Exchange\MassFile;
use Ondergrond\Mass\Question\CoastDown;

/** What rooms do through hours and days, kept by content: cooling takes a tenth of a second or two, the whole story some seconds. */
final readonly class Masses
{
    /** Raised where what is kept changes its shape: an older one is told anew. */
    private const SHAPE = 2;

    public function __construct(private Repository $cache) {}

    /** @return array<string, mixed>|null the whole story, as in assessment files; null where it is still to be told */
    public function known(Project $project, Option $option): ?array
    {
        return $this->read(self::key($project, $option));
    }

    /** @return array<string, mixed>|null at least how long the rooms stay warm without heating; null where that is still to be simulated */
    public function cold(Project $project, Option $option): ?array
    {
        return $this->known($project, $option) ?? $this->read(self::key($project, $option).':cold');
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
        $runs = $this->read(self::key($project, $option).':'.$question);

        return $runs === null ? null : array_values($runs);
    }

    /** Simulates cooling alone. */
    public function cooled(Project $project, Option $option): void
    {
        if ($this->cold($project, $option) === null) {
            [$site, $design] = [$project->site, $option->design];
            $this->keep(self::key($project, $option).':cold', MassFile::toArray(Assessor::mass($site, $design), Assessor::heatedFloor($site, $design), Assessor::cold($site, $design)));
        }
    }

    /** Tells all of it. */
    public function told(Project $project, Option $option): void
    {
        if ($this->known($project, $option) !== null) {
            return;
        }
        [$site, $design] = [$project->site, $option->design];
        $story = Assessor::story($site, $design);
        $key = self::key($project, $option);
        foreach ($story->answers as $slug => $answer) {
            $runs = [];
            foreach ($answer->runs as $label => $run) {
                $runs[] = ['label' => $label, ...MassFile::series($run, $answer->skip, $answer->until, $runs === [])];
            }
            $this->keep($key.':'.$slug, $runs);
        }
        // Last, so that whoever finds it finds the hours too.
        $this->keep($key, MassFile::toArray(Assessor::mass($site, $design), Assessor::heatedFloor($site, $design), $story, Assessor::cellProof($site, $design)));
    }

    /** @param  array<mixed>  $data */
    private function keep(string $key, array $data): void
    {
        // As text, which is a quarter as long.
        $this->cache->put($key, json_encode($data, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), Content::KEPT);
    }

    /** @return array<mixed>|null */
    private function read(string $key): ?array
    {
        $text = $this->cache->get($key);

        return is_string($text) ? json_decode($text, true, flags: JSON_THROW_ON_ERROR) : null;
    }

    private static function key(Project $project, Option $option): string
    {
        return 'mass'.self::SHAPE.':'.Content::hash($project, $option);
    }
}
