<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessor;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Rulings;
use Ondergrond\Verdict\Verdict;

/** The five words of many options, with the fields and winters that were worked out before and without working out any now. */
final readonly class Words
{
    public function __construct(private Fields $fields, private Winters $winters) {}

    /**
     * @param  array<int, array{Project, Option, HeatVerdict}>  $of  by whatever the answer is to be by
     * @return array<int, Rulings>
     */
    public function of(array $of): array
    {
        $known = $this->fields->knownOf(array_map(static fn (array $one): array => [$one[0], $one[1]], $of));
        $rulings = [];
        foreach ($of as $i => [$project, $option, $heat]) {
            $field = $known[$i] ?? null;
            $found = Assessor::rulings(
                $project->site, $option->design, $project->units, $option->setAside(), $field?->faces,
                $this->winters->known($project, $option), $heat,
            );
            $rulings[$i] = $field === null ? $found : $found->knowing(Concern::Damp, Verdict::from($field->damp));
        }

        return $rulings;
    }
}
