<?php

declare(strict_types=1);

namespace Ondergrond\History;

use Ondergrond\Design\Part;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Exchange\FieldQuantity;
use Ondergrond\Material\Catalogue;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\Soil;
use Ondergrond\Units\QuantityFormatter;

/** Says changes in words: `Field board, thickness: 2 in → 3 in`. */
final readonly class ChangeWords
{
    private const WHOLE = [
        'name' => 'Name',
        'note' => 'Note',
        'design.family' => 'Family',
        'design.footprint.area_m2' => 'Floor area',
        'design.footprint.perimeter_m' => 'Outline',
        'design.footprint.exposed_perimeter_m' => 'Outline next to outside or unheated',
        'site.place' => 'Place',
        'site.climate.name' => 'Name of the climate',
        'site.climate.design_c' => 'Design day',
        'site.climate.monthly_mean_c' => 'Outdoor air of the months',
        'site.soil' => 'Ground',
        'site.indoor_c' => 'Kept inside at',
        'site.indoor_swing_k' => 'Warmer in summer, cooler in winter by',
        'site.heating_limit_c' => 'A month heats below',
        'site.floor_limit_w_m2k' => 'Highest U of the floor',
        'design.wall.inside' => 'Wall, layers towards the room',
        'design.wall.outside' => 'Wall, layers past the slab’s edge',
    ];

    private const KEYS = [
        'thickness_m' => 'thickness',
        'material' => 'material',
        'width_m' => 'width',
        'depth_m' => 'depth',
        'depth_below_grade_m' => 'depth below ground',
        'top_above_grade_m' => 'top above the ground',
        'position' => 'lies',
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
        if ($keys[0] === 'site') {
            return count($keys) === 4 ? 'Outdoor air, '.Calendar::MONTHS[(int) $keys[3]] : $path;
        }
        $part = Part::tryFrom($keys[1] ?? '');
        $last = end($keys);
        if ($part === Part::Wall && count($keys) === 5) {
            return sprintf('Wall, %s layer %d, %s', $keys[2], (int) $keys[3] + 1, self::KEYS[$last] ?? $last);
        }

        return ($part?->label() ?? $path).', '.(self::KEYS[$last] ?? $last);
    }

    private function value(string $path, mixed $value): string
    {
        $quantity = FieldQuantity::of($path);

        return match (true) {
            $value === null, $value === '' => 'none',
            is_array($value) => count($value).' layers',
            $quantity !== null && is_numeric($value) => $this->format->format((float) $value, $quantity),
            str_ends_with($path, '.material') => Catalogue::find((string) $value)->name ?? (string) $value,
            str_ends_with($path, 'sheet.position') => lcfirst(SheetPosition::tryFrom((string) $value)?->label() ?? (string) $value),
            $path === 'site.soil' => Soil::tryFrom((string) $value)?->label() ?? (string) $value,
            is_scalar($value) => '“'.mb_strimwidth((string) $value, 0, self::LONGEST, '…').'”',
            default => 'something else',
        };
    }
}
