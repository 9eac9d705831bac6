<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Bond;
use Ondergrond\Design\Design;
use Ondergrond\Design\Form;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Lining;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Material\Catalogue;

final class WallSide implements School
{
    public function slug(): string
    {
        return 'wall-side';
    }

    public function question(): string
    {
        return 'Insulation of the wall below ground';
    }

    public function answers(): array
    {
        return ['outside' => 'Outside', 'inside' => 'Inside'];
    }

    public function decides(): string
    {
        return 'New or existing wall, water, pests, and whether its mass is wanted in the room. Insulated inside, the wall stays '
            .'colder and wetter and needs a strip of bare wall above ground to dry.';
    }

    public function answer(Design $design): ?string
    {
        return match (true) {
            ! $design->hasRoomBelowGrade() || $design->form->present() => null,
            $design->edgeOutside->present() => 'outside',
            $design->lining->present() => 'inside',
            default => '',
        };
    }

    public function follow(Design $design, string $answer): Design
    {
        if ($answer === $this->answer($design)) {
            return $design;
        }
        $none = new Form($design->form->material, 0.0, 0.0);
        if ($answer === 'inside') {
            $board = $design->edgeOutside->present() ? $design->edgeOutside->layer->thickness : 0.05;

            return $design->with([
                'form' => $none,
                'edgeOutside' => $design->edgeOutside->but(layer: $design->edgeOutside->layer->thick(0.0)),
                'cover' => $design->cover->but(layer: $design->cover->layer->thick(0.0)),
                'lining' => new Lining(
                    [Layer::of(Catalogue::get('gypsum-board'), 0.0125), Layer::of(Catalogue::get('xps-25psi'), $board)], bond: Bond::Dabs,
                ),
            ]);
        }
        $inner = array_filter($design->lining->layers, static fn (Layer $l): bool => $l->material->insulates());

        return $design->with([
            'form' => $none,
            'lining' => new Lining([]),
            'edgeOutside' => new OutsideBoard(
                Layer::of(
                    Catalogue::get('xps-25psi'),
                    max(0.05, array_sum(array_map(static fn (Layer $l): float => $l->thickness, $inner))),
                ),
                max(0.3, $design->footing->depthBelowGrade - $design->footing->height),
            ),
        ]);
    }
}
