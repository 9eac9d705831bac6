<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Contracts\Cache\Repository;
use Ondergrond\Assessor;
use Ondergrond\Frost\Bearing;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\WinterUse;

/** Winters that were run on designs' sections, kept by content: each takes several seconds. */
final readonly class Frosts
{
    public function __construct(private Repository $cache) {}

    /** @return list<FrostProof> those that are known, of all sides and uses */
    public function known(Project $project, Option $option): array
    {
        $hash = Content::hash($project, $option);
        $proofs = [];
        foreach (WinterUse::cases() as $use) {
            foreach (Stretch::all($option->design) as $stretch) {
                $proofs[] = $this->read($hash, $stretch, $use, false);
            }
        }

        return array_values(array_filter($proofs));
    }

    /** @return array<int, array{zones: list<list<int>>, margin: int, lowest: int|null}>|null days of the winter; null where it is not run yet */
    public function film(Project $project, Option $option, Stretch $stretch): ?array
    {
        return $this->read(Content::hash($project, $option), $stretch, $project->site->frost->use, true)?->film;
    }

    /** Whether there is nothing left to run. */
    public function complete(Project $project, Option $option): bool
    {
        return Assessor::frost($project->site, $option->design)->reason !== null || count($this->known($project, $option)) === count(Stretch::all($option->design)) * count(WinterUse::cases());
    }

    /** @param  callable(): void  $tick  is called each day, and may throw to stop */
    public function run(Project $project, Option $option, callable $tick): void
    {
        $hash = Content::hash($project, $option);
        $use = $project->site->frost->use;
        $uses = [$use, ...array_values(array_filter(WinterUse::cases(), static fn (WinterUse $u): bool => $u !== $use))];
        foreach (Assessor::proofs($project->site, $option->design, $uses, $tick) as $proof) {
            $data = get_object_vars($proof);
            unset($data['side'], $data['use'], $data['bearing'], $data['film'], $data['stretch']);
            $this->cache->put(self::key($hash, $proof->id(), $proof->use), $data, Content::KEPT);
            $this->cache->put(self::key($hash, $proof->id(), $proof->use).':film', $proof->film, Content::KEPT);
        }
    }

    private function read(string $hash, Stretch $stretch, WinterUse $use, bool $film): ?FrostProof
    {
        $data = $this->cache->get(self::key($hash, $stretch->id, $use));
        if ($data === null) {
            return null;
        }
        /** @var array{margin: float, error: float, day: int|null, lowest: float|null, slabIce: float, neighbourIce: float, stemIce: float, open: float, heat: float, cells: int, closure: float, residual: float, seconds: float} $data */
        /** @var array<int, array{zones: list<list<int>>, margin: int, lowest: int|null}> $frames */
        $frames = $film ? $this->cache->get(self::key($hash, $stretch->id, $use).':film', []) : [];

        return new FrostProof(...[...$data, 'side' => $stretch->kind, 'use' => $use, 'bearing' => Bearing::of($stretch->design, $stretch->kind), 'film' => $frames, 'stretch' => $stretch->id]);
    }

    private static function key(string $hash, string $stretch, WinterUse $use): string
    {
        return "frost:{$hash}:{$stretch}:{$use->value}";
    }
}
