<?php

declare(strict_types=1);

namespace Tests\Core\Rules;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Material\Materials;
use Ondergrond\Material\Product;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\RequirementSets;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\UnitSystem;

/** Presets on a site that leaves nothing open, with what is changed in them. */
trait Samples
{
    /** @param  array<string, mixed>  $changes */
    private static function design(string $family, array $changes): Design
    {
        $plan = Footprint::rectangle(12.0, 8.0);
        $data = DesignCodec::toArray(Families::all()[$family]->preset($plan, UnitSystem::Metric));
        foreach (['lining'] as $part) {
            // A list is replaced, not merged.
            if (isset($changes[$part]['layers'])) {
                $data[$part]['layers'] = [];
            }
        }

        return DesignCodec::fromArray(array_replace_recursive($data, $changes), Materials::withProducts([self::product()]));
    }

    /** Its sheet says neither µ nor how hot it may get. */
    private static function product(): Product
    {
        return new Product('own-plank', 2, 'Blue plank', 'xps-25psi', 0.031, null, null, false, 30.0, 250.0, sold: [0.06, 0.1]);
    }

    /** @param  array<string, mixed>  $changes */
    private static function site(array $changes): Site
    {
        $data = SiteCodec::toArray(new Site('', ClimateSamples::all()['cold-inland'], Soil::ClayOrSilt, 20.0));
        $set = $changes['requirements'] ?? 'none';
        unset($changes['requirements']);

        return SiteCodec::fromArray(
            [
                ...$data,
                'water' => 'dry',
                'termites' => 'no',
                'radon' => 'no',
                ...$changes,
                'climate' => [...$data['climate'], ...$changes['climate'] ?? []],
                'requirements' => SiteCodec::requirements(RequirementSets::all()[$set]['of']),
            ],
        );
    }
}
