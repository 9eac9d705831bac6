<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Cover;
use Ondergrond\Design\Design;
use Ondergrond\Design\Form;
use Ondergrond\Design\InsideBoard;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Lining;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Stem;
use Ondergrond\Material\Catalogue;

final class WallKind implements School
{
    public function slug(): string
    {
        return 'wall-kind';
    }

    public function question(): string
    {
        return 'The stem or basement wall';
    }

    public function answers(): array
    {
        return ['poured' => 'Poured', 'masonry' => 'Masonry, solid', 'leaves' => 'Masonry, two leaves', 'form' => 'Foam form'];
    }

    public function decides(): string
    {
        return 'Below ground a permanent form is usually cheaper than form, frame and insulation, and better; above it 5 to 7 % '
            .'dearer overall. A simple plan, wind and noise speak for it. Two leaves go with a cavity wall: its insulation runs on '
            .'down past the floor.';
    }

    public function answer(Design $design): ?string
    {
        return match (true) {
            ! $design->stem->present() => null,
            $design->form->present() => 'form',
            $design->stem->hasLeaves() => 'leaves',
            str_contains($design->stem->layer->material->slug, 'block') || $design->stem->layer->material->slug === 'brick' => 'masonry',
            default => 'poured',
        };
    }

    public function follow(Design $design, string $answer): Design
    {
        if ($answer === $this->answer($design)) {
            return $design;
        }
        $thick = $design->stem->layer->thickness;
        // What stands between two leaves goes with them.
        $open = $design->cavity->but(toBelowFloor: 0.0);
        if ($answer === 'leaves') {
            return $design->with([...StemOfLeaves::under($design), ...($design->form->present() ? [
                'form' => $design->form->but(inside: 0.0, outside: 0.0),
                'cover' => $design->cover->but(layer: $design->cover->layer->thick(0.0)),
            ] : [])]);
        }
        if ($answer === 'form') {
            return $design->with([
                'stem' => new Stem(Layer::of(Catalogue::get('reinforced-concrete'), 0.159), $design->stem->topAboveGrade),
                'cavity' => $open,
                'form' => new Form(Catalogue::get('eps-form'), 0.067, 0.067, $design->form->starts),
                'edgeInside' => new InsideBoard($design->edgeInside->layer->thick(0.0)),
                'edgeOutside' => new OutsideBoard($design->edgeOutside->layer->thick(0.0), $design->edgeOutside->depthBelowGrade),
                'lining' => new Lining([]),
            ]);
        }
        $parts = [
            'stem' => new Stem(
                Layer::of(Catalogue::get($answer === 'masonry' ? 'hollow-block' : 'reinforced-concrete'), max(0.2, $thick)),
                $design->stem->topAboveGrade,
            ),
            'cavity' => $open,
        ];
        if ($design->form->present()) {
            // The faces' foam goes outside as a board, as far down as the form went.
            $parts['edgeOutside'] = new OutsideBoard(
                Layer::of(Catalogue::get('xps-25psi'), 0.1),
                max(0.3, min($design->footing->depthBelowGrade, $design->footing->depthBelowGrade - $design->footing->height)),
            );
            $parts['form'] = new Form($design->form->material, 0.0, 0.0, $design->form->starts);
            $parts['cover'] = new Cover(Layer::of(Catalogue::get('cement-board'), 0.012), 0.3);
        }

        return $design->with($parts);
    }
}
