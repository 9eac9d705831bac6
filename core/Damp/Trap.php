<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetEdge;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Material\Kind;
use Ondergrond\Section\Layout;
use Ondergrond\Site\Site;
use Ondergrond\Verdict\Verdict;

/**
 * Water that is built in between two layers that hardly let it out. How fast it would dry is a steady sum over the year, from
 * saturated air where it lies to the room and outward.
 */
final readonly class Trap
{
    /** What stands in a turned-up sheet with boards in it before the pour: a millimetre of rain, kg/m²; common practice, no source. */
    private const RAIN = 1.0;

    /** What fresh or damp concrete gives to wood or wool against it, kg/m²; common practice, no source. */
    private const CONCRETE = 2.0;

    /** Longer than this it is not dry when it matters, years; common practice, no source. */
    public const YEARS = 5.0;

    private const SECONDS = 365 * 86400.0;

    /**
     * @param  Part  $part  that holds it
     * @param  string  $what  a clause: what lies between what
     * @param  float  $water  kg/m²
     * @param  float  $inward  s_d to the room, m
     * @param  float  $outward  s_d to ground or outdoor air, m
     * @param  float  $rate  what dries in a year, kg/m²
     */
    private function __construct(
        public Part $part,
        public string $what,
        public float $water,
        public float $inward,
        public float $outward,
        public float $rate,
    ) {}

    /** Years until it is dry; infinite where it never is. */
    public function years(): float
    {
        return $this->rate > 1e-9 ? $this->water / $this->rate : INF;
    }

    public function word(): Verdict
    {
        return $this->holds() ? Verdict::Holds : Verdict::Fails;
    }

    public function holds(): bool
    {
        return $this->years() <= self::YEARS;
    }

    /** @return list<self> */
    public static function all(Site $site, Design $design, DampAir $air): array
    {
        return array_values(array_filter([self::tray($site, $design, $air), self::lining($site, $design, $air)]));
    }

    /** Boards in a sheet that is turned up round them, under the slab. */
    private static function tray(Site $site, Design $d, DampAir $air): ?self
    {
        if (
            ! $d->sheet->present()
            || ! $d->fieldBoard->present()
            || $d->sheet->position !== SheetPosition::BelowBoards
            || $d->sheet->edge !== SheetEdge::TurnedUp
        ) {
            return null;
        }
        $layers = Layers::at(StackPlace::FloorMiddle, $d, Layout::of($d));
        [$inward, $outward] = self::split($layers, [Part::Field->value]);
        // Its boards are nearly as warm as the room above them and the ground below: the mean of both.
        $ground = self::ground($site);
        $warmth = array_map(static fn (float $t): float => ($t + $ground) / 2, $air->inside);

        return self::drying(
            Part::Field,
            'rain among the boards, between the sheet and '.($d->finish->kind->isTight() ? 'the floor’s finish' : 'the slab'),
            self::RAIN, $inward, $outward, $warmth, $air, Vapour::saturation($ground),
        );
    }

    /** Wood or wool between a sheet and a wall that is tight on its outside. */
    private static function lining(Site $site, Design $d, DampAir $air): ?self
    {
        $at = Layout::of($d);
        $soft = array_filter(
            $d->lining->layers,
            static fn (Layer $l): bool => $l->present() && in_array($l->material->kind, [Kind::Wood, Kind::MineralWool], true),
        );
        if (! $at->lining || $soft === []) {
            return null;
        }
        $layers = Layers::at(StackPlace::WallMiddle, $d, $at, min(0.0, $at->floor / 2));
        $slugs = array_map(static fn (Layer $l): string => Passage::layer($l, Part::Lining, Done::Yes)->name, $soft);
        $inward = $outward = 0.0;
        $passed = false;
        foreach ($layers as $layer) {
            $is = $layer->part === Part::Lining->value && in_array($layer->name, $slugs, true);
            $passed = $passed || $is;
            if (! $is) {
                $passed ? $outward += $layer->airLayer : $inward += $layer->airLayer;
            }
        }
        $ground = self::ground($site);
        // The wall's face behind insulation is nearly as cold as the ground.
        $cold = array_map(static fn (float $t): float => $ground + 0.2 * ($t - $ground), $air->inside);

        return self::drying(
            Part::Lining, 'the wall’s water in '.implode(' and ', $slugs).($inward > 5.0 ? ', behind a tight layer' : ''),
            self::CONCRETE, $inward, $outward, $cold, $air, Vapour::saturation($ground),
        );
    }

    /** Mean of the ground, °C: that of the year's air. */
    private static function ground(Site $site): float
    {
        return $site->climate->wave()->mean;
    }

    /**
     * @param  list<VapourLayer>  $layers
     * @param  list<string>  $parts  that hold the water
     * @return array{float, float} s_d inside of them and outside, m
     */
    private static function split(array $layers, array $parts): array
    {
        $inward = $outward = 0.0;
        $passed = false;
        foreach ($layers as $layer) {
            if (in_array($layer->part, $parts, true)) {
                $passed = true;
            } elseif ($passed) {
                $outward += $layer->airLayer;
            } else {
                $inward += $layer->airLayer;
            }
        }

        return [$inward, $outward];
    }

    /** @param  list<float>  $warmth  °C where the water lies, by month */
    private static function drying(
        Part $part,
        string $what,
        float $water,
        float $inward,
        float $outward,
        array $warmth,
        DampAir $air,
        float $ground,
    ): self {
        $rate = 0.0;
        foreach ($warmth as $i => $t) {
            $full = Vapour::saturation($t);
            $rate += max(
                0.0,
                Vapour::AIR * (($full - $air->insidePressure[$i]) / max(0.01, $inward) + ($full - $ground) / max(0.01, $outward)),
            ) * self::SECONDS / 12;
        }

        return new self($part, $what, $water, $inward, $outward, $rate);
    }
}
