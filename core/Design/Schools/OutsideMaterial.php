<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Design;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Hatch;

final class OutsideMaterial implements School
{
    public function slug(): string
    {
        return 'outside-material';
    }

    public function question(): string
    {
        return 'The board outside';
    }

    public function answers(): array
    {
        return ['foam' => 'Foam', 'mineral' => 'Mineral wool'];
    }

    public function decides(): string
    {
        return 'Foam is strong and stays dry. Wool means less foam and less carbon, has little strength, and needs the pest shield '
            .'all the same.';
    }

    public function answer(Design $design): ?string
    {
        return $design->edgeOutside->present() ? ($design->edgeOutside->layer->material->hatch === Hatch::Wool ? 'mineral' : 'foam') : null;
    }

    public function follow(Design $design, string $answer): Design
    {
        $material = Catalogue::get($answer === 'mineral' ? 'stone-wool-board' : 'xps-25psi');

        return $answer === $this->answer($design) ? $design : $design->with(
            ['edgeOutside' => new OutsideBoard($design->edgeOutside->layer->made($material), $design->edgeOutside->depthBelowGrade)],
        );
    }
}
