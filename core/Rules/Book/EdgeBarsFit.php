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
use Ondergrond\Verdict\Severity;

final class EdgeBarsFit extends Rule
{
    public function asks(): string
    {
        return 'The bars fit into footing or beam with concrete round each.';
    }

    public function why(): string
    {
        return 'Bars that touch leave no way for stone and mortar, and hold nothing.';
    }

    public function source(): string
    {
        return 'ACI 318-19, 25.2.1, an inch or a bar apart (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::EdgeSteel, Part::Footing, Part::Beam];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        $bars = $d->edgeSteel;
        $width = $d->stem->present() ? $d->footing->width : $d->edgeBeam->width;
        $room = $width - 2 * $bars->cover - $bars->bar;
        $most = max(1, (int) floor($room / ($bars->bar + max(0.025, $bars->bar)) + 1e-9) + 1);

        return $bars->bar <= 0.0 || $width <= 0.0 || $bars->count <= $most ? null : $this->fix(
            sprintf('%d bars stand in %%1$s of width; no more than %d fit with their cover.', $bars->count, $most),
            Measure::size($width), remedy: Remedy::of(
                sprintf('Put in %d.', $most),
                static fn (Design $d): Design => $d->with(['edgeSteel' => $d->edgeSteel->but(count: (float) $most)]),
            ),
        );
    }
}
