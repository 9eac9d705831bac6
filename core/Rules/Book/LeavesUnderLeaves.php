<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Schools\StemOfLeaves;
use Ondergrond\Material\Kind;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Verdict\Severity;

final class LeavesUnderLeaves extends Rule
{
    public function asks(): string
    {
        return 'The leaves of the stem stand under those of the wall.';
    }

    public function why(): string
    {
        return 'A wall’s cavity that ends on a leaf is a bridge, and its water runs on to that leaf.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Heat;
    }

    public function parts(): array
    {
        return [Part::Stem, Part::Wall];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! $d->stem->hasLeaves()) {
            return null;
        }
        $above = self::cavityOfWall($d);
        if ($above === null) {
            return $this->note('The stem has two leaves, the wall over it no cavity.');
        }
        $off = max(abs($above[0] + $d->stem->leaves[1]->thickness), abs($above[1] + $d->stem->leaves[1]->thickness + $d->stem->cavity()));

        return $off <= 0.015 ? null : $this->fix(
            'The wall’s cavity stands %1$s beside the stem’s.', Measure::size($off), Measure::size(0.015),
            Remedy::of('Make the stem’s leaves and cavity those of the wall.',
                static fn (Design $d): Design => $d->with(StemOfLeaves::under($d))),
        );
    }

    /** @return array{float, float}|null x of its outer and its inner face, m; null where the wall has none */
    private static function cavityOfWall(Design $d): ?array
    {
        foreach ([[array_reverse($d->wall->inside), -1], [$d->wall->outside, 1]] as [$layers, $way]) {
            $x = 0.0;
            foreach ($layers as $layer) {
                $end = $x + $way * $layer->thickness;
                if ($layer->material->slug === 'cavity-wool' && self::isMasonry($d)) {
                    return [max($x, $end), min($x, $end)];
                }
                $x = $end;
            }
        }

        return null;
    }

    private static function isMasonry(Design $d): bool
    {
        $leaves = array_filter(
            [...$d->wall->inside, ...$d->wall->outside], static fn (Layer $l): bool => $l->material->kind === Kind::Masonry,
        );

        return count($leaves) === 2;
    }
}
