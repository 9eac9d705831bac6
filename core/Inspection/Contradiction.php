<?php

declare(strict_types=1);

namespace Ondergrond\Inspection;

/** Signs that speak against each other: no cause explains both, so one of them is to be read again. Common practice, no source. */
final readonly class Contradiction
{
    /** Signs that do not go together, why not, and what to read next. */
    private const PAIRS = [
        [
            [Sign::FoilBehind, Sign::FoilFront], 'the foil was wet on its face and behind',
            'Dry the wall’s face and tape fresh foil on for two days, one sheet where it is worst and one beside it: look at each side at once.',
        ],
        [
            [Sign::AlwaysSame, Sign::Winter], 'it is called the same all year and worse in cold weather',
            'Read the same marked spots with the same meter now, in a cold week and in a warm one.',
        ],
        [
            [Sign::AlwaysSame, Sign::Summer], 'it is called the same all year and worse on muggy days',
            'Read the same marked spots with the same meter now, on a muggy day and in a cold week.',
        ],
        [
            [Sign::AlwaysSame, Sign::AfterRain], 'it is called the same all year and worse after rain',
            'Read the same marked spots with the same meter in a wet week and in a dry one.',
        ],
        [
            [Sign::OnePatch, Sign::EvenEverywhere], 'it is called one patch by itself and damp alike all over',
            'Walk the meter over the whole wall in steps of half a metre and mark where it changes.',
        ],
        [
            [Sign::OnePatch, Sign::WholeWallFoot], 'it is called one patch by itself and damp along the whole foot',
            'Walk the meter along the foot in steps of half a metre and mark where it changes.',
        ],
        [
            [Sign::Salts, Sign::ColdPipes], 'there are salts, which water of the ground brings, and drops, which the air brings',
            'There may be two sources: tape foil on for two days, and read the wall at three heights.',
        ],
    ];

    /**
     * @param  string  $said  a clause
     * @param  string  $next  what to read next, a sentence
     */
    public function __construct(
        public string $said,
        public string $next,
    ) {}

    /** @return list<self> */
    public static function all(Inspection $seen, Profile $profile, ?float $overDewPoint): array
    {
        $found = [];
        foreach (self::PAIRS as [$signs, $said, $next]) {
            if (array_udiff($signs, $seen->signs, static fn (Sign $a, Sign $b): int => $a->value <=> $b->value) === []) {
                $found[] = new self($said, $next);
            }
        }
        $rises = array_intersect(
            array_column([Sign::TideLine, Sign::Salts, Sign::AlwaysSame], 'value'), array_column($seen->signs, 'value'),
        ) !== [] || $profile === Profile::Falling;
        if ($rises && ($seen->height ?? 0.0) > Diagnosis::HIGHEST_RISE) {
            $found[] = new self(
                'it looks like damp from the ground, but reaches higher than ground water climbs',
                'Read on upward to where it ends, and look outside at that height: gutter, sill, crack, roof.',
            );
        }
        if ($profile === Profile::Valley) {
            $found[] = new self(
                'readings fall with height and rise again',
                'Read again every 150 mm from floor to top: two sources, or salts under the meter; a drilled sample tells salts from water.',
            );
        }
        $sweats = array_filter($seen->signs, static fn (Sign $s): bool => in_array($s, [Sign::FoilFront, Sign::ColdPipes], true)) !== [];
        if ($sweats && $overDewPoint !== null && $overDewPoint < self::DRY) {
            $found[] = new self(
                'drops were seen, but the surface lies well above the dew point',
                'Measure air and surface again when the drops are there, early on a cold morning or on a muggy afternoon.',
            );
        }

        return $found;
    }

    /** So far under the surface's temperature a dew point explains no drops, K. */
    private const DRY = -3.0;
}
