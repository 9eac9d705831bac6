<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Design\Bond;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Layer;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Kind;

/**
 * Foam board with sealed joints in place of what is soft in a lining: what the trade puts against a damp wall (common practice, no
 * source).
 */
final class LiningOfBoard
{
    /** Null where nothing soft is in it. */
    public static function remedy(Design $design): ?Remedy
    {
        $soft = static fn (Layer $l): bool => $l->insulates() && in_array($l->material->kind, [Kind::MineralWool, Kind::Wood], true);

        return array_filter($design->lining->layers, $soft) === [] ? null : Remedy::of(
            'Put foam board with taped joints against the wall in place of wool, without an inner sheet.',
            static fn (Design $d): Design => $d->with(['lining' => $d->lining->but(
                layers: array_values(array_map(
                    static fn (Layer $l): Layer => $soft($l) ? $l->made(Catalogue::get('xps-25psi')) : $l,
                    array_filter($d->lining->layers, static fn (Layer $l): bool => $l->material->slug !== 'polyethylene'),
                )),
                sealed: Done::Yes,
                bond: $d->lining->bond === Bond::NotSaid ? Bond::Dabs : $d->lining->bond,
            )]),
        );
    }
}
