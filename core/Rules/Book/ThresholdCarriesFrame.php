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

final class ThresholdCarriesFrame extends Rule
{
    public function asks(): string
    {
        return 'The fill at a door is as wide as door and frame stand on it.';
    }

    public function why(): string
    {
        return 'Half on foam and half on concrete a frame tips, and the concrete is the bridge that the fill was to break.';
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
        return [Part::Threshold];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $edge = $d->stem->present() ? $d->stem->layer->thickness : $d->edgeBeam->width;
        $size = min($edge, $s->stock->up($d->threshold->frame));

        return ! $d->isNew(Part::Threshold) || $d->footprint->doors <= 0.0 || $d->threshold->frame <= 0.0
            || $d->threshold->width >= min($edge, $d->threshold->frame) - 0.001 ? null : $this->fix(
                'The fill at doors is %1$s wide; door and frame are %2$s deep.', Measure::size($d->threshold->width),
                Measure::size($d->threshold->frame), Remedy::of(
                    Said::of('Hold the concrete down over %s.', Measure::size($size)),
                    static fn (Design $d): Design => $d->with(['threshold' => $d->threshold->but(width: $size)]),
                ),
            );
    }
}
