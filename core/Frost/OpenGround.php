<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Site\Site;

/** Depth of frost in the open ground of a site in its design winter, by each of the sums; the deepest that claims to be exact governs. */
final readonly class OpenGround
{
    /**
     * @param  float  $factor  surface freezing factor n
     * @param  float  $stefan  m; leaves out the heat of the ground, so that it is too deep
     * @param  float  $berggren  m, mean properties
     * @param  float  $exact  m, Neumann with each side's own properties
     * @param  float  $standard  m, EN ISO 13793
     */
    private function __construct(
        public float $factor,
        public float $stefan,
        public float $berggren,
        public float $exact,
        public float $standard,
    ) {}

    /** Null where there is nothing to sum: no frost, or no water in the ground. */
    public static function of(Site $site, DesignWinter $winter, FrozenSoil $soil): ?self
    {
        if (! $winter->freezes() || $winter->season->days < 1 || $soil->latent <= 0.0) {
            return null;
        }
        $factor = $site->frost->surface->freezingFactor($site->frost->snow);
        $index = $factor * $winter->index;
        $mean = $winter->outdoor->mean;

        return new self(
            $factor,
            FrostDepth::stefan($soil->frozen, $soil->latent, $index),
            FrostDepth::berggren(($soil->frozen + $soil->thawed) / 2, ($soil->frozenCapacity + $soil->thawedCapacity) / 2, $soil->latent, $index, $winter->season->days, $mean),
            FrostDepth::exact($soil, $index, $winter->season->days, $mean),
            FrostDepth::standard($soil, $index, $mean),
        );
    }

    /** m. */
    public function depth(): float
    {
        return max($this->berggren, $this->exact, $this->standard);
    }

    /** Which sum that is. */
    public function governs(): string
    {
        return match ($this->depth()) {
            $this->standard => 'EN ISO 13793',
            $this->exact => 'Neumann, frozen and thawed apart',
            default => 'modified Berggren',
        };
    }
}
