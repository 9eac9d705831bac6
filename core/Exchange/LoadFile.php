<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Codec\PartCodec;
use Ondergrond\Design\Design;
use Ondergrond\Load\BearingCheck;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Load\SoilCheck;

/** The load part of an assessment file. */
final class LoadFile
{
    /** @return array<string, mixed> */
    public static function toArray(Design $design, LoadVerdict $load): array
    {
        return [
            'method' => sprintf(
                'stress by 45° spread; allowed: strength at 10 %% strain ÷ %.0f for what stays (live load × %.1f), ÷ %.0f for all '
                    .'(common practice, no source)',
                BearingCheck::LONG,
                $design->loads->use->lasting(),
                BearingCheck::SHORT,
            ),
            'inputs' => [...PartCodec::toArray($design->loads), 'supports' => PartCodec::toArray($design->supports)],
            'missing' => $load->missing,
            'verdict' => $load->word()->value,
            'boards' => array_map(static fn (BearingCheck $c): array => [
                'where' => $c->where,
                'part' => $c->part->value,
                'material' => $c->material->slug,
                'strength_kpa' => $c->material->strength,
                'permanent_kpa' => $c->permanent,
                'allowed_long_kpa' => $c->allowableLong(),
                'total_kpa' => $c->total,
                'allowed_short_kpa' => $c->allowableShort(),
                'springs_kpa' => $c->springs,
                'width_m' => $c->width,
                'load_given' => $c->given,
                'share' => $c->share(),
                'verdict' => $c->word()->value,
                'method' => $c->method,
            ], $load->boards),
            'soil' => array_map(static fn (SoilCheck $c): array => [
                'where' => $c->where, 'stress_kpa' => $c->stress, 'allowed_kpa' => $c->allowable(), 'width_m' => $c->width,
                'verdict' => $c->word()->value,
            ], $load->soil),
        ];
    }
}
