<?php

declare(strict_types=1);

namespace Ondergrond\Material;

use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;

/** A place in the foundation that a material is chosen for. */
enum Place: string
{
    case Slab = 'slab';
    case UnderSlab = 'under-slab';
    case UnderBearing = 'under-bearing';
    case OnSlab = 'on-slab';
    case Mat = 'mat';
    case Upstand = 'upstand';
    case Screed = 'screed';
    case Blinding = 'blinding';
    case Bed = 'bed';
    case EdgeInside = 'edge-inside';
    case EdgeOutside = 'edge-outside';
    case Stem = 'stem';
    case Form = 'form';
    case Lining = 'lining';
    case Wing = 'wing';
    case Cover = 'cover';
    case Drainage = 'drainage';
    case Threshold = 'threshold';
    case Joint = 'joint';
    case Closer = 'closer';
    case Cavity = 'cavity';
    case Wall = 'wall';
    case Deck = 'deck';

    /** In a sentence. */
    public function label(): string
    {
        return match ($this) {
            self::Slab => 'the slab',
            self::UnderSlab => 'under the slab',
            self::UnderBearing => 'under the edge beam or footing',
            self::Mat => 'on an old slab, under the boards',
            self::OnSlab => 'on the slab, under the screed',
            self::Upstand => 'round the edge of the screed',
            self::Screed => 'the screed',
            self::Blinding => 'the blinding',
            self::Bed => 'the bed',
            self::EdgeInside => 'inside the edge',
            self::EdgeOutside => 'outside the edge',
            self::Stem => 'the stem wall',
            self::Form => 'a permanent form',
            self::Lining => 'the inside of the stem wall',
            self::Wing => 'the wing',
            self::Cover => 'over the outside board',
            self::Drainage => 'the drainage layer',
            self::Threshold => 'the threshold',
            self::Joint => 'between heated and unheated slab',
            self::Closer => 'across the cavity',
            self::Cavity => 'in the stem’s cavity',
            self::Wall => 'the wall',
            self::Deck => 'the deck',
        };
    }

    /** Compressive strength a board needs there, kPa; common practice, no source: 25 psi under a slab, 40 under a bearing. */
    public function strength(): float
    {
        return match ($this) {
            self::UnderBearing => 270.0,
            self::Wing => 170.0,
            self::UnderSlab, self::OnSlab => 100.0,
            default => 0.0,
        };
    }

    /** Whether it lies against wet ground. */
    public function isWet(): bool
    {
        return in_array($this, [self::EdgeOutside, self::Wing, self::Form, self::UnderBearing], true);
    }

    /** Why a material may not go there, a clause; null where it may. */
    public function whyNot(Material $material): ?Said
    {
        $board = in_array($material->hatch, [Hatch::Foam, Hatch::DenseFoam, Hatch::Wool], true);

        return match (true) {
            $material->fits($this) => null,
            $board && $material->strength !== null && $material->strength < $this->strength() => Said::of(
                '%s is too soft, at least %s',
                Measure::pressure($material->strength),
                Measure::pressure($this->strength()),
            ),
            $board && $material->strength === null && $this->strength() > 200.0 => Said::of('crushes under a bearing'),
            $board && $material->mu > 10.0 && $this->isWet() => Said::of('takes up water against the ground'),
            default => Said::of('not made for '.$this->label()),
        };
    }
}
