<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/** What a value in files is and in which SI unit it stands, told by the ending of its key: `thickness_m`, `line_kn_m`, `indoor_c`. */
enum KeyEnding: string
{
    // The first that fits counts, so that longer endings stand before the shorter ones they end in.
    case Openings = '_m2_per_m';
    case AirChanges = '_per_h';
    case Resistance = '_r_m2kw';
    case Capacity = '_kj_m2k';
    case Transmittance = '_w_m2k';
    case HeatFlux = '_w_m2';
    case Density = '_kg_m3';
    case LineLoad = '_kn_m';
    case Force = '_kn';
    case AreaLoad = '_kpa';
    case PeakPower = '_kw';
    case Speed = '_m_s';
    case Permeability = '_m_d';
    case Rain = '_mm_h';
    case Ratio = '_ratio';
    case Days = '_days';
    case Years = '_years';
    case Hours = '_hours';
    case Share = '_share';
    case Angle = '_deg';
    case FreezingIndex = '_c_d';
    case HeatLoss = '_w_k';
    case Energy = '_kwh';
    case Power = '_w';
    case Area = '_m2';
    case Thickness = '_m';
    case Temperature = '_c';
    case TemperatureDifference = '_k';

    /** @param  string  $key  or a path or pointer that ends in one; the places in a list may follow it */
    public static function of(string $key): ?self
    {
        $key = (string) preg_replace('~[./]\d+$~', '', $key);
        foreach (self::cases() as $ending) {
            if (str_ends_with($key, $ending->value)) {
                return $ending;
            }
        }

        return null;
    }

    public function quantity(): Quantity
    {
        foreach (Quantity::cases() as $quantity) {
            if ($quantity->name === $this->name) {
                return $quantity;
            }
        }
        throw new \LogicException("no quantity {$this->name}");
    }

    /** The unit that values in files have, as it is written after one, with its space. */
    public function unit(): string
    {
        return match ($this) {
            self::Thickness => ' m',
            self::Angle => '°',
            self::Share, self::Ratio => '',
            default => ' '.$this->quantity()->unit(UnitSystem::Metric)->symbol,
        };
    }
}
