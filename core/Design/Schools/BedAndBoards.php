<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Service;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Kind;

final class BedAndBoards implements School
{
    private const BOARDS = 'boards';

    private const FOAM_GLASS = 'foam-glass';

    /** 16 in, m; common practice, no source. */
    private const DEEP = 0.4;

    public function slug(): string
    {
        return 'bed';
    }

    public function question(): string
    {
        return 'Stone and boards, or one deep bed of foam glass';
    }

    public function answers(): array
    {
        return [self::BOARDS => 'Stone and boards', self::FOAM_GLASS => 'Deep foam-glass bed'];
    }

    public function decides(): string
    {
        return 'A deep bed is base, capillary break and insulation in one, carries and drains, and takes no foam; more is dug for it, comes in bulk '
            .'bags, and its R is that of a third as many boards. Its strength is its data sheet’s.';
    }

    public function answer(Design $design): ?string
    {
        $d = $design;
        if (! $d->isNew(Part::Slab) || ! $d->slab->present() || $d->deck->present() || ! $d->fieldBoard->present()) {
            return null;
        }

        return $d->fieldBoard->material->kind === Kind::FoamGlass ? self::FOAM_GLASS : self::BOARDS;
    }

    public function follow(Design $design, string $answer): Design
    {
        if ($answer === $this->answer($design)) {
            return $design;
        }
        $deep = $answer === self::FOAM_GLASS;
        $board = $deep ? Layer::of(Catalogue::get('foam-glass-aggregate'), self::DEEP) : Layer::of(Catalogue::get('xps-25psi'), 0.05);

        return $design->with([
            'fieldBoard' => $board,
            'perimeterBoard' => $deep ? $design->perimeterBoard->but(width: 0.0) : $design->perimeterBoard,
            // Under a beam, which the bed does not reach, the stone stays.
            'stone' => $deep && $design->stem->present() ? $design->stone->thick(0.0) : $design->stone->thick(
                max($design->stone->thickness, 0.15),
            ),
            'drains' => $deep && $design->stem->present() ? $design->drains->but(inner: 0.0) : $design->drains,
            'service' => $deep && $design->stem->present() ? new Service(0.0) : $design->service,
        ]);
    }
}
