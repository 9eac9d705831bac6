<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Material\Catalogue;
use Ondergrond\Rules\Companions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class FieldBoardFirm extends Rule
{
    /** 25 psi as boards are graded (ASTM C578, from memory), kPa. */
    private const LEAST = 173.0;

    public function asks(): string
    {
        return 'The board under a slab is 25 psi (173 kPa) or more.';
    }

    public function why(): string
    {
        return 'Barrows, bars and the pour go over it before the slab ever spreads a load.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Field, Part::Perimeter];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $soft = null;
        foreach ([$d->fieldBoard, ...($d->perimeterBoard->present() ? [$d->perimeterBoard->layer] : [])] as $board) {
            $soft = $board->present() && $board->material->strength !== null && $board->material->strength < self::LEAST ? $board : $soft;
        }
        $harden = static fn (Layer $l): Layer => ($l->material->strength ?? INF) < self::LEAST ? $l->made(Catalogue::get('eps-25psi')) : $l;

        return $soft === null || ! $d->slab->present() ? null : $this->fix(
            'A board under the slab stands %1$s, %2$s is wanted there.', Measure::pressure((float) $soft->material->strength),
            Measure::pressure(self::LEAST),
            Remedy::of(
                'Lay 25 psi (173 kPa) board under the slab.',
                static fn (Design $d): Design => (new Companions($s->stock))->ofMiddle($d->with(
                    [
                        'fieldBoard' => $harden($d->fieldBoard),
                        'perimeterBoard' => $d->perimeterBoard->but(layer: $harden($d->perimeterBoard->layer)),
                    ],
                )),
            ),
        );
    }
}
