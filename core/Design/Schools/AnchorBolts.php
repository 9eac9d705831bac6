<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\BoltsSet;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;

final class AnchorBolts implements School
{
    public function slug(): string
    {
        return 'bolts';
    }

    public function question(): string
    {
        return 'When the anchor bolts come in';
    }

    public function answers(): array
    {
        return [
            BoltsSet::Hung->value => 'Hung before the pour', BoltsSet::Wet->value => 'Set wet', BoltsSet::Drilled->value => 'Drilled after',
        ];
    }

    public function decides(): string
    {
        return 'Hung and tied they stand where they were measured; set wet they are quick and lean; drilled after finishing they are never in the '
            .'trowel’s way, cost a bit each, and need an edge distance that thin curbs lack.';
    }

    public function answer(Design $design): ?string
    {
        return $design->isNew(Part::Anchors)
            ? ($design->anchors->set === BoltsSet::NotSaid ? BoltsSet::Wet : $design->anchors->set)->value : null;
    }

    public function follow(Design $design, string $answer): Design
    {
        return $design->with(['anchors' => $design->anchors->but(set: BoltsSet::from($answer))]);
    }
}
