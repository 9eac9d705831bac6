<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class DowelsCloseEnough extends Rule
{
    /** From here a wall is tall, m: 4 ft. */
    private const LOW = 1.25;

    public function asks(): string
    {
        return 'Dowels tie the wall to its footing as closely as its height asks.';
    }

    public function why(): string
    {
        return 'The earth behind a tall wall pushes its foot off the footing.';
    }

    public function source(): string
    {
        return '4 ft apart on low walls, 1 ft on tall ones, common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::EdgeSteel, Part::Stem, Part::Footing];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $high = $s->at->top - $s->at->stemFoot;
        $most = $high > self::LOW ? $s->stock->size(12, 300) : $s->stock->size(48, 1200);
        $bars = $d->edgeSteel;

        return $bars->dowel <= 0.0 || ! $d->footing->present() || ! $d->isNew(Part::Footing) || $bars->dowelSpacing <= $most + 0.02
            ? null : $this->fix(
                'The dowels stand %1$s apart under a wall '.($high > self::LOW ? 'that is tall' : 'that is low').'; %2$s at most.',
                Measure::size($bars->dowelSpacing), Measure::size($most), Remedy::of(
                    Said::of('Set them %s apart.', Measure::size($most)),
                    static fn (Design $d): Design => $d->with(['edgeSteel' => $d->edgeSteel->but(dowelSpacing: $most)]),
                ),
            );
    }
}
