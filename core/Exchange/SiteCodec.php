<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Site\Climate;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;

/** Site to and from the shape it has in project files ($defs/site of the schema). */
final class SiteCodec
{
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
        ];
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
        );
    }
}
