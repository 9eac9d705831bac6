<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\Schema;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\Typical;
use Ondergrond\Examples\Examples;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Catalogue;
use Ondergrond\Site\RequirementSets;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\UnitSystem;

/** Sites and designs drawn by lot from all that the schema allows; the lot is PHP's own, so that a seed draws the same again. */
final class Lot
{
    /**
     * @param  int  $i  how many were drawn before
     * @return array{Site, Design}
     *
     * @throws FaultyInput where what was drawn cannot be built
     */
    public static function draw(int $i): array
    {
        static $schema = null;
        $schema ??= json_decode(Schema::Project->text(), true, flags: JSON_THROW_ON_ERROR);
        $design = DesignCodec::fromArray(self::anyOf(self::likes()[$i % count(self::likes())], $schema));

        return [self::site($i, $schema), $design];
    }

    /** @param  array<string, mixed>  $schema */
    private static function site(int $i, array $schema): Site
    {
        $place = self::chance($schema['$defs']['site'], $schema, SiteCodec::toArray(Examples::boathouse()->site));
        $place['soil'] = Soil::cases()[$i % 3]->value;
        $place['climate']['design_c'] = min($place['climate']['monthly_mean_c']) - $i % 4;

        return SiteCodec::fromArray($place);
    }

    /**
     * The same with choices, materials and whole parts drawn as well, and what a site may say besides its climate: so wide that
     * every rule has something to find.
     *
     * @return array{Site, Design}
     *
     * @throws FaultyInput where what was drawn cannot be built
     */
    public static function wide(int $i): array
    {
        static $schema = null;
        $schema ??= json_decode(Schema::Project->text(), true, flags: JSON_THROW_ON_ERROR);
        $like = self::likes()[$i % count(self::likes())];
        $units = mt_rand(0, 1) === 0 ? UnitSystem::Metric : UnitSystem::InchPound;
        for ($n = mt_rand(0, 3); $n > 0; $n--) {
            $like = self::otherwise($like, Part::cases()[mt_rand(0, count(Part::cases()) - 1)], $units);
        }
        $data = self::anyOf($like, $schema);
        foreach (mt_rand(0, 1) === 0 ? Part::cases() : [] as $part) {
            $data[$part->value] = self::chosen($data[$part->value], $schema['$defs']['design']['properties'][$part->value], $part);
        }
        $data['footprint']['lot_line_m'] = self::one([0, 0, 0, 0.4, 3.0]);
        $data['footprint']['doors_m'] = self::one([0, 0, 1.0, 4.0]);
        $data['footprint']['porch_m'] = self::one([0, 0, 0, 2.0]);
        // Beside an unheated slab with nothing between, at times.
        if ($data['neighbour']['width_m'] > 0 && $i % 5 === 0) {
            foreach (['neighbour', 'edge_outside', 'cover'] as $key) {
                $data[$key]['thickness_m'] = 0.0;
            }
        }
        $design = DesignCodec::fromArray($data);
        $site = SiteCodec::toArray(self::site($i, $schema));
        foreach (['water', 'radon', 'termites'] as $key) {
            $site[$key] = self::one($schema['$defs']['site']['properties'][$key]['enum']);
        }
        foreach (['susceptibility', 'surface', 'winter_use'] as $key) {
            $site['frost'][$key] = self::one($schema['$defs']['site']['properties']['frost']['properties'][$key]['enum']);
        }
        $site['damp']['humidity'] = self::one($schema['$defs']['site']['properties']['damp']['properties']['humidity']['enum']);
        $site['damp']['water_table_m'] = self::one([null, null, 0.3, 1.0, 1.8, 5.0]);
        $site['frost']['ledge_m'] = self::one([null, null, null, 0.4, 1.5]);
        $site['climate']['source'] = mt_rand(0, 30) === 0 ? 'not-known' : 'own';
        $site['requirements'] = SiteCodec::requirements(RequirementSets::all()[self::one(array_keys(RequirementSets::all()))]['of']);

        return [SiteCodec::fromArray($site), $design];
    }

    /** With a part put in or taken out; as it is where that cannot be built. */
    private static function otherwise(Design $like, Part $part, UnitSystem $units): Design
    {
        $typical = new Typical($like, $units);
        $then = $part->of($like)->present() ? $typical->without($part) : $typical->of($part);
        try {
            return $then === null ? $like : $like->with([$part->property() => $then]);
        } catch (FaultyInput) {
            return $like;
        }
    }

    /**
     * @param  array<string, mixed>  $data  of a part
     * @param  array<string, mixed>  $rule
     * @return array<string, mixed>
     */
    private static function chosen(array $data, array $rule, Part $part): array
    {
        foreach ($data as $key => $value) {
            $may = $rule['properties'][$key]['enum'] ?? null;
            if ($may !== null && mt_rand(0, 3) === 0) {
                $data[$key] = self::one($may);
            }
            if (in_array($key, SizePath::MATERIALS, true) && $part->place() !== null && mt_rand(0, 5) === 0) {
                $data[$key] = self::one(array_column(Catalogue::for($part->place()), 'slug'));
            }
        }

        return $data;
    }

    /** @param  array<array-key, mixed>  $of  not empty */
    private static function one(array $of): mixed
    {
        return array_values($of)[mt_rand(0, count($of) - 1)];
    }

    /** @return list<Design> the designs of all examples */
    public static function likes(): array
    {
        static $designs = [];
        if ($designs === []) {
            foreach (Examples::all() as $project) {
                array_push($designs, ...array_column($project->options, 'design'));
            }
        }

        return $designs;
    }

    /**
     * What is left out stays out: a design with all parts at once can hardly ever be built.
     *
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function anyOf(Design $like, array $schema): array
    {
        $data = DesignCodec::toArray($like);
        foreach (self::chance($schema['$defs']['design'], $schema, $data) as $key => $part) {
            // Most parts stay as they are, for the same reason.
            if (mt_rand(0, 3) === 0 && (Part::tryFrom($key)?->of($like)->present() ?? true)) {
                $data[$key] = $part;
            }
        }

        return $data;
    }

    /**
     * @param  array<string, mixed>  $rule
     * @param  array<string, mixed>  $schema
     */
    private static function chance(array $rule, array $schema, mixed $like): mixed
    {
        if (isset($rule['$ref'])) {
            $rule = $schema['$defs'][basename($rule['$ref'])] + $rule;
        }
        if (isset($rule['properties'])) {
            foreach ($rule['properties'] as $key => $inner) {
                $like[$key] = self::chance($inner, $schema, $like[$key]);
            }

            return $like;
        }
        if (isset($rule['items'])) {
            return array_map(static fn (mixed $item): mixed => self::chance($rule['items'], $schema, $item), $like);
        }
        if (! isset($rule['minimum'])) {
            return $like;
        }

        // The ends themselves often, what lies near the example mostly, anything at times.
        return match (mt_rand(0, 9)) {
            0 => $rule['minimum'],
            1 => $rule['maximum'],
            2 => $rule['minimum'] + mt_rand() / mt_getrandmax() * ($rule['maximum'] - $rule['minimum']),
            default => $like === null ? null : max($rule['minimum'], min($rule['maximum'], $like * (0.7 + mt_rand() / mt_getrandmax()))),
        };
    }
}
