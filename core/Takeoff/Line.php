<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

use Ondergrond\Design\Part;
use Ondergrond\Plan\Kinds;

/** One line of an order: how much of one product for one part. */
final readonly class Line
{
    /**
     * @param  string  $id  made from what it is counted for; stays when sizes change
     * @param  string  $part  key of the part, or kind of the item, that it is for; `openings`
     * @param  string  $product  as people name it, with the size that is asked for
     * @param  float  $net  as drawn, laps and turn-ups in, without waste
     * @param  float  $waste  share of the net; common practice, no source
     * @param  Pack|null  $pack  null where it is bought by the unit
     * @param  string  $priced  slug of the material or good that the price list knows
     * @param  float  $perUnit  m³ in a unit where a material is priced by the cubic metre; 1 for goods
     * @param  string  $note  how it was counted, a clause
     * @param  string  $pour  which pour concrete belongs to; empty for what is not poured
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $product,
        public Unit $unit,
        public float $net,
        public float $waste,
        public ?Pack $pack,
        public string $priced,
        public float $perUnit = 1.0,
        public string $note = '',
        public string $pour = '',
    ) {}

    /** As pages name what it is for. */
    public function about(): string
    {
        return self::named($this->part);
    }

    /** As pages name a part, a kind of item, or the openings. */
    public static function named(string $part): string
    {
        $kind = Kinds::find($part);

        return Part::tryFrom($part)?->label() ?? ($kind === null ? ucfirst($part) : $kind::label());
    }

    /** Whole packs; 0 where it is bought by the unit. */
    public function packs(): int
    {
        return $this->pack === null ? 0 : (int) ceil(round($this->needed() / $this->pack->holds, 6));
    }

    /** With waste. */
    public function needed(): float
    {
        return $this->net * (1 + $this->waste);
    }

    /** That is asked for: with waste, in whole packs. */
    public function quantity(): float
    {
        return match (true) {
            $this->pack !== null => $this->packs() * $this->pack->holds,
            $this->unit === Unit::Piece => ceil(round($this->needed(), 6)),
            default => $this->needed(),
        };
    }

    /** What stays over of the packs, if no more is wasted. */
    public function over(): float
    {
        return $this->quantity() - $this->needed();
    }
}
