<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Examples\Examples;
use Ondergrond\Gain\Gains;
use Ondergrond\Search\Limits;
use Ondergrond\Search\Outcome;
use Ondergrond\Search\Search;
use Ondergrond\Search\Space;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Units\UnitSystem;

/** How long the queue's work takes: the next boards of a basement, and a search. Each is run once; they take seconds. */
final readonly class JudgementBench
{
    /**
     * @param  float  $gainFirst  until the first step is known, s
     * @param  float  $gainAll  s
     * @param  float  $judgedPerSecond  designs judged by formula and rules, 1/s
     * @param  float  $search  the whole of it, fields and all, s
     */
    private function __construct(
        public int $steps,
        public float $gainFirst,
        public float $gainAll,
        public int $designs,
        public float $judgedPerSecond,
        public int $fields,
        public float $search,
    ) {}

    public static function run(): self
    {
        $basement = Examples::of('heated-basement') ?? Examples::boathouse();
        $start = hrtime(true);
        $first = null;
        [$site, $design] = [$basement->site, $basement->options[0]->design];
        $steps = Gains::ranked($site, $design, $basement->units, PriceList::none(), static function () use (&$first): bool {
            $first ??= hrtime(true);

            return true;
        });
        $all = hrtime(true);

        $tray = Examples::of('frost-protected-raft') ?? Examples::boathouse();
        $space = Space::of(
            $tray->options[0]->design,
            [
                'field_board.thickness_m' => [0.06, 0.2],
                'edge_outside.thickness_m' => [0.05, 0.14],
                'edge_under.thickness_m' => [0.05, 0.12],
                'wing.width_m' => [0.8, 1.4],
            ],
            UnitSystem::Metric,
        );
        $told = [];
        $tell = static function (Outcome $o) use (&$told): bool {
            // The first time that each count is told: the designs are judged between the first and the last.
            $told[$o->judged] ??= hrtime(true);

            return true;
        };
        $outcome = Search::run($tray->site, $space, new Limits, PriceList::none(), UnitSystem::Metric, [], $tell);
        unset($told[0]);
        $judged = count($told) < 2 ? 0.0 : (array_key_last($told) - array_key_first($told)) / ((end($told) - reset($told)) / 1e9);

        return new self(
            count($steps), (($first ?? $all) - $start) / 1e9, ($all - $start) / 1e9, $space->count(), $judged, $outcome->fields,
            $outcome->seconds,
        );
    }
}
