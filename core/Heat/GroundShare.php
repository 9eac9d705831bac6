<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Site\Site;

/**
 * What part of a house's heat goes through the ground, by what is known of the house, each with its band. Bands are common practice,
 * no source: what a house is said to lose is good to 15 %, a boiler to a tenth of its fuel, and sun, people and lamps cover up to three
 * tenths of a year's losses.
 */
final readonly class GroundShare
{
    private const LOSS = 0.15;

    private const BOILER = 0.10;

    private const MOST_GAINS = 0.30;

    private const HOURS = [744, 672, 744, 720, 744, 720, 744, 744, 720, 744, 720, 744];

    /**
     * @param  string  $by  which figure of the house it is taken from, a clause
     * @param  float  $low  share of all
     * @param  float  $high  share of all
     */
    private function __construct(
        public string $by,
        public float $low,
        public float $share,
        public float $high,
    ) {}

    /**
     * @param  list<float>  $season  heat through the ground in the heating months by each method, the one to be shown first, kWh
     * @return list<self> by each figure that is given; empty where none is
     */
    public static function all(Site $site, GroundHeat $floor, array $season): array
    {
        $house = $site->house;
        $shares = [];
        [$ground, $least, $most] = [max(0.0, $season[0] ?? 0.0), max(0.0, min([INF, ...$season])), max([0.0, ...$season])];
        if ($house->besides !== null) {
            $rest = $house->besides * self::kelvinHours($site) / 1000;
            $of = static fn (float $g, float $by): float => self::part($g, $g + $rest * $by);
            $shares[] = new self(
                'what the rest of the house loses', $of($least, 1 + self::LOSS), $of($ground, 1.0), $of($most, 1 - self::LOSS),
            );
        }
        if ($house->load !== null) {
            $of = static fn (float $by): float => self::part(max(0.0, $floor->design), $house->load * $by);
            $shares[] = new self('its design load, on the design day', $of(1 + self::LOSS), $of(1.0), $of(1 - self::LOSS));
        }
        if ($house->fuel !== null) {
            $of = static fn (float $g, float $efficiency, float $gains): float => self::part(
                $g, $house->fuel * min(1.0, max(0.05, $efficiency)) / (1 - $gains),
            );
            $shares[] = new self(
                'last year’s fuel', $of($least, $house->efficiency + self::BOILER, self::MOST_GAINS),
                $of($ground, $house->efficiency, self::MOST_GAINS / 2), $of($most, $house->efficiency - self::BOILER, 0.0),
            );
        }

        return $shares;
    }

    /** Of the heating months, room above outdoors, K·h. */
    private static function kelvinHours(Site $site): float
    {
        $sum = 0.0;
        foreach ($site->heatingShares() as $i => $share) {
            $sum += $share * self::HOURS[$i] * max(0.0, $site->indoor - $site->climate->monthly[$i]);
        }

        return $sum;
    }

    private static function part(float $of, float $all): float
    {
        return $all <= 0.0 ? 1.0 : min(1.0, $of / $all);
    }
}
