<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Damp\DampVerdict;
use Ondergrond\Design\Bond;
use Ondergrond\Design\Design;
use Ondergrond\Design\InsideBoard;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Schools\StemOfLeaves;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Ground\GroundField;
use Ondergrond\Material\Catalogue;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;

/**
 * What makes a mouldy face warm enough: changes that the trade makes there (common practice, no source), each tried by rough fields
 * before it is offered, from the slightest on.
 */
final class WarmerFace
{
    /** Of all sections of a design together: rough ones answer in a quarter of a second. */
    private const CELLS = 8000;

    /** So many are tried. */
    private const TRIES = 8;

    /** Rough fields are trusted with this much to spare, of the limit. */
    private const SPARE = 0.01;

    /** @var array<string, Remedy|null> of designs that were tried, by what they are */
    private static array $known = [];

    private function __construct(private readonly Subject $s) {}

    /** The slightest change with which no face grows mould in a heating month; null where none of those tried does. */
    public static function remedy(Subject $s): ?Remedy
    {
        // The same page asks more than once.
        $key = md5(serialize([$s->site, $s->design, $s->units]));
        if (! array_key_exists($key, self::$known)) {
            self::$known = array_slice(self::$known, -20, null, true);
            self::$known[$key] = (new self($s))->found();
        }

        return self::$known[$key];
    }

    private function found(): ?Remedy
    {
        $tries = 0;
        foreach ($this->candidates() as $remedy) {
            try {
                $then = $remedy->applied($this->s->design);
            } catch (FaultyInput) {
                continue;
            }
            if ($tries++ >= self::TRIES) {
                return null;
            }
            if ($this->isDry($then)) {
                return $remedy;
            }
        }

        return null;
    }

    private function isDry(Design $then): bool
    {
        $stretches = Stretch::all($then);
        $sides = GroundField::each($this->s->site, $stretches, mostCells: intdiv(self::CELLS, count($stretches)));
        $damp = DampVerdict::of($this->s->site, $then, $sides);
        $heating = $this->s->site->heatingMonths();
        foreach ($damp->surfaces ?? [] as $surface) {
            foreach ($surface->humidity as $i => $share) {
                if (in_array($i + 1, $heating, true) && $share > 0.8 * (1 - self::SPARE)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return iterable<Remedy> from the slightest on */
    private function candidates(): iterable
    {
        $d = $this->s->design;
        $in = $this->s->stock;
        $with = new Companions($in);
        $size = static fn (float $inches, float $millimetres): Measure => Measure::size($in->size($inches, $millimetres));
        if ($d->threshold->present() || $d->footprint->doors > 0.0) {
            foreach ([[1.5, 40], [3, 80]] as [$inches, $mm]) {
                yield Remedy::of(
                    Said::of('Fill %s of foam into the concrete at doors.', $size($inches, $mm)),
                    static fn (Design $d): Design => $d->with(['threshold' => $d->threshold->but(
                        layer: $in->layer('xps-40psi', $inches, $mm),
                        width: max($d->threshold->width,
                            min($in->size(6, 150), $d->stem->present() ? $d->stem->layer->thickness : $d->edgeBeam->width)),
                    )]),
                );
            }
        }
        if ($d->stem->present() && $this->s->hasCavity() && ! $d->stem->hasLeaves() && ! $d->form->present()) {
            yield Remedy::of(
                'Build the stem in two leaves under those of the wall, insulated down past the floor.',
                static fn (Design $d): Design => $d->with(StemOfLeaves::under($d)),
            );
        }
        if ($d->stem->hasLeaves()) {
            yield Remedy::of(
                'Make the stem’s inner leaf of light-weight block, insulated down past the floor.',
                static fn (Design $d): Design => $d->with([
                    'stem' => $d->stem->but(leaves: [$d->stem->leaves[0]->made(Catalogue::get('light-block')), $d->stem->leaves[1]]),
                    'cavity' => StemOfLeaves::under($d)['cavity'],
                ]),
            );
        }
        foreach ([[2, 50], [4, 100], [6, 150]] as [$inches, $mm]) {
            $thick = $in->size($inches, $mm);
            if (! $d->stem->hasLeaves() && $thick > $d->edgeOutside->layer->thickness + 1e-6) {
                yield Remedy::of(
                    Said::of('Stand %s of board on the outer face, from the foot up past the floor.', $size($inches, $mm)),
                    fn (Design $d): Design => $with->ofFoam($d->with(['edgeOutside' => new OutsideBoard(
                        ($d->edgeOutside->present() ? $d->edgeOutside->layer : $in->layer('xps-25psi', 2, 50))->thick($thick),
                        max($d->edgeOutside->present() ? $d->edgeOutside->depthBelowGrade : 0.0, $this->foot()),
                    )])),
                );
            }
            if ($d->hasRoomBelowGrade() && ! $d->lining->present() && ! $d->form->present()) {
                yield Remedy::of(
                    Said::of('Line the wall inside with %s of board under plasterboard.', $size($inches, $mm)),
                    static fn (Design $d): Design => $d->with(['lining' => $d->lining->but(
                        layers: [$in->layer('gypsum-board', 0.5, 12.5), $in->layer('xps-25psi', $inches, $mm)], gapAboveFloor: 0.0,
                        bond: Bond::Dabs,
                    )]),
                );
            }
            if ($d->stem->present() && $thick > $d->edgeInside->layer->thickness + 1e-6 && $d->slab->present()) {
                yield Remedy::of(
                    Said::of('Stand %s of board between slab and stem.', $size($inches, $mm)),
                    static fn (Design $d): Design => $d->with(['edgeInside' => new InsideBoard($in->layer('xps-25psi', $inches, $mm))]),
                );
            }
        }
        if ($d->fieldBoard->thickness < $in->size(4, 100) - 1e-6 && ! $d->boardAbove->present() && $d->slab->present()) {
            yield Remedy::of(
                Said::of('Lay %s of board under the slab.', $size(4, 100)),
                static fn (Design $d): Design => $with->ofMiddle($d->with(['fieldBoard' => $d->fieldBoard->thick($in->size(4, 100))])),
            );
        }
    }

    /** Down to where what bears ends, m below the ground. */
    private function foot(): float
    {
        $at = $this->s->at;

        return max(0.05, -($this->s->design->stem->present() && $at->toe > $this->s->design->form->outside ? $at->stemFoot : $at->foot));
    }
}
