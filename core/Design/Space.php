<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;

/** The space under the deck: its air. Says nothing where there is no deck. */
final readonly class Space implements DesignPart, Idle
{
    use Remade;

    /**
     * @param  float  $vents  area of openings for each metre of exposed perimeter, m²/m
     * @param  float  $wind  mean speed at 10 m, m/s
     * @param  WindShelter  $shelter  of the openings
     * @param  float  $airChanges  of an unheated basement, 1/h
     */
    public function __construct(
        #[Size('kind')]
        public Below $kind = Below::Heated,
        #[Size('vents', key: 'vents_m2_per_m')]
        public float $vents = 0.0015,
        #[Size('wind', key: 'wind_m_s')]
        public float $wind = 4.0,
        #[Size('stands')]
        public WindShelter $shelter = WindShelter::Average,
        #[Size('air changes', key: 'air_changes_per_h')]
        public float $airChanges = 0.3,
    ) {}

    public function idle(): array
    {
        return match ($this->kind) {
            Below::Heated => ['vents', 'wind', 'shelter', 'airChanges'],
            Below::Vented => ['airChanges'],
            Below::Unheated => ['vents', 'wind', 'shelter'],
        };
    }

    public function present(): bool
    {
        return $this->kind !== Below::Heated;
    }
}
