<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Design;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Design\Layer;
use Ondergrond\Design\PerimeterBoard;
use Ondergrond\Design\UpperSheet;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Place;

final class BoardsAndSlab implements School
{
    /** m. */
    private const SCREED = 0.065;

    private const UPSTAND = 0.025;

    private const UPPER_SHEET = 0.00025;

    public function slug(): string
    {
        return 'boards';
    }

    public function question(): string
    {
        return 'Insulation and slab';
    }

    public function answers(): array
    {
        return ['below' => 'Boards below', 'above' => 'Boards above, with screed'];
    }

    public function decides(): string
    {
        return 'Below, the slab is in the warm and its mass can be used. Above, the floor answers fast and meets other levels, and '
            .'the board carries screed and use, not walls. Heating, headroom and old floors decide.';
    }

    public function answer(Design $design): ?string
    {
        return match (true) {
            ! $design->slab->present() => null,
            $design->boardAbove->present() => 'above',
            $design->fieldBoard->present() => 'below',
            default => null,
        };
    }

    public function follow(Design $design, string $answer): Design
    {
        if ($answer === $this->answer($design)) {
            return $design;
        }
        // The finished floor stays where it is.
        $floor = $design->finishedFloor();
        if ($answer === 'above') {
            $board = self::fitting($design->fieldBoard, Place::OnSlab);

            return $design->with([
                // But no slab with a beam lies below the ground.
                'slab' => $design->slab->but(
                    topAboveGrade: max($floor - $board->thickness - self::SCREED, $design->edgeBeam->present() ? 0.0 : -INF),
                ),
                'boardAbove' => $board,
                'fieldBoard' => $design->fieldBoard->thick(0.0),
                'perimeterBoard' => new PerimeterBoard($design->perimeterBoard->layer, 0.0),
                'screed' => Layer::of(Catalogue::get('screed'), self::SCREED),
                'upstand' => $board->thick(self::UPSTAND),
                'upperSheet' => new UpperSheet(self::UPPER_SHEET),
                'heating' => $design->heating->present() ? $design->heating->but(in: HeatedIn::Screed, depth: 0.04) : $design->heating,
            ]);
        }

        return $design->with([
            'slab' => $design->slab->but(topAboveGrade: $floor),
            'fieldBoard' => self::fitting($design->boardAbove, Place::UnderSlab),
            'boardAbove' => $design->boardAbove->thick(0.0),
            'screed' => $design->screed->thick(0.0),
            'upstand' => $design->upstand->thick(0.0),
            'upperSheet' => new UpperSheet(0.0),
            'heating' => $design->heating->present() ? $design->heating->but(
                in: HeatedIn::Slab,
                depth: min(0.05, $design->slab->layer->thickness),
            ) : $design->heating,
        ]);
    }

    private static function fitting(Layer $board, Place $place): Layer
    {
        return $board->material->fits($place) ? $board : $board->made(Catalogue::get('xps-25psi'));
    }
}
