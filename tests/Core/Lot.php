<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\Schema;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Examples\Examples;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;

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
        $place = self::chance($schema['$defs']['site'], $schema, SiteCodec::toArray(Examples::boathouse()->site));
        $place['soil'] = Soil::cases()[$i % 3]->value;
        $place['climate']['design_c'] = min($place['climate']['monthly_mean_c']) - $i % 4;

        return [SiteCodec::fromArray($place), $design];
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
