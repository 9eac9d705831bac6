<?php

declare(strict_types=1);

namespace Ondergrond\Mass;

use Ondergrond\Design\Part;
use Ondergrond\Mass\Question\CoastDown;
use Ondergrond\Mass\Question\SurplusPower;
use Ondergrond\Mass\Question\WarmUp;
use Ondergrond\Material\Catalogue;

/** The same rooms on the floor as it might have been: thick or thin, insulated above or below, of screed or concrete. */
final readonly class FloorVariant
{
    /** Under this a slab is no slab, m; a screed over boards, m; common practice, no source. */
    private const THINNEST = 0.05;

    private const SCREED = 0.065;

    /** Hours of cooling that are drawn. */
    private const DRAWN = 168;

    /**
     * @param  float  $inner  κ₁ of a day, air to air, J/(m²·K)
     * @param  float  $store  on the warm side, J/(m²·K)
     * @param  array<string, float|null>  $coast  figures of CoastDown
     * @param  list<float>  $cooling  rooms hour by hour after heating stops, so far as they are drawn, °C
     * @param  float|null  $warm  hours to warm up
     * @param  float|null  $takes  surplus power it takes in the coldest month, kWh; null without pipes or cable
     */
    public function __construct(
        public string $label,
        public bool $own,
        public float $inner,
        public float $store,
        public array $coast,
        public array $cooling,
        public ?float $warm,
        public ?float $takes,
    ) {}

    /** @return list<self> the floor as it is first */
    public static function all(Room $room): array
    {
        $own = MassStacks::of($room->site, $room->design)[0];
        $depth = $room->source === null ? null : $room->design->heating->depth;
        $all = [self::of('as drawn', true, $room, $own)];
        foreach (self::others($own->layers) as $label => [$layers, $source]) {
            $stack = new MassStack($own->place, $layers, $own->area, $room->site->soil);
            $all[] = self::of($label, false, $room->onFloor($layers, $depth === null ? null : min($depth, $source)), $stack);
        }

        return $all;
    }

    private static function of(string $label, bool $own, Room $room, MassStack $stack): self
    {
        $run = CoastDown::run($room);

        return new self(
            $label, $own, $stack->dynamic(Dynamic::DAY)->inner, $stack->store(),
            CoastDown::figures($room, $run), array_slice($run->room, 0, self::DRAWN),
            WarmUp::figures($room, WarmUp::run($room))['warm_h'], SurplusPower::takes($room),
        );
    }

    /**
     * @param  list<HeatLayer>  $layers
     * @return array<string, array{list<HeatLayer>, float}> by what is different, with the deepest that pipes may lie, m
     */
    private static function others(array $layers): array
    {
        $main = self::main($layers);
        if ($main === null) {
            return [];
        }
        $layer = $layers[$main];
        $others = [];
        $with = static function (HeatLayer $new) use ($layers, $main): array {
            $layers[$main] = $new;

            return [array_values($layers), 0.8 * $new->thickness];
        };
        $sized = static fn (float $thick): HeatLayer => HeatLayer::solid(
            $layer->name, $thick, $layer->conductivity(), $layer->capacity, $layer->part,
        );
        if ($layer->thickness / 2 >= self::THINNEST - 1e-9) {
            $others['half as thick'] = $with($sized($layer->thickness / 2));
        }
        $others['twice as thick'] = $with($sized(2 * $layer->thickness));
        $screed = Catalogue::get('screed');
        $concrete = Catalogue::get('reinforced-concrete');
        $other = $layer->part === Part::Screed->value ? $concrete : $screed;
        $others[$layer->part === Part::Screed->value ? 'of concrete, not screed' : 'of screed, not concrete'] = $with(
            HeatLayer::solid(
                mb_strtolower($other->name), $layer->thickness, $other->conductivity, $other->volumetricHeatCapacity(),
                $layer->part,
            ),
        );

        return [...$others, ...self::moved($layers)];
    }

    /**
     * The boards on the other side of the slab.
     *
     * @param  list<HeatLayer>  $layers
     * @return array<string, array{list<HeatLayer>, float}>
     */
    private static function moved(array $layers): array
    {
        $slab = self::find($layers, Part::Slab->value);
        $below = self::find($layers, Part::Field->value);
        $above = self::find($layers, Part::BoardAbove->value);
        if ($slab === null || ($below === null) === ($above === null)) {
            return [];
        }
        if ($above !== null) {
            // The screed goes with the boards: the slab is the floor.
            $kept = array_values(
                array_filter(
                    $layers,
                    static fn (HeatLayer $l): bool => ! in_array($l->part, [Part::BoardAbove->value, Part::Screed->value], true),
                ),
            );
            $at = (int) self::find($kept, Part::Slab->value);
            array_splice($kept, $at + 1, 0, [$layers[$above]]);

            return ['boards below the slab' => [$kept, 0.8 * $layers[$slab]->thickness]];
        }
        $kept = array_values(array_filter($layers, static fn (HeatLayer $l): bool => $l->part !== Part::Field->value));
        $at = (int) self::find($kept, Part::Slab->value);
        $screed = Catalogue::get('screed');
        array_splice(
            $kept,
            $at,
            0,
            [
                HeatLayer::solid('screed', self::SCREED, $screed->conductivity, $screed->volumetricHeatCapacity(), Part::Screed->value),
                $layers[(int) $below],
            ],
        );

        return ['boards above it, under 65 mm of screed' => [$kept, 0.8 * self::SCREED]];
    }

    /**
     * The layer that stores most in the warm.
     *
     * @param  list<HeatLayer>  $layers
     */
    private static function main(array $layers): ?int
    {
        $most = null;
        foreach ($layers as $i => $layer) {
            if ($layer->holdsBack()) {
                break;
            }
            if (
                in_array($layer->part, [Part::Slab->value, Part::Screed->value], true)
                && ($most === null || $layer->store() > $layers[$most]->store())
            ) {
                $most = $i;
            }
        }

        return $most;
    }

    /** @param  list<HeatLayer>  $layers */
    private static function find(array $layers, string $part): ?int
    {
        foreach ($layers as $i => $layer) {
            if ($layer->part === $part) {
                return $i;
            }
        }

        return null;
    }
}
