<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessor;
use Ondergrond\FloorHeating\CellProof;
use Ondergrond\Mass\FloorVariant;
use Ondergrond\Mass\MassStory;
use Ondergrond\Mass\MassTold;

/** What rooms do through hours and days, as it was simulated. */
final readonly class Hours
{
    public function __construct(private KeptWork $kept) {}

    public function keep(Kind $kind, Project $project, Option $option, MassStory $story, ?CellProof $proof = null): void
    {
        $told = MassTold::by($story);
        $this->kept->put($kind, $project, $option, [
            'answers' => $told->answers,
            'variants' => array_map(get_object_vars(...), $told->variants),
            'proof' => $proof === null ? null : get_object_vars($proof),
        ]);
    }

    /** Whether the whole story is told. */
    public function isWhole(Project $project, Option $option): bool
    {
        return $this->kept->get(Kind::Story, $project, $option) !== null;
    }

    /** With what takes no time; what was simulated as far as it is known. */
    public function soFar(Project $project, Option $option): KnownMass
    {
        $kept = $this->kept($project, $option);

        return new KnownMass(
            Assessor::mass($project->site, $option->design),
            Assessor::heatedFloor($project->site, $option->design),
            self::told($kept),
            isset($kept['proof']) ? new CellProof(...$kept['proof']) : null,
        );
    }

    /** At least how long the rooms stay warm without heating; null where that is still to be simulated. */
    public function cold(Project $project, Option $option): ?MassTold
    {
        return self::told($this->kept($project, $option));
    }

    /** @return list<array<string, mixed>>|null series of an answer's runs; null where they are not known */
    public function hours(Project $project, Option $option, string $question): ?array
    {
        $runs = $this->kept->get(Kind::Story, $project, $option, $question);

        return $runs === null ? null : array_values($runs);
    }

    /** @return array<mixed>|null */
    private function kept(Project $project, Option $option): ?array
    {
        return $this->kept->get(Kind::Story, $project, $option) ?? $this->kept->get(Kind::Cooling, $project, $option);
    }

    /** @param  array<mixed>|null  $kept */
    private static function told(?array $kept): ?MassTold
    {
        return $kept === null ? null : new MassTold(
            $kept['answers'],
            array_map(static fn (array $v): FloorVariant => new FloorVariant(...$v), array_values($kept['variants'])),
        );
    }
}
