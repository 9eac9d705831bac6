<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Units\Quantity;

/** Which kind of value a field of the project file holds, told by its path: `slab.thickness_m`, `climate.design_c`. */
final class FieldQuantity
{
    /** Null where the field holds words, not a quantity. */
    public static function of(string $path): ?Quantity
    {
        $key = (string) preg_replace('~\.\d+$~', '', $path);

        return match (true) {
            str_ends_with($key, '_deg') => Quantity::Angle,
            str_ends_with($key, '.zones') => Quantity::Ratio,
            str_ends_with($key, '_kj_m2k') => Quantity::Capacity,
            str_ends_with($key, '_w_m2') => Quantity::HeatFlux,
            str_ends_with($key, '_kw') => Quantity::PeakPower,
            str_ends_with($key, '_m2_per_m') => Quantity::Openings,
            str_ends_with($key, '_per_h') => Quantity::AirChanges,
            str_ends_with($key, '_m_s') => Quantity::Speed,
            str_ends_with($key, '_m_d') => Quantity::Permeability,
            str_ends_with($key, '_mm_h') => Quantity::Rain,
            str_ends_with($key, '_ratio') => Quantity::Ratio,
            str_ends_with($key, '_days') => Quantity::Days,
            str_ends_with($key, '_r_m2kw') => Quantity::Resistance,
            str_ends_with($key, '_kn_m') => Quantity::LineLoad,
            str_ends_with($key, '_kn') => Quantity::Force,
            str_ends_with($key, '_kpa') => Quantity::AreaLoad,
            str_ends_with($key, '_w_m2k') => Quantity::Transmittance,
            str_ends_with($key, '_m2') => Quantity::Area,
            (bool) preg_match('~(sheet|membrane|dpc|shield)\.thickness_m$|web_thickness_m$~', $key) => Quantity::SheetThickness,
            (bool) preg_match('~footprint\.\w+_m$|perimeter_m$|requirements\.\w+_m$|room\.height_m$|heating\.loop_m$~', $key) => Quantity::Length,
            str_ends_with($key, '_m') => Quantity::Thickness,
            str_ends_with($key, '_c_d') => Quantity::FreezingIndex,
            str_ends_with($key, '_share') => Quantity::Share,
            str_ends_with($key, '_kg_m3') => Quantity::Density,
            str_ends_with($key, '_years') => Quantity::Years,
            str_ends_with($key, '_c') => Quantity::Temperature,
            str_ends_with($key, '_k') => Quantity::TemperatureDifference,
            default => null,
        };
    }
}
