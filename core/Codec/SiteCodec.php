<?php

declare(strict_types=1);

namespace Ondergrond\Codec;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Materials;
use Ondergrond\Site\Climate;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\Requirements;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Site\TimeZones;

/** Site to and from the shape it has in project files ($defs/site of the schema), told by its constructors. */
final class SiteCodec
{
    /** Lists that are empty or have a value for each month. */
    private const MONTHS = ['damp' => 'outdoor_rh_share', 'sun' => 'sunshine_share'];

    /** @return array<string, mixed> */
    public static function toArray(Site $site): array
    {
        return PartCodec::toArray($site);
    }

    /** @return array<string, mixed> */
    public static function requirements(Requirements $requirements): array
    {
        return PartCodec::toArray($requirements);
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
     * @throws FaultyInput where the design day is warmer than the coldest month, or months are missing
     */
    public static function fromValid(array $data): Site
    {
        $data = self::completed($data);
        $design = $data['climate']['design_c'];
        $coldest = (float) min($data['climate']['monthly_mean_c']);
        $faults = $design !== null && $design > $coldest ? [
            Fault::range('/climate/design_c', (float) $design, -70.0, $coldest, 'the design day is no warmer than the coldest month'),
        ] : [];
        if (! TimeZones::isOne($data['time_zone'])) {
            $faults[] = Fault::of(
                '/time_zone',
                "“{$data['time_zone']}”",
                'a time zone as the IANA names it, such as Europe/Amsterdam or America/Chicago',
            );
        }
        foreach (self::MONTHS as $group => $key) {
            if (! in_array(count($data[$group][$key]), [0, 12], true)) {
                $faults[] = Fault::of(
                    "/{$group}/{$key}",
                    sprintf('%d months', count($data[$group][$key])),
                    'twelve, January first, or none where it is not known',
                );
            }
        }

        return $faults === [] ? PartCodec::fromArray(Site::class, $data, Materials::generic()) : throw FaultyInput::because($faults);
    }

    /**
     * What older files and states lack is not said, nothing more is required, frost and damp are judged by class, sun and rooms are
     * as usual, and a climate is invented where its months are a sample's.
     *
     * @param  array<string, mixed>  $data  of the schema's shape
     * @return array<string, mixed> with everything
     */
    public static function completed(array $data): array
    {
        if (is_array($data['climate'] ?? null) && is_array($data['climate']['monthly_mean_c'] ?? null)) {
            $data['climate']['source'] ??= ClimateSamples::source($data['climate']['monthly_mean_c'])->value;
        }

        return PartCodec::completed($data, self::toArray(new Site('', new Climate('', array_fill(0, 12, 0.0)), Soil::SandOrGravel)));
    }
}
