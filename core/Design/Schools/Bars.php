<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\BarMaterial;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;

final class Bars implements School
{
    public function slug(): string
    {
        return 'bars';
    }

    public function question(): string
    {
        return 'Bars of steel or fibre polymer';
    }

    public function answers(): array
    {
        return [BarMaterial::Steel->value => 'Steel', BarMaterial::Polymer->value => 'Fibre polymer'];
    }

    public function decides(): string
    {
        return 'Polymer does not rust, weighs a quarter and is as dear at times; it is stronger in tension, stretches four times as far, '
            .'burns, laps longer, and cannot be bent on site: corners and hooks are ordered bent. An engineer decides.';
    }

    public function answer(Design $design): ?string
    {
        return $design->isNew(Part::Steel) || $design->isNew(Part::EdgeSteel) ? $design->steel->made->value : null;
    }

    public function follow(Design $design, string $answer): Design
    {
        $made = BarMaterial::from($answer);
        $lap = $design->edgeSteel->lap;

        return $made === $design->steel->made ? $design : $design->with([
            'steel' => $design->steel->but(made: $made),
            // A lap that is too short for what the bars are made of now grows with them.
            'edgeSteel' => $design->edgeSteel->but(lap: $lap > 0.0 ? max($lap, $made->lap() * $design->edgeSteel->thickest()) : 0.0),
        ]);
    }
}
