<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Design;
use Ondergrond\Design\EdgeBeam;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Form;
use Ondergrond\Design\InsideBoard;
use Ondergrond\Design\Layer;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Stem;
use Ondergrond\Design\Threshold;
use Ondergrond\Design\Wing;
use Ondergrond\Material\Catalogue;

final class FrostDefence implements School
{
    public function slug(): string
    {
        return 'frost';
    }

    public function question(): string
    {
        return 'Frost';
    }

    public function answers(): array
    {
        return ['wing' => 'Shallow, with a wing', 'deep' => 'Footing below frost'];
    }

    public function decides(): string
    {
        return 'Rock near the surface, whether the building is always heated, and what digging costs.';
    }

    public function answer(Design $design): ?string
    {
        return match (true) {
            $design->hasRoomBelowGrade() || $design->deck->present() => null,
            $design->edgeBeam->present() && $design->wing->present() => 'wing',
            $design->stem->present() => 'deep',
            default => '',
        };
    }

    public function follow(Design $design, string $answer): Design
    {
        if ($answer === $this->answer($design)) {
            return $design;
        }
        $slab = $design->slab->topAboveGrade;
        if ($answer === 'wing') {
            $depth = max($slab + 0.25, $design->slab->layer->thickness + 0.2);
            $outside = $design->edgeOutside->present() ? $design->edgeOutside->layer : Layer::of(Catalogue::get('xps-25psi'), 0.1);

            return $design->with([
                'stem' => new Stem($design->stem->layer->thick(0.0), $design->stem->topAboveGrade),
                'cavity' => $design->cavity->but(toBelowFloor: 0.0),
                'footing' => $design->footing->but(width: 0.0),
                'form' => new Form(
                    $design->form->material, 0.0, 0.0, $design->form->starts, $design->form->webSpacing,
                    $design->form->webThickness,
                ),
                'edgeBeam' => $design->edgeBeam->present() ? $design->edgeBeam : new EdgeBeam(0.35, $depth),
                'edgeInside' => new InsideBoard(
                    $design->edgeInside->present() ? $design->edgeInside->layer : Layer::of(Catalogue::get('xps-25psi'), 0.1),
                ),
                'edgeUnder' => $design->edgeUnder->present() ? $design->edgeUnder : Layer::of(Catalogue::get('xps-40psi'), 0.1),
                'edgeOutside' => new OutsideBoard($outside, max(0.2, $depth - $slab)),
                'threshold' => new Threshold(
                    $design->threshold->layer->thick(min($design->threshold->layer->thickness, $depth - 0.06)),
                    $design->threshold->width,
                ),
                'wing' => new Wing(
                    $design->wing->layer->present() ? $design->wing->layer : Layer::of(Catalogue::get('xps-40psi'), 0.05),
                    $design->wing->width > 0.0 ? $design->wing->width : 1.2,
                    min(0.25, $depth - $slab),
                    $design->wing->fall,
                ),
            ]);
        }

        return $design->with([
            'edgeBeam' => new EdgeBeam(0.0, $design->edgeBeam->depth),
            'edgeInside' => new InsideBoard($design->edgeInside->layer->thick(min(0.1, $design->edgeInside->layer->thickness))),
            'edgeUnder' => $design->edgeUnder->thick(0.0),
            'stem' => new Stem(Layer::of(Catalogue::get('reinforced-concrete'), 0.2), max($slab, 0.15)),
            'footing' => new Footing(0.5, 0.3, max(1.2, 0.3 - $slab)),
            'edgeOutside' => new OutsideBoard(
                $design->edgeOutside->layer,
                min(0.9, $design->edgeOutside->depthBelowGrade > 0.0 ? max(0.6, $design->edgeOutside->depthBelowGrade) : 0.6),
            ),
            'wing' => new Wing($design->wing->layer->thick(0.0), $design->wing->width, $design->wing->depth, $design->wing->fall),
        ]);
    }
}
