<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Verdict\Verdict;

/**
 * Water that leaves the face of fresh concrete: Uno, "Plastic Shrinkage Cracking and Evaporation Formulas", ACI Materials
 * Journal 95 (1998), which ACI 305R takes up (both from memory).
 */
final readonly class Evaporation
{
    /**
     * From here on it is watched, and from there on plastic shrinkage cracks are likely, kg/(m²h) (ACI 305R: 0.1 and 0.2 lb/(ft²h),
     * from memory).
     */
    public const CAUTION = 0.5;

    public const STOP = 1.0;

    /** @param  float  $rate  kg/(m²h), not negative */
    private function __construct(public float $rate) {}

    /**
     * @param  float  $concrete  its temperature, °C
     * @param  float  $air  °C
     * @param  float  $humidity  of the air, 0 to 1
     * @param  float  $wind  m/s, half a metre over the face
     *
     * @throws FaultyInput for what no site has
     */
    public static function of(float $concrete, float $air, float $humidity, float $wind): self
    {
        $faults = array_values(array_filter([
            $concrete < 0.0 || $concrete > 50.0 ? Fault::range('/concrete_c', $concrete, 0.0, 50.0, 'fresh concrete') : null,
            $air < -10.0 || $air > 55.0 ? Fault::range('/air_c', $air, -10.0, 55.0) : null,
            $humidity < 0.0 || $humidity > 1.0 ? Fault::range('/humidity_share', $humidity, 0.0, 1.0, 'relative humidity') : null,
            $wind < 0.0 || $wind > 30.0 ? Fault::range('/wind_m_s', $wind, 0.0, 30.0) : null,
        ]));
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }

        return new self(max(0.0, 5.0 * (($concrete + 18.0) ** 2.5 - $humidity * ($air + 18.0) ** 2.5) * (3.6 * $wind + 4.0) * 1e-6));
    }

    public function word(): Verdict
    {
        return match (true) {
            $this->rate >= self::STOP => Verdict::Fails,
            $this->rate >= self::CAUTION => Verdict::Close,
            default => Verdict::Holds,
        };
    }

    /** What to do about it, a sentence (common practice, no source). */
    public function advice(): string
    {
        return match ($this->word()) {
            Verdict::Fails => 'Do not pour like this: wait for cooler, stiller or damper air, or put up wind breaks and fog the air; '
                .'sheet over the face at once behind the screed, and curing cover the moment it is finished.',
            Verdict::Close => 'Wind breaks up, film or fog ready between screeding and finishing, curing cover the moment it is finished.',
            default => 'Curing cover once it is finished, held down at its edges, and left as long as the programme allows.',
        };
    }
}
