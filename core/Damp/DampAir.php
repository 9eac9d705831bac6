<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Site\Site;

/** The air on both sides through the year: monthly means, in the middle of each month. */
final readonly class DampAir
{
    /** Relative humidity outside where it is not known, mean of the year and swing, higher in the cold; common practice, no source. */
    private const HUMIDITY = 0.78;

    private const HUMIDITY_SWING = 0.08;

    /** Rooms do not hold more than this for long, as a share: above it water stands on panes and walls. */
    private const MOST = 0.95;

    /** Spells are muggy where the month is warmer than this, °C, and begin to be so many kelvin below it; common practice, no source. */
    public const WARM = 8.0;

    private const WARMING = 4.0;

    /**
     * @param  list<float>  $inside  °C, January first; so all
     * @param  list<float>  $outside  °C
     * @param  list<float>  $insidePressure  Pa
     * @param  list<float>  $outsidePressure  Pa
     * @param  list<float>  $muggy  dew point of the inside air in each month's most humid spell, °C
     */
    private function __construct(
        public array $inside,
        public array $outside,
        public array $insidePressure,
        public array $outsidePressure,
        public array $muggy,
    ) {}

    public static function of(Site $site): self
    {
        $basis = $site->damp;
        $wave = $site->climate->wave();
        $inside = $insideP = $outsideP = $muggy = [];
        foreach ($site->climate->monthly as $i => $out) {
            $phase = 2 * M_PI * ($i + 1 - $wave->coldest) / 12;
            $in = $site->indoor - $site->indoorSwing * cos($phase);
            $humidity = $basis->outdoorRh[$i] ?? self::HUMIDITY + self::HUMIDITY_SWING * cos($phase);
            $p = $humidity * Vapour::saturation($out);
            $most = self::MOST * Vapour::saturation($in);
            $inside[] = $in;
            $outsideP[] = $p;
            // What dries takes water out of humid air and adds none to dry air; what keeps a humidity does both.
            $dried = $basis->driedRh === null ? INF : $basis->driedRh * Vapour::saturation($in);
            $insideP[] = $basis->indoorRh !== null ? $basis->indoorRh * Vapour::saturation($in) : min(
                $most,
                $p + $basis->humidity->excessAt($out),
                $dried,
            );
            $warm = max(0.0, min(1.0, 1.0 - (self::WARM - $out) / self::WARMING));
            $spell = Vapour::saturation(Vapour::dewPoint($p) + $warm * $basis->muggy);
            // What a machine keeps it keeps in a spell too.
            $muggy[] = Vapour::dewPoint(
                $basis->indoorRh !== null ? $insideP[$i] : max(
                    $insideP[$i],
                    min(Vapour::saturation($in), $spell + $basis->humidity->excessAt($out), $dried),
                ),
            );
        }

        return new self($inside, $site->climate->monthly, $insideP, $outsideP, $muggy);
    }

    /** Relative humidity inside in that month, 0 to 11, as a share. */
    public function humidity(int $i): float
    {
        return Vapour::humidity($this->insidePressure[$i], $this->inside[$i]);
    }
}
