<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Part;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Section\Layout;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class RockInTheDig extends Rule
{
    /** Nobody counts less, m³. */
    private const LITTLE = 0.1;

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
        return [Part::Stone, Part::Footing, Part::Pads, Part::Supports, Part::Wing];
    }

    public function weights(): array
    {
        return [Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $ledge = $s->site->frost->ledge;
        $deepest = self::deepest($s);

        if ($ledge === null || $deepest <= $ledge + 0.005) {
            return null;
        }
        $volume = self::volume($s, $ledge);

        return new Finding(
            $this, Severity::Note, $volume < self::LITTLE ? Said::of(
                'Rock lies %s below the ground, and the dig goes down to %s: it is broken out, or the foundation stands on it.',
                Measure::depth($ledge), Measure::depth($deepest),
            ) : Said::of(
                'Rock lies %s below the ground, and the dig goes down to %s: some %s of it is broken out, or the foundation stands on it.',
                Measure::depth($ledge), Measure::depth($deepest), Measure::of($volume, Quantity::Bulk),
            ), Measure::depth($deepest), Measure::depth($ledge), null,
        );
    }

    /**
     * Of rock in the floor's dig, in the trench along its edge, under the wing and where posts have pads of their own, m³; the pads
     * of the loads' post are as many as the plan has.
     */
    private static function volume(Subject $s, float $ledge): float
    {
        $d = $s->design;
        $sum = $d->isNew(Part::Slab) || $d->isNew(Part::Stone)
            ? $d->footprint->area * max(0.0, -Layout::of($d)->dig - $ledge) : 0.0;
        foreach (Stretch::all($d) as $stretch) {
            $at = Layout::of($stretch->design, $stretch->kind);
            $wide = $d->stem->present() ? $d->footing->width : $d->edgeBeam->width;
            $new = $d->stem->present() ? $d->isNew(Part::Footing) : $d->isNew(Part::Beam);
            $sum += $new ? $stretch->length * $wide * max(0.0, -$at->trench - max($ledge, -$at->dig)) : 0.0;
        }
        $wing = $d->isNew(Part::Wing) ? max(0.0, $d->wing->depth + $d->wing->layer->thickness - $ledge) : 0.0;

        $pads = 0.0;
        foreach ($d->isNew(Part::Supports) ? $d->supports->kinds() : [] as $of) {
            $down = $of->foot() === SupportFoot::OwnPad ? $of->height() - $d->slab->underside() : 0.0;
            $pads += $of->amount() * $of->width() * ($of->isStrip() ? 1.0 : $of->width())
                * max(0.0, $down - max($ledge, -Layout::of($d)->dig));
        }

        return $sum + $pads + $wing * $d->wing->width * $d->footprint->exposed;
    }

    /** Below the ground outside, m. */
    private static function deepest(Subject $s): float
    {
        $depths = $s->design->pads->present() ? [$s->design->pads->depthBelowGrade] : [0.0];
        if ($s->design->supports->padHeight() > 0.0) {
            $depths[] = $s->design->supports->padHeight() - $s->design->slab->underside();
        }
        if ($s->design->wing->present()) {
            $depths[] = $s->design->wing->depth + $s->design->wing->layer->thickness;
        }
        foreach (Stretch::all($s->design) as $stretch) {
            $at = Layout::of($stretch->design, $stretch->kind);
            // A floor and its bed are dug wherever a slab or stone lies.
            $depths = [...$depths, -$at->trench, -$at->dig];
        }

        return max($depths);
    }
}
