<?php

declare(strict_types=1);

namespace Ondergrond\Load;

use Ondergrond\Design\Supports;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Verdict\Verdict;

/** What the ground carries under the edge or a post's pad, against the presumptive value of its class. */
final readonly class SoilCheck
{
    /** Presumed values are round figures for whole classes: so far over them is close, not too much; common practice, no source. */
    private const PRESUMED = 0.05;

    /**
     * @param  string  $where  `edge`, `post`, or a kind of support: `post-1`, `strip-1`
     * @param  float  $stress  kPa
     * @param  float  $width  that it stands on, m
     */
    public function __construct(
        public string $where,
        public Soil $soil,
        public float $stress,
        public float $width,
    ) {}

    /** What presses it, in a table. */
    public function label(): string
    {
        return match ($this->where) {
            'edge', 'post' => $this->where,
            default => Supports::label($this->where),
        };
    }

    /**
     * kPa: International Residential Code 2021, table R401.4.1, the lowest class of each (from memory): clay and silt
     * 1500 psf, sand 2000 psf, sedimentary rock 4000 psf. A soil report overrules it.
     */
    public function allowable(): float
    {
        return match ($this->soil) {
            Soil::ClayOrSilt => 71.8,
            Soil::SandOrGravel => 95.8,
            Soil::Rock => 191.5,
        };
    }

    /**
     * What a bearing stands on: rock where it is dug down to it.
     *
     * @param  float  $depth  of its foot below the ground outside, m
     */
    public static function ground(Site $site, float $depth): Soil
    {
        $ledge = $site->frost->ledge;

        return $ledge !== null && $depth >= $ledge - 0.01 ? Soil::Rock : $site->soil;
    }

    /** Of what it may carry. */
    public function share(): float
    {
        return $this->stress / $this->allowable();
    }

    public function word(): Verdict
    {
        $share = $this->share();

        return $share > 1.0 && $share <= 1.0 + self::PRESUMED ? Verdict::Close : Verdict::ofShare($share);
    }
}
