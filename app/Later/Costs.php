<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessor;
use Ondergrond\Rules\Consequence;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\Said;

/** What ignoring a design's findings costs in heat, and what its remedies make worse. Solving a field for each takes a second or two. */
final readonly class Costs implements Work
{
    /** Smaller ones are within what the fields are good for, share of the loss. */
    private const SLIGHT = 0.002;

    private const HOURS = 8.76;

    public function __construct(private KeptWork $kept) {}

    /** @return array<string, array{cost: string|null, worse: string|null}>|null by rule; null before they are worked out */
    public function inWords(Project $project, Option $option, QuantityFormatter $format): ?array
    {
        /** @var array<string, array{saves: float, was: array{loss: float, factor: float|null, wet: float|null}, is: array{loss: float, factor: float|null, wet: float|null}}>|null $kept */
        $kept = $this->kept->get(Kind::Costs, $project, $option);

        return $kept === null ? null : array_map(static function (array $of) use ($format): array {
            $consequence = new Consequence(...$of);
            $worse = array_map(static fn (Said $s): string => $s->in($format), $consequence->worse());

            return [
                'cost' => abs($consequence->saves) < self::SLIGHT * abs($consequence->was['loss']) ? null : sprintf(
                    '%s %s as the mean of the year, %s in all of it.', $consequence->saves > 0 ? 'Ignored, it costs' : 'The remedy costs',
                    $format->format(abs($consequence->saves), Quantity::Power),
                    $format->format(self::HOURS * abs($consequence->saves), Quantity::Energy),
                ),
                'worse' => $worse === [] ? null : implode('; ', $worse),
            ];
        }, $kept);
    }

    public function isKnown(Project $project, Option $option): bool
    {
        return $this->kept->get(Kind::Costs, $project, $option) !== null;
    }

    public function workOut(Project $project, Option $option, callable $still): void
    {
        [$site, $design] = [$project->site, $option->design];
        $now = Assessor::assess($site, $design, $project->units, roughly: true);
        $costs = [];
        foreach ($now->judgement->findings as $judged) {
            $still();
            $consequence = Assessor::consequence($site, $design, $judged->finding, $now);
            if ($consequence !== null) {
                $costs[$judged->finding->rule->id()] = get_object_vars($consequence);
            }
        }
        $this->kept->put(Kind::Costs, $project, $option, $costs);
    }
}
