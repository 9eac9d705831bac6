<?php

declare(strict_types=1);

namespace Ondergrond\Units;

/**
 * A kind of value: it knows the unit each system shows it in, how many decimals that carries, and which unit words a
 * person may type with it. SI base of each case: m, m², K or °C, m²K/W, W/(m²K), W/(m·K), W, kWh, kg/m³, kPa,
 * J/(m³K), W/m², 1/h, m/s, m²/m, W/K, kN/m, kN, °C·d, 1, years, days, Pa, kg/m², kg/(m²h), m³/s, m/day, mm/h, m³, W, °,
 * kJ/(m²K), kW, h, kWh, Pa, W/m.
 */
enum Quantity
{
    /** Sizes of boards, slabs and beams: mm or inches and sixteenths. */
    case Thickness;
    /** Depths that are worked out, not better than to 5 mm or a quarter of an inch. */
    case Depth;
    /** Sizes of buildings: m or feet and inches. */
    case Length;
    /** Sheets: mm or mil. */
    case SheetThickness;
    case Area;
    case Temperature;
    case TemperatureDifference;
    case Resistance;
    case Transmittance;
    case Conductivity;
    case Power;
    case Energy;
    case Density;
    case Pressure;
    case VolumetricHeatCapacity;
    case HeatFlux;
    /** Air changes an hour. */
    case AirChanges;
    /** Wind. */
    case Speed;
    /** Area of openings for a length of wall. */
    case Openings;
    /** Heat for a degree: H. */
    case HeatLoss;
    /** Heat for a degree from a metre of a junction: ψ. */
    case LinearTransmittance;
    /** Heat for a degree from one post through the boards: χ. */
    case PointTransmittance;
    /** A wall on its foundation. */
    case LineLoad;
    /** A post. */
    case Force;
    /** Use of a floor. */
    case AreaLoad;
    /** What a board or the ground is pressed with; strengths are Pressure. */
    case Stress;

    /** Degrees below freezing added up over days. */
    case FreezingIndex;

    /** Part of a whole. */
    case Share;

    case Years;

    case Days;

    /** Of water over cement, and the like: a bare number. */
    case Ratio;

    case VapourPressure;

    /** Water on or in a square metre. */
    case Water;

    /** Water that leaves fresh concrete. */
    case Evaporation;

    /** Water that drains carry and pumps lift. */
    case Flow;

    /** How fast water passes through the ground. */
    case Permeability;

    case Rain;

    /** Equivalent air layer of what vapour passes. */
    case AirLayer;

    /** Of water. */
    case Volume;
    /** Of boards, concrete, stone. */
    case Bulk;

    /** Taken by a pump. */
    case PumpPower;

    /** Of sun and compass. */
    case Angle;

    /** What a square metre stores for a kelvin: κ. */
    case Capacity;

    /** On a gauge, Pa. */
    case GaugePressure;

    /** Electric. */
    case PeakPower;

    case Hours;

    /** Heat that was stored, and electricity. */
    case Stored;

    /** Of water in pipes. */
    case PressureDrop;

    /** Of a cable along itself. */
    case LinearPower;

    public function unit(UnitSystem $system): Unit
    {
        $metric = $system === UnitSystem::Metric;

        return match ($this) {
            self::Thickness, self::Depth => $metric ? Unit::of('mm', 0.001) : Unit::of('in', Unit::INCH),
            self::Length => $metric ? Unit::si('m') : Unit::of('ft', Unit::FOOT),
            self::SheetThickness => $metric ? Unit::of('mm', 0.001) : Unit::of('mil', Unit::INCH / 1000),
            self::Area => $metric ? Unit::si('m²') : Unit::of('ft²', Unit::FOOT ** 2),
            self::Temperature => $metric ? Unit::si('°C') : Unit::fahrenheit(),
            self::TemperatureDifference => $metric ? Unit::si('K') : Unit::of('°F', 5 / 9),
            self::Resistance => $metric ? Unit::si('m²K/W') : Unit::rValue(),
            self::Transmittance => $metric ? Unit::si('W/(m²K)') : Unit::uFactor(),
            self::Conductivity => $metric ? Unit::si('W/(m·K)') : Unit::btuPerFoot(),
            self::Power => $metric ? Unit::si('W') : Unit::btuPerHour(),
            self::Energy => $metric ? Unit::si('kWh') : Unit::of('million Btu', Unit::BTU / 3.6),
            self::Density => $metric ? Unit::si('kg/m³') : Unit::poundPerCubicFoot(),
            self::AreaLoad => $metric ? Unit::si('kPa') : Unit::of('psf', 0.0478802589803),
            self::Pressure, self::Stress => $metric ? Unit::si('kPa') : Unit::psi(),
            self::AirChanges => Unit::si('1/h'),
            self::Speed => $metric ? Unit::si('m/s') : Unit::of('mph', 0.44704),
            self::Openings => $metric ? Unit::si('m²/m') : Unit::of('ft²/ft', Unit::FOOT),
            self::HeatLoss => $metric ? Unit::si('W/K') : Unit::btuPerHourDegree(),
            self::PointTransmittance => $metric ? Unit::si('W/K') : Unit::btuPerHourDegree(),
            self::LinearTransmittance => $metric ? Unit::si('W/(m·K)') : Unit::btuPerFoot(),
            self::LineLoad => $metric ? Unit::si('kN/m') : Unit::poundPerFoot(),
            self::Force => $metric ? Unit::si('kN') : Unit::pound(),
            self::FreezingIndex => $metric ? Unit::si('°C·d') : Unit::of('°F·d', 5 / 9),
            self::Share => Unit::of('%', 0.01),
            self::Years => Unit::si('years'),
            self::Days => Unit::si('days'),
            self::Ratio => Unit::si(''),
            self::VapourPressure => $metric ? Unit::si('Pa') : Unit::of('inHg', 3386.39),
            self::Water => $metric ? Unit::of('g/m²', 0.001) : Unit::of('oz/ft²', 0.028349523125 / Unit::FOOT ** 2),
            self::Evaporation => $metric ? Unit::si('kg/(m²h)') : Unit::of('lb/(ft²h)', 0.45359237 / Unit::FOOT ** 2),
            self::Flow => $metric ? Unit::of('l/min', 1 / 60000) : Unit::of('gal/min', 0.003785411784 / 60),
            self::Permeability => $metric ? Unit::si('m/day') : Unit::of('ft/day', Unit::FOOT),
            self::Rain => $metric ? Unit::si('mm/h') : Unit::of('in/h', 25.4),
            self::AirLayer => $metric ? Unit::si('m') : Unit::of('ft', Unit::FOOT),
            self::Volume => $metric ? Unit::of('l', 0.001) : Unit::of('gal', 0.003785411784),
            self::Angle => Unit::si('°'),
            self::Capacity => $metric ? Unit::si('kJ/(m²K)') : Unit::of('Btu/(ft²°F)', Unit::BTU / 1000 / Unit::FOOT ** 2 * 9 / 5),
            self::PeakPower => Unit::si('kW'),
            self::Bulk => $metric ? Unit::si('m³') : Unit::of('ft³', Unit::FOOT ** 3),
            self::Hours => Unit::si('h'),
            self::Stored => $metric ? Unit::si('kWh') : Unit::of('thousand Btu', Unit::BTU / 3600),
            self::LinearPower => $metric ? Unit::si('W/m') : Unit::of('W/ft', 1 / Unit::FOOT),
            self::PressureDrop => $metric ? Unit::of('kPa', 1000.0) : Unit::of('ft of water', 2989.06692),
            self::GaugePressure => $metric ? Unit::of('bar', 100_000.0) : Unit::of('psi', 6894.757293168),
            self::PumpPower => $metric ? Unit::si('W') : Unit::of('hp', 745.699872),
            self::HeatFlux => $metric ? Unit::si('W/m²') : Unit::of('Btu/(h·ft²)', Unit::BTU / 3600 / Unit::FOOT ** 2),
            self::VolumetricHeatCapacity => $metric ? Unit::of('MJ/(m³K)', 1e6) : Unit::btuPerCubicFootDegree(),
        };
    }

    /** Decimals shown; trailing zeros are dropped where trimmed() says so. */
    public function decimals(UnitSystem $system): int
    {
        $metric = $system === UnitSystem::Metric;

        return match ($this) {
            self::Thickness => $metric ? 1 : 2,
            self::Depth => $metric ? 0 : 2,
            self::Length => $metric ? 3 : 2,
            self::SheetThickness => $metric ? 3 : 1,
            self::Area, self::Pressure, self::Density => $metric ? 1 : 0,
            self::Temperature, self::TemperatureDifference, self::HeatFlux => 1,
            self::Resistance => $metric ? 2 : 1,
            self::Transmittance => 3,
            self::HeatLoss => 1,
            self::LinearTransmittance, self::PointTransmittance => 3,
            self::LineLoad, self::Force, self::AreaLoad => $metric ? 1 : 0,
            self::Stress => 1,
            self::AirChanges => 2,
            self::Speed => 1,
            self::Openings => 4,
            self::Conductivity => 3,
            self::Power, self::FreezingIndex, self::Years => 0,
            self::Share, self::AirLayer => 1,
            self::Days => 0,
            self::Ratio, self::Evaporation => 2,
            self::VapourPressure => $metric ? 0 : 3,
            self::Water => $metric ? 0 : 2,
            self::Flow, self::PressureDrop, self::LinearPower => 1,
            self::Angle, self::PeakPower => 1,
            self::GaugePressure => $metric ? 3 : 2,
            self::Capacity => $metric ? 0 : 1,
            self::Hours => 0,
            self::Stored => 1,
            self::Bulk => $metric ? 2 : 1,
            self::Volume => 0,
            self::Permeability => 4,
            self::Rain => $metric ? 0 : 1,
            self::PumpPower => $metric ? 0 : 2,
            self::Energy => $metric ? 0 : 1,
            self::VolumetricHeatCapacity => $metric ? 2 : 1,
        };
    }

    /** Whether trailing zeros go: measured sizes are typed back by people, results keep their decimals. */
    public function trimmed(): bool
    {
        return match ($this) {
            self::Thickness, self::Depth, self::Length, self::SheetThickness, self::Area, self::Temperature,
            self::TemperatureDifference, self::Pressure, self::Density, self::AirChanges, self::Speed, self::Openings, self::Share,
            self::Days, self::Ratio, self::Permeability, self::Rain, self::LineLoad, self::Force, self::AreaLoad, self::Angle,
            self::PeakPower, self::HeatFlux => true,
            default => false,
        };
    }

    /**
     * The unit words that may follow a number of this kind, lower case.
     *
     * @return array<string, Unit>
     */
    public function typedUnits(): array
    {
        return match ($this) {
            self::Thickness, self::Depth, self::Length, self::SheetThickness => self::lengths(),
            self::Area => [
                'm2' => Unit::si('m²'), 'm²' => Unit::si('m²'), 'sq m' => Unit::si('m²'),
                'ft2' => Unit::of('ft²', Unit::FOOT ** 2), 'ft²' => Unit::of('ft²', Unit::FOOT ** 2),
                'sq ft' => Unit::of('ft²', Unit::FOOT ** 2), 'sf' => Unit::of('ft²', Unit::FOOT ** 2),
            ],
            self::Temperature => [
                'c' => Unit::si('°C'), '°c' => Unit::si('°C'), 'f' => Unit::fahrenheit(), '°f' => Unit::fahrenheit(),
            ],
            self::TemperatureDifference => [
                'k' => Unit::si('K'), 'c' => Unit::si('K'), '°c' => Unit::si('K'),
                'f' => Unit::of('°F', 5 / 9), '°f' => Unit::of('°F', 5 / 9),
            ],
            self::LineLoad => [
                'kn/m' => Unit::si('kN/m'),
                'lb/ft' => Unit::poundPerFoot(),
                'lbf/ft' => Unit::poundPerFoot(),
                'plf' => Unit::poundPerFoot(),
            ],
            self::Force => [
                'kn' => Unit::si('kN'),
                'lb' => Unit::pound(),
                'lbs' => Unit::pound(),
                'lbf' => Unit::pound(),
                'kip' => Unit::of('kip', 4.4482216152605),
                'kips' => Unit::of('kip', 4.4482216152605),
            ],
            self::FreezingIndex => [
                '°c·d' => Unit::si('°C·d'), 'c·d' => Unit::si('°C·d'), 'cd' => Unit::si('°C·d'), '°cd' => Unit::si('°C·d'),
                '°f·d' => Unit::of('°F·d', 5 / 9), 'f·d' => Unit::of('°F·d', 5 / 9), 'fd' => Unit::of('°F·d', 5 / 9),
                '°fd' => Unit::of('°F·d', 5 / 9),
                'k·h' => Unit::of('K·h', 1 / 24), 'kh' => Unit::of('K·h', 1 / 24),
            ],
            self::GaugePressure => [
                'bar' => Unit::of('bar', 100_000.0), 'psi' => Unit::of('psi', 6894.757293168), 'kpa' => Unit::of('kPa', 1000.0),
            ],
            self::Angle => ['°' => Unit::si('°'), 'deg' => Unit::si('°')],
            self::Share => ['%' => Unit::of('%', 0.01), 'percent' => Unit::of('%', 0.01)],
            self::Years => ['years' => Unit::si('years'), 'year' => Unit::si('years'), 'a' => Unit::si('years')],
            self::Days => [
                'days' => Unit::si('days'),
                'day' => Unit::si('days'),
                'd' => Unit::si('days'),
                'weeks' => Unit::of('weeks', 7),
                'week' => Unit::of('weeks', 7),
                'months' => Unit::of('months', 30.4375),
            ],
            self::Ratio => [],
            self::Permeability => [
                'm/day' => Unit::si('m/day'),
                'm/d' => Unit::si('m/day'),
                'm/s' => Unit::of('m/s', 86400),
                'ft/day' => Unit::of('ft/day', Unit::FOOT),
            ],
            self::Rain => ['mm/h' => Unit::si('mm/h'), 'in/h' => Unit::of('in/h', 25.4)],
            self::Pressure, self::AreaLoad, self::Stress => [
                'kpa' => Unit::si('kPa'),
                'psi' => Unit::psi(),
                'psf' => Unit::of('psf', 0.0478802589803),
            ],
            self::Openings => [
                'm²/m' => Unit::si('m²/m'),
                'm2/m' => Unit::si('m²/m'),
                'ft²/ft' => Unit::of('ft²/ft', Unit::FOOT),
                'ft2/ft' => Unit::of('ft²/ft', Unit::FOOT),
            ],
            default => [
                mb_strtolower($this->unit(UnitSystem::Metric)->symbol) => $this->unit(UnitSystem::Metric),
                mb_strtolower($this->unit(UnitSystem::InchPound)->symbol) => $this->unit(UnitSystem::InchPound),
            ],
        };
    }

    /** @return array<string, Unit> */
    private static function lengths(): array
    {
        $inch = Unit::of('in', Unit::INCH);
        $foot = Unit::of('ft', Unit::FOOT);

        return [
            'mm' => Unit::of('mm', 0.001), 'cm' => Unit::of('cm', 0.01), 'm' => Unit::si('m'),
            'in' => $inch, 'inch' => $inch, 'inches' => $inch, '"' => $inch,
            'ft' => $foot, 'foot' => $foot, 'feet' => $foot, "'" => $foot,
            'mil' => Unit::of('mil', Unit::INCH / 1000), 'mils' => Unit::of('mil', Unit::INCH / 1000),
        ];
    }
}
