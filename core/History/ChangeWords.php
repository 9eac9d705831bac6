<?php

declare(strict_types=1);

namespace Ondergrond\History;

use Ondergrond\Design\CoverBacking;
use Ondergrond\Design\Done;
use Ondergrond\Design\DpcKind;
use Ondergrond\Design\DrainOutlet;
use Ondergrond\Design\FloorFinish;
use Ondergrond\Design\GasOutlet;
use Ondergrond\Design\LoadUse;
use Ondergrond\Design\MembraneKind;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetEdge;
use Ondergrond\Design\SheetJoints;
use Ondergrond\Exchange\FieldQuantity;
use Ondergrond\Material\Catalogue;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\GroundWater;
use Ondergrond\Site\HumidityClass;
use Ondergrond\Site\LimitMeant;
use Ondergrond\Site\Presence;
use Ondergrond\Site\RequirementSets;
use Ondergrond\Site\Soil;
use Ondergrond\Site\Surface;
use Ondergrond\Site\Susceptibility;
use Ondergrond\Site\WinterUse;
use Ondergrond\Units\QuantityFormatter;

/** Says changes in words: `Field board, thickness: 2 in → 3 in`. */
final readonly class ChangeWords
{
    private const WHOLE = [
        'name' => 'Name',
        'note' => 'Note',
        'set_aside' => 'Rules set aside',
        'design.family' => 'Family',
        'design.footprint.area_m2' => 'Floor area',
        'design.footprint.perimeter_m' => 'Outline',
        'design.footprint.exposed_perimeter_m' => 'Outline next to outside or unheated',
        'design.footprint.walk_out_m' => 'Walk-out side, length',
        'design.footprint.garage_m' => 'Along a garage',
        'design.footprint.porch_m' => 'Along a porch',
        'design.footprint.party_m' => 'Along a heated neighbour',
        'design.footprint.doors_m' => 'Doors, together',
        'design.footprint.lot_line_m' => 'Nearest lot or set-back line',
        'site.place' => 'Place',
        'site.climate.name' => 'Name of the climate',
        'site.climate.design_c' => 'Design day',
        'site.climate.monthly_mean_c' => 'Outdoor air of the months',
        'site.soil' => 'Ground',
        'site.indoor_c' => 'Kept inside at',
        'site.indoor_swing_k' => 'Warmer in summer, cooler in winter by',
        'site.heating_limit_c' => 'A month heats below',
        'site.floor_limit_w_m2k' => 'Highest U of the floor',
        'site.floor_limit_meant' => 'That limit is meant',
        'site.water' => 'Water in the ground',
        'site.termites' => 'Termites',
        'site.radon' => 'Radon',
        'site.frost.design_index_c_d' => 'Freezing index of the design winter',
        'site.frost.winters_c_d' => 'Freezing indices on record',
        'site.frost.variation_share' => 'Winters vary by',
        'site.frost.spread_k' => 'Days stray from their season by',
        'site.frost.return_years' => 'Design winter once in',
        'site.frost.dry_density_kg_m3' => 'Dry density of the ground',
        'site.frost.water_share' => 'Water in the ground, of its dry mass',
        'site.frost.susceptibility' => 'When it freezes, the ground',
        'site.frost.ledge_m' => 'Rock below the ground outside',
        'site.frost.surface' => 'On the ground outside',
        'site.frost.snow' => 'Snow counted on',
        'site.frost.winter_use' => 'Through the winter the building is',
        'site.frost.set_back_c' => 'Set back to',
        'site.frost.paving_m' => 'Paving outside, thickness',
        'site.frost.paving_stone_m' => 'Stone under the paving',
        'site.damp.humidity' => 'Use of the rooms, for their humidity',
        'site.damp.indoor_rh_share' => 'Humidity kept inside',
        'site.damp.outdoor_rh_share' => 'Humidity outside',
        'site.damp.muggy_k' => 'Most humid spell, dew point over its month’s',
        'site.damp.water_table_m' => 'Highest water table below the ground outside',
        'site.damp.permeability_m_d' => 'Water passes the ground at',
        'site.damp.set_back_k' => 'Let cool at night by',
        'site.damp.rain_mm_h' => 'Rain of a heavy hour',
        'site.sun.latitude_deg' => 'Latitude',
        'site.sun.sunshine_share' => 'Sunshine of the months',
        'site.sun.day_swing_k' => 'A day’s air goes up and down by',
        'site.room.height_m' => 'Height of the heated rooms',
        'site.room.roof_u_w_m2k' => 'U of roof or ceiling',
        'site.room.air_changes_per_h' => 'Air changes of the rooms',
        'site.room.open_windows_per_h' => 'Open windows change',
        'site.room.gains_w_m2' => 'People, lamps and machines give',
        'site.room.contents_kj_m2k' => 'Contents of the rooms store',
        'site.room.glass_north_m2' => 'Glass to the north',
        'site.room.glass_east_m2' => 'Glass to the east',
        'site.room.glass_south_m2' => 'Glass to the south',
        'site.room.glass_west_m2' => 'Glass to the west',
        'site.room.glass_roof_m2' => 'Glass in the roof',
        'site.room.turned_deg' => 'Faces turned toward the west by',
        'site.room.glass_u_w_m2k' => 'U of the glass',
        'site.room.glass_sun_share' => 'Sun through the glass',
        'site.room.blinds_share' => 'Sun past the blinds',
        'site.room.heater_w_m2' => 'Heating gives at most',
        'site.room.panels_kw' => 'Panels, peak',
        'site.room.own_use_kw' => 'Own use of their power',
        'site.requirements.set' => 'Requirements',
        'site.requirements.under_slab_r_m2kw' => 'Required under the slab, R',
        'site.requirements.edge_r_m2kw' => 'Required at the edge, R',
        'site.requirements.edge_depth_m' => 'Required at the edge, reach',
        'site.requirements.basement_wall_r_m2kw' => 'Required on basement walls, R',
        'site.requirements.crawlspace_wall_r_m2kw' => 'Required on crawlspace walls, R',
        'site.requirements.deck_r_m2kw' => 'Required in a deck, R',
    ];

    private const KEYS = [
        'waterstop' => 'joint of wall and floor',
        'under_floor' => 'under the floor',
        'use' => 'use',
        'thickness_m' => 'thickness',
        'material' => 'material',
        'width_m' => 'width',
        'depth_m' => 'depth',
        'height_m' => 'height',
        'depth_below_grade_m' => 'below ground',
        'top_above_grade_m' => 'top above the ground',
        'height_above_grade_m' => 'above ground',
        'top_below_grade_m' => 'top below ground',
        'from_edge_m' => 'in from the edge',
        'position' => 'lies',
        'bevel_m' => 'bevel',
        'fall_m' => 'falls',
        'corner_thickness_m' => 'thickness at corners',
        'corner_width_m' => 'width at corners',
        'corner_length_m' => 'along the wall from corners',
        'drip_m' => 'stands out',
        'inside_m' => 'inner face',
        'outside_m' => 'outer face',
        'starts' => 'starts',
        'web_spacing_m' => 'webs apart',
        'web_thickness_m' => 'web thickness',
        'outer_m' => 'outer',
        'inner_m' => 'inner',
        'gap_above_floor_m' => 'bare above the floor',
        'in' => 'in',
        'plane_c' => 'at the pipes',
        'kind' => 'kind',
        'vents_m2_per_m' => 'vents',
        'wind_m_s' => 'wind',
        'shelter' => 'stands',
        'air_changes_per_h' => 'air changes',
        'drop_m' => 'ground lower by',
        'footing_depth_m' => 'footing deep',
        'slab_m' => 'its slab',
        'edge_board_m' => 'board at its edge',
        'inside' => 'layers from the room',
        'outside' => 'layers past the edge',
        'layers' => 'layers',
        'lap_m' => 'laps',
        'joints' => 'joints',
        'edge' => 'at the edge',
        'backing' => 'on the foam',
        'outlet' => 'lead to',
        'hottest_c' => 'hottest at a board',
        'line_kn_m' => 'wall, permanent',
        'line_live_kn_m' => 'wall, live',
        'post_kn' => 'post, permanent',
        'post_live_kn' => 'post, live',
        'plate_m' => 'plate under the post',
        'floor_live_kpa' => 'floor, live',
        'bar_m' => 'bar',
        'spacing_m' => 'apart',
        'cover_m' => 'cover below',
        'edge_cover_m' => 'cover at the edge',
        'water_cement_ratio' => 'water over cement',
        'wait_days' => 'laid after curing by',
        'filter' => 'filter on it',
        'joined' => 'joined to the sheet',
        'jambs' => 'up the jambs',
        'tray' => 'tray across the cavity',
        'course' => 'course on its top',
        'sealed' => 'joints sealed',
        'flashing' => 'flashing',
        'rim_m' => 'foam at the rim',
        'rim_sealed' => 'rim sealed',
        'pipe_m' => 'pipe',
        'by' => 'by',
        'pipe_wall_m' => 'pipe wall',
        'supply_c' => 'water in, design day',
        'water_drop_k' => 'water cools by',
        'power_w_m2' => 'cable gives',
        'loop_m' => 'longest loop',
        'zones' => 'zones',
    ];

    private const LONGEST = 60;

    public function __construct(private QuantityFormatter $format) {}

    /** @return list<string> one line a change */
    public function lines(Changes $changes): array
    {
        return array_values(array_map(
            fn (Change $c): string => self::label($c->path).': '.$this->value($c->path, $c->from).' → '.$this->value($c->path, $c->to),
            $changes->all,
        ));
    }

    /** What a field is called. */
    public static function label(string $path): string
    {
        if (isset(self::WHOLE[$path])) {
            return self::WHOLE[$path];
        }
        $keys = explode('.', $path);
        if ($keys[0] === 'set_aside') {
            return 'Rule set aside, '.str_replace('-', ' ', $keys[1]);
        }
        if (str_starts_with($path, 'site.frost.winters_c_d.')) {
            return 'Freezing index on record, winter '.((int) $keys[3] + 1);
        }
        if (str_starts_with($path, 'site.damp.outdoor_rh_share.')) {
            return 'Humidity outside, '.Calendar::MONTHS[(int) $keys[3]];
        }
        if (str_starts_with($path, 'site.sun.sunshine_share.')) {
            return 'Sunshine, '.Calendar::MONTHS[(int) $keys[3]];
        }
        if ($keys[0] === 'site') {
            return count($keys) === 4 ? 'Outdoor air, '.Calendar::MONTHS[(int) $keys[3]] : $path;
        }
        $part = Part::tryFrom($keys[1] ?? '');
        $last = end($keys);
        if ($part !== null && count($keys) === 5) {
            return sprintf('%s, %s %d, %s', $part->label(), $keys[2] === 'layers' ? 'layer' : $keys[2].' layer', (int) $keys[3] + 1, self::key($last));
        }

        return ($part?->label() ?? $path).', '.self::key($last);
    }

    /** What a size or a choice of a part is called, by the key it has in project files. */
    public static function key(string $key): string
    {
        return self::KEYS[$key] ?? $key;
    }

    /** @return array<string, string>|null the answers of a field that is chosen, not typed, in words */
    public static function options(string $path): ?array
    {
        return match (implode('.', array_slice(explode('.', $path), -2))) {
            'sheet.position' => ['above' => 'above the boards', 'below' => 'below the boards'],
            'form.starts' => ['footing' => 'on the footing', 'grade' => 'on a plain wall'],
            'heating.in' => ['none' => 'none', 'slab' => 'in the slab', 'screed' => 'in the screed'],
            'heating.by' => ['pipes' => 'water in pipes', 'cable' => 'an electric cable'],
            'space.kind' => ['heated' => 'heated or conditioned', 'vented' => 'vented to outside', 'unheated' => 'unheated'],
            'space.shelter' => ['sheltered' => 'sheltered', 'average' => 'average', 'exposed' => 'exposed'],
            'sheet.joints' => self::labels(SheetJoints::cases()),
            'sheet.edge' => self::labels(SheetEdge::cases()),
            'membrane.kind' => self::labels(MembraneKind::cases()),
            'membrane.waterstop' => self::done('waterstop: not said', 'no waterstop', 'waterstop in the joint'),
            'membrane.under_floor' => self::done('under the floor: not said', 'not under the floor', 'waterproofing under the floor'),
            'loads.use' => self::labels(LoadUse::cases()),
            'site.floor_limit_meant' => self::labels(LimitMeant::cases()),
            'cover.backing' => self::labels(CoverBacking::cases()),
            'drains.outlet' => self::labels(DrainOutlet::cases()),
            'gas.outlet' => self::labels(GasOutlet::cases()),
            'finish.kind' => self::labels(FloorFinish::cases()),
            'dpc.kind' => self::labels(DpcKind::cases()),
            'drainage.filter' => self::done('filter: not said', 'no filter', 'with a filter'),
            'dpc.joined' => self::done('to the sheet: not said', 'not joined to the sheet', 'joined to the sheet'),
            'dpc.jambs' => self::done('jambs: not said', 'not up the jambs', 'up the jambs'),
            'dpc.tray' => self::done('tray: not said', 'no tray in the cavity', 'tray across the cavity'),
            'neighbour.flashing' => self::done('flashing: not said', 'no flashing', 'flashing lapped both ways'),
            'footing.course' => self::done('course on it: not said', 'no course on it', 'a course on its top'),
            'lining.sealed' => self::done('joints: not said', 'joints open', 'joints sealed'),
            'deck.rim_sealed' => self::done('rim: not said', 'rim open', 'rim sealed'),
            'damp.humidity' => self::labels(HumidityClass::cases()),
            'site.water' => self::labels(GroundWater::cases()),
            'site.termites', 'site.radon' => self::labels(Presence::cases()),
            'frost.susceptibility' => self::labels(Susceptibility::cases()),
            'frost.surface' => self::labels(Surface::cases()),
            'frost.winter_use' => self::labels(WinterUse::cases()),
            'frost.snow' => ['no' => 'no', 'yes' => 'yes'],
            'requirements.set' => array_map(static fn (array $s): string => $s['label'], RequirementSets::all()),
            default => null,
        };
    }

    /** @return array<string, string> the answers of a detail that is built so or not, each in its own words */
    private static function done(string $notSaid, string $no, string $yes): array
    {
        return [Done::NotSaid->value => $notSaid, Done::No->value => $no, Done::Yes->value => $yes];
    }

    /**
     * @param  list<SheetJoints|SheetEdge|MembraneKind|CoverBacking|DrainOutlet|GasOutlet|FloorFinish|DpcKind|HumidityClass|GroundWater|Presence|Susceptibility|Surface|WinterUse|LoadUse|LimitMeant>  $cases
     * @return array<string, string>
     */
    private static function labels(array $cases): array
    {
        return array_combine(array_column($cases, 'value'), array_map(static fn ($c): string => $c->label(), $cases));
    }

    /** A value of a field, written out. */
    public function value(string $path, mixed $value): string
    {
        $quantity = FieldQuantity::of($path);

        return match (true) {
            $value === null, $value === '' => 'none',
            $path === 'set_aside' && is_array($value) => $value === [] ? 'none' : str_replace('-', ' ', implode(', ', array_keys($value))),
            str_starts_with($path, 'set_aside.') && is_array($value) => '“'.mb_strimwidth((string) ($value['reason'] ?? ''), 0, self::LONGEST, '…').'”',
            is_array($value) => count($value).(match (true) {
                str_contains($path, 'winters') => ' winters',
                str_contains($path, 'outdoor_rh'), str_contains($path, 'sunshine') => ' months',
                default => ' layers',
            }),
            $quantity !== null && is_numeric($value) => $this->format->format((float) $value, $quantity),
            str_ends_with($path, '.material') => Catalogue::find((string) $value)->name ?? (string) $value,
            self::options($path) !== null && is_scalar($value) => self::options($path)[(string) $value] ?? (string) $value,
            $path === 'site.soil' => Soil::tryFrom((string) $value)?->label() ?? (string) $value,
            is_scalar($value) => '“'.mb_strimwidth((string) $value, 0, self::LONGEST, '…').'”',
            default => 'something else',
        };
    }
}
