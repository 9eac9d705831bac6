<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessor;
use Ondergrond\Frost\Bearing;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\WinterUse;

/** Winters that were run on designs' sections: each takes several seconds. */
final readonly class Winters implements Work
{
    public function __construct(private KeptWork $kept) {}

    /** @return list<FrostProof> those that are known, of all stretches and uses */
    public function known(Project $project, Option $option): array
    {
        $proofs = [];
        foreach (WinterUse::cases() as $use) {
            foreach (Stretch::all($option->design) as $stretch) {
                $proofs[] = $this->read($project, $option, $stretch, $use, false);
            }
        }

        return array_values(array_filter($proofs));
    }

    /**
     * @return array<int, array{zones: list<list<int>>, margin: int, lowest: int|null}>|null days of the winter; null where it is not run
     * yet
     */
    public function film(Project $project, Option $option, Stretch $stretch): ?array
    {
        return $this->read($project, $option, $stretch, $project->site->frost->use, true)?->film;
    }

    public function isKnown(Project $project, Option $option): bool
    {
        return Assessor::frost($project->site, $option->design)->reason !== null
            || count($this->known($project, $option)) === count(Stretch::all($option->design)) * count(WinterUse::cases());
    }

    public function workOut(Project $project, Option $option, callable $still): void
    {
        $use = $project->site->frost->use;
        $uses = [$use, ...array_values(array_filter(WinterUse::cases(), static fn (WinterUse $u): bool => $u !== $use))];
        foreach (Assessor::proofs($project->site, $option->design, $uses, $still) as $proof) {
            $data = get_object_vars($proof);
            unset($data['side'], $data['use'], $data['bearing'], $data['film'], $data['stretch']);
            // JSON has no infinity: nothing freezes there.
            $data['margin'] = is_finite($proof->margin) ? $proof->margin : null;
            // Its days first, so that whoever finds it finds them too.
            $this->kept->put(Kind::Winters, $project, $option, $proof->film, self::part($proof->id(), $proof->use).':film');
            $this->kept->put(Kind::Winters, $project, $option, $data, self::part($proof->id(), $proof->use));
        }
    }

    private function read(Project $project, Option $option, Stretch $stretch, WinterUse $use, bool $film): ?FrostProof
    {
        $data = $this->kept->get(Kind::Winters, $project, $option, self::part($stretch->id, $use));
        if ($data === null) {
            return null;
        }
        $data['margin'] ??= INF;
        /**
         * @var array{margin: float, error: float, day: int|null, lowest: float|null, slabIce: float, neighbourIce: float, stemIce:
         * float, open: float, heat: float, cells: int, closure: float, residual: float, seconds: float} $data
         */
        /** @var array<int, array{zones: list<list<int>>, margin: int, lowest: int|null}>|null $frames */
        $frames = $film ? $this->kept->get(Kind::Winters, $project, $option, self::part($stretch->id, $use).':film') : [];
        if ($frames === null) {
            return null;
        }

        return new FrostProof(
            ...[
                ...$data,
                'side' => $stretch->kind,
                'use' => $use,
                'bearing' => Bearing::of($stretch->design, $stretch->kind),
                'film' => $frames,
                'stretch' => $stretch->id,
            ],
        );
    }

    private static function part(string $stretch, WinterUse $use): string
    {
        return "{$stretch}:{$use->value}";
    }
}
