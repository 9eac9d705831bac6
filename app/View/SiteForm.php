<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\Arr;
use LogicException;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;

/** The fields of a site as its page groups them; what each is called, and its answers, stand at the site's own sizes. */
final readonly class SiteForm
{
    /** What is typed as one text. */
    public const LISTS = ['frost.winters_c_d', 'damp.outdoor_rh_share', 'sun.sunshine_share'];

    /** Legend, hint, fields. */
    private const CARDS = [
        'place' => ['Place', '', ['place', 'time_zone']],
        'climate' => ['Climate', '', [
            'climate.name', 'climate.source', 'climate.estimated_by', 'climate.design_c', 'climate.monthly_mean_c',
            'damp.outdoor_rh_share', 'damp.muggy_k',
        ]],
        'ground' => ['Ground', '', [
            'soil', 'water', 'damp.water_table_m', 'damp.permeability_m_d', 'damp.rain_mm_h', 'frost.susceptibility',
            'frost.dry_density_kg_m3', 'frost.water_share', 'frost.ledge_m', 'frost.surface', 'frost.paving_m', 'frost.paving_stone_m',
            'frost.snow', 'termites', 'radon',
        ]],
        'winter' => ['Winter', '', [
            'frost.winter_use', 'frost.set_back_c', 'frost.office_depth_m', 'frost.design_index_c_d', 'frost.return_years',
            'frost.winters_c_d', 'frost.spread_k', 'frost.variation_share',
        ]],
        'limits' => ['Limits', 'Choosing another set fills in its figures; each can then be changed. Emptied, it asks nothing. R without '
            .'films. The sets are from memory: the code in force decides.', [
                'floor_limit_w_m2k', 'floor_limit_meant', 'requirements.set', 'requirements.under_slab_r_m2kw', 'requirements.edge_r_m2kw',
                'requirements.edge_depth_m', 'requirements.basement_wall_r_m2kw', 'requirements.crawlspace_wall_r_m2kw',
                'requirements.deck_r_m2kw',
            ]],
        'rooms' => ['Rooms', '', [
            'indoor_c', 'indoor_swing_k', 'heating_limit_c', 'damp.humidity', 'damp.indoor_rh_share',
            'damp.dried_rh_share', 'damp.set_back_k', 'room.height_m',
            'room.roof_u_w_m2k', 'room.air_changes_per_h', 'room.open_windows_per_h', 'room.gains_w_m2', 'room.contents_kj_m2k',
            'room.heater_w_m2', 'room.hot_c', 'room.hot_hours',
        ]],
        'house' => ['House', 'Any one of the first three shows what part of its heat goes through the ground. Emptied, nothing is said.', [
            'house.besides_w_k', 'house.design_load_w', 'house.fuel_kwh', 'house.efficiency_share', 'house.old_floor_m', 'house.step_m',
        ]],
        'sun' => ['Sun and glass', '', [
            'sun.latitude_deg', 'sun.sunshine_share', 'sun.day_swing_k', 'room.glass_south_m2', 'room.glass_west_m2',
            'room.glass_north_m2', 'room.glass_east_m2', 'room.glass_roof_m2', 'room.turned_deg', 'room.glass_u_w_m2k',
            'room.glass_sun_share', 'room.blinds_share', 'room.panels_kw', 'room.own_use_kw',
        ]],
    ];

    /** @var array<string, mixed> as in project files */
    private array $data;

    public function __construct(Site $site, private QuantityFormatter $format)
    {
        $this->data = SiteCodec::toArray($site);
    }

    /**
     * @param  array<string, string>  $lines  what each says where it is folded, by slug
     * @return list<SiteCard>
     */
    public function cards(array $lines): array
    {
        return array_map(
            fn (string $slug, array $of): SiteCard => new SiteCard(
                $slug, $of[0], $lines[$slug], $of[1], array_merge(...array_map($this->fields(...), $of[2])),
            ),
            array_keys(self::CARDS),
            array_values(self::CARDS),
        );
    }

    /** The card that a size or choice stands in. */
    public static function cardOf(string $path): string
    {
        foreach (self::CARDS as $slug => $of) {
            if (in_array($path, $of[2], true)) {
                return $slug;
            }
        }
        throw new LogicException("no field {$path} of a site");
    }

    /** @return list<string> paths of all fields, as in a site's file */
    public static function paths(): array
    {
        return array_merge(...array_map(static fn (array $of): array => $of[2], array_values(self::CARDS)));
    }

    /**
     * Values of a list as they stand in their one field.
     *
     * @param  list<int|float>  $values
     */
    public static function listed(array $values, Quantity $quantity, QuantityFormatter $format): string
    {
        return implode(' ', array_map(static fn (int|float $v): string => $format->number((float) $v, $quantity), $values));
    }

    /** @return non-empty-list<SiteInput> */
    private function fields(string $path): array
    {
        $value = Arr::get($this->data, $path);
        if (is_array($value) && ! in_array($path, self::LISTS, true)) {
            return array_map(
                fn (int $i): SiteInput => $this->field("{$path}.{$i}", Calendar::MONTHS[$i], $value[$i]),
                array_keys(Calendar::MONTHS),
            );
        }

        return [$this->field($path, null, $value)];
    }

    private function field(string $path, ?string $label, mixed $value): SiteInput
    {
        $said = SizePath::said($path) ?? throw new LogicException("no field {$path} of a site");
        $label ??= $said->label;
        $quantity = $said->quantity;
        if ($quantity !== null && ($said->mayBeUnsaid || is_array($value))) {
            // Where nothing stands in it yet, nothing else says the unit.
            $label .= ', '.$this->format->unit($quantity);
        }
        $words = match (true) {
            $value === null => '',
            is_array($value) && $quantity !== null => self::listed(array_values($value), $quantity, $this->format),
            $quantity !== null => $this->format->format((float) $value, $quantity),
            default => (string) $value,
        };

        return new SiteInput('site.'.$path, $label, $words, $path === 'soil' ? $this->soils() : $said->choices(), $said->hint);
    }

    /** @return array<string, string> with what each conducts */
    private function soils(): array
    {
        $words = [];
        foreach (Soil::cases() as $soil) {
            $words[$soil->value] = $soil->label().', λ '.$this->format->number(
                $soil->conductivity(),
                Quantity::Conductivity,
            ).' '.$this->format->unit(Quantity::Conductivity);
        }

        return $words;
    }
}
