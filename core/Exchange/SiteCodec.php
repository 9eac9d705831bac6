<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Site\Climate;
use Ondergrond\Site\DampBasis;
use Ondergrond\Site\FrostBasis;
use Ondergrond\Site\GroundWater;
use Ondergrond\Site\HumidityClass;
use Ondergrond\Site\LimitMeant;
use Ondergrond\Site\Presence;
use Ondergrond\Site\Requirements;
use Ondergrond\Site\RoomBasis;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Site\SunBasis;
use Ondergrond\Site\Surface;
use Ondergrond\Site\Susceptibility;
use Ondergrond\Site\WinterUse;

/** Site to and from the shape it has in project files ($defs/site of the schema). */
final class SiteCodec
{
    private const REQUIREMENTS = [
        'under_slab_r_m2kw' => 'underSlab', 'edge_r_m2kw' => 'edge', 'edge_depth_m' => 'edgeDepth',
        'basement_wall_r_m2kw' => 'basementWall', 'crawlspace_wall_r_m2kw' => 'crawlspaceWall', 'deck_r_m2kw' => 'deck',
    ];

    private const ROOM = [
        'height_m' => 'height',
        'roof_u_w_m2k' => 'roof',
        'air_changes_per_h' => 'airChanges',
        'open_windows_per_h' => 'openWindows',
        'gains_w_m2' => 'gains',
        'contents_kj_m2k' => 'contents',
        'glass_north_m2' => 'glassNorth',
        'glass_east_m2' => 'glassEast',
        'glass_south_m2' => 'glassSouth',
        'glass_west_m2' => 'glassWest',
        'glass_roof_m2' => 'glassRoof',
        'turned_deg' => 'turned',
        'glass_u_w_m2k' => 'glassU',
        'glass_sun_share' => 'glassG',
        'blinds_share' => 'blinds',
        'heater_w_m2' => 'heater',
        'panels_kw' => 'panels',
        'own_use_kw' => 'ownUse',
    ];

    /** @return array<string, mixed> */
    public static function toArray(Site $site): array
    {
        return [
            'place' => $site->place,
            'climate' => [
                'name' => $site->climate->name,
                'monthly_mean_c' => $site->climate->monthly,
                'design_c' => $site->climate->design,
            ],
            'soil' => $site->soil->value,
            'indoor_c' => $site->indoor,
            'indoor_swing_k' => $site->indoorSwing,
            'heating_limit_c' => $site->heatingLimit,
            'floor_limit_w_m2k' => $site->floorLimit,
            'floor_limit_meant' => $site->floorLimitMeant->value,
            'water' => $site->water->value,
            'termites' => $site->termites->value,
            'radon' => $site->radon->value,
            'requirements' => self::requirements($site->requirements),
            'frost' => self::frost($site->frost),
            'damp' => self::damp($site->damp),
            'sun' => self::sun($site->sun),
            'room' => array_map(static fn (string $p): ?float => $site->room->{$p}, self::ROOM),
        ];
    }

    /** @return array<string, mixed> */
    private static function frost(FrostBasis $frost): array
    {
        return [
            'design_index_c_d' => $frost->designIndex,
            'winters_c_d' => $frost->winters,
            'variation_share' => $frost->variation,
            'spread_k' => $frost->spread,
            'return_years' => $frost->years,
            'dry_density_kg_m3' => $frost->dryDensity,
            'water_share' => $frost->water,
            'susceptibility' => $frost->susceptibility->value,
            'ledge_m' => $frost->ledge,
            'surface' => $frost->surface->value,
            'snow' => $frost->snow ? 'yes' : 'no',
            'winter_use' => $frost->use->value,
            'set_back_c' => $frost->setBack,
            'paving_m' => $frost->paving,
            'paving_stone_m' => $frost->pavingStone,
        ];
    }

    /** @param  array<string, mixed>  $data  of the schema's shape, complete */
    private static function frostFrom(array $data): FrostBasis
    {
        $or = static fn (string $key): ?float => $data[$key] === null ? null : (float) $data[$key];

        return new FrostBasis(
            $or('design_index_c_d'),
            array_values(array_map(floatval(...), $data['winters_c_d'])),
            (float) $data['variation_share'],
            (float) $data['spread_k'],
            (float) $data['return_years'],
            $or('dry_density_kg_m3'),
            $or('water_share'),
            Susceptibility::from($data['susceptibility']),
            $or('ledge_m'),
            Surface::from($data['surface']),
            $data['snow'] === 'yes',
            WinterUse::from($data['winter_use']),
            (float) $data['set_back_c'],
            (float) $data['paving_m'],
            (float) $data['paving_stone_m'],
        );
    }

    /** @return array<string, mixed> */
    private static function damp(DampBasis $damp): array
    {
        return [
            'humidity' => $damp->humidity->value,
            'indoor_rh_share' => $damp->indoorRh,
            'outdoor_rh_share' => $damp->outdoorRh,
            'muggy_k' => $damp->muggy,
            'water_table_m' => $damp->waterTable,
            'permeability_m_d' => $damp->permeability,
            'rain_mm_h' => $damp->rain,
            'set_back_k' => $damp->setBack,
        ];
    }

    /**
     * @param  array<string, mixed>  $data  of the schema's shape, complete
     *
     * @throws FaultyInput where months are missing
     */
    private static function dampFrom(array $data): DampBasis
    {
        $or = static fn (string $key): ?float => $data[$key] === null ? null : (float) $data[$key];
        $months = array_values(array_map(floatval(...), $data['outdoor_rh_share']));
        if ($months !== [] && count($months) !== 12) {
            throw FaultyInput::one(Fault::of('/damp/outdoor_rh_share', sprintf('%d months', count($months)), 'twelve, January first, or none where it is not known'));
        }

        return new DampBasis(HumidityClass::from($data['humidity']), $or('indoor_rh_share'), $months, (float) $data['muggy_k'], $or('water_table_m'), $or('permeability_m_d'), (float) $data['rain_mm_h'], (float) $data['set_back_k']);
    }

    /** @return array<string, mixed> */
    private static function sun(SunBasis $sun): array
    {
        return ['latitude_deg' => $sun->latitude, 'sunshine_share' => $sun->shares, 'day_swing_k' => $sun->daySwing];
    }

    /**
     * @param  array<string, mixed>  $data  of the schema's shape, complete
     *
     * @throws FaultyInput where months are missing
     */
    private static function sunFrom(array $data): SunBasis
    {
        $months = array_values(array_map(floatval(...), $data['sunshine_share']));
        if ($months !== [] && count($months) !== 12) {
            throw FaultyInput::one(Fault::of('/sun/sunshine_share', sprintf('%d months', count($months)), 'twelve, January first, or none where it is not known'));
        }

        return new SunBasis((float) $data['latitude_deg'], $months, (float) $data['day_swing_k']);
    }

    /** @param  array<string, mixed>  $data  of the schema's shape, complete */
    private static function roomFrom(array $data): RoomBasis
    {
        $sizes = array_map(static fn (string $key): float => (float) $data[$key], array_flip(self::ROOM));

        return new RoomBasis(...[...$sizes, 'heater' => $data['heater_w_m2'] === null ? null : $sizes['heater']]);
    }

    /** @return array<string, string|float|null> */
    public static function requirements(Requirements $requirements): array
    {
        return ['set' => $requirements->set, ...array_map(static fn (string $p): ?float => $requirements->{$p}, self::REQUIREMENTS)];
    }

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws FaultyInput with every fault, pointers beginning at the site
     */
    public static function fromArray(array $data): Site
    {
        $faults = Schema::Project->partFaults($data, 'site');

        return $faults === [] ? self::fromValid($data) : throw FaultyInput::because($faults);
    }

    /**
     * @param  array<string, mixed>  $data  of the schema's shape
     *
     * @throws FaultyInput where the design day is warmer than the coldest month
     */
    public static function fromValid(array $data): Site
    {
        $data = self::completed($data);
        /** @var non-empty-list<float> $monthly the schema asks for twelve */
        $monthly = array_map(floatval(...), array_values($data['climate']['monthly_mean_c']));
        $design = (float) $data['climate']['design_c'];
        if ($design > min($monthly)) {
            throw FaultyInput::one(Fault::range('/climate/design_c', $design, -70.0, min($monthly), 'the design day is no warmer than the coldest month'));
        }

        return new Site(
            $data['place'],
            new Climate($data['climate']['name'], $monthly, $design),
            Soil::from($data['soil']),
            (float) $data['indoor_c'],
            (float) $data['indoor_swing_k'],
            (float) $data['heating_limit_c'],
            $data['floor_limit_w_m2k'] === null ? null : (float) $data['floor_limit_w_m2k'],
            GroundWater::from($data['water']),
            Presence::from($data['termites']),
            Presence::from($data['radon']),
            new Requirements($data['requirements']['set'], ...array_map(static fn (string $key): ?float => isset($data['requirements'][$key]) ? (float) $data['requirements'][$key] : null, array_flip(self::REQUIREMENTS))),
            self::frostFrom($data['frost']),
            self::dampFrom($data['damp']),
            self::sunFrom($data['sun']),
            self::roomFrom($data['room']),
            LimitMeant::from($data['floor_limit_meant']),
        );
    }

    /**
     * What older files and states lack is not said, nothing more is required, frost and damp are judged by class, sun and rooms are as usual.
     *
     * @param  array<string, mixed>  $data  of the schema's shape
     * @return array<string, mixed> with everything
     */
    public static function completed(array $data): array
    {
        $unsaid = ['floor_limit_meant' => 'not-said', 'water' => 'not-said', 'termites' => 'not-said', 'radon' => 'not-said'];
        $none = ['set' => 'none', ...array_fill_keys(array_keys(self::REQUIREMENTS), null)];

        return [...$data, ...array_diff_key($unsaid, $data), 'requirements' => [...$none, ...($data['requirements'] ?? [])], 'frost' => [...self::frost(new FrostBasis), ...($data['frost'] ?? [])], 'damp' => [...self::damp(new DampBasis), ...($data['damp'] ?? [])], 'sun' => [...self::sun(new SunBasis), ...($data['sun'] ?? [])], 'room' => [...array_map(static fn (string $p): ?float => (new RoomBasis)->{$p}, self::ROOM), ...($data['room'] ?? [])]];
    }
}
