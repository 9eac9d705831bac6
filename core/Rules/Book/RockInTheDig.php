<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Severity;
use Ondergrond\Rules\Subject;
use Ondergrond\Section\Layout;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\Measure;

final class RockInTheDig extends Rule
{
    public function asks(): string
    {
        return 'What is dug stays above the rock, or the rock is taken out.';
    }

    public function why(): string
    {
        return 'Rock found by the digger stops the job for days: it is broken, stepped over, or the floor is raised.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Stone, Part::Footing, Part::Pads];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $ledge = $s->site->frost->ledge;
        $deepest = self::deepest($s);

        return $ledge === null || $deepest <= $ledge + 0.005 ? null : $this->note(
            'Rock lies %2$s below the ground, and the dig goes down to %1$s: it is broken out, or the foundation stands on it.',
            Measure::depth($deepest), Measure::depth($ledge),
        );
    }

    /** Below the ground outside, m. */
    private static function deepest(Subject $s): float
    {
        $depths = $s->design->pads->present() ? [$s->design->pads->depthBelowGrade] : [0.0];
        foreach (Stretch::all($s->design) as $stretch) {
            $at = Layout::of($stretch->design, $stretch->kind);
            // A floor and its bed are dug wherever a slab or stone lies.
            $depths = [...$depths, -$at->trench, -$at->dig];
        }

        return max($depths);
    }
}
