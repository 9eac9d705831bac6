<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessor;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** What ignoring a design's findings costs in heat. Solving a field for each takes a second or two. */
final readonly class Costs implements Work
{
    /** Smaller ones are within what the fields are good for, share of the loss. */
    private const SLIGHT = 0.002;

    public function __construct(private KeptWork $kept) {}

    /** @return array<string, string>|null by rule; those that cost no heat are left out; null before they are worked out */
    public function inWords(Project $project, Option $option, QuantityFormatter $format): ?array
    {
        /** @var array<string, float>|null $costs */
        $costs = $this->kept->get(Kind::Costs, $project, $option);
        if ($costs === null) {
            return null;
        }
        $words = [];
        foreach ($costs as $rule => $watts) {
            $hours = 8.76;
            $words[$rule] = sprintf(
                '%s %s as the mean of the year, %s in all of it.', $watts > 0 ? 'Ignored, it costs' : 'The remedy costs',
                $format->format(abs($watts), Quantity::Power), $format->format($hours * abs($watts), Quantity::Energy),
            );
        }

        return $words;
    }

    public function isKnown(Project $project, Option $option): bool
    {
        return $this->kept->get(Kind::Costs, $project, $option) !== null;
    }

    public function workOut(Project $project, Option $option, callable $still): void
    {
        [$site, $design] = [$project->site, $option->design];
        $now = Assessor::loss($site, $design)->mean;
        $costs = [];
        foreach (Assessor::judge($site, $design, $project->units)->findings as $judged) {
            $still();
            $cost = Assessor::cost($site, $design, $judged->finding, $now);
            if ($cost !== null && abs($cost) >= self::SLIGHT * abs($now)) {
                $costs[$judged->finding->rule->id()] = $cost;
            }
        }
        $this->kept->put(Kind::Costs, $project, $option, $costs);
    }
}
