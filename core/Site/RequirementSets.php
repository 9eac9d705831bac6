<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Choices;

/**
 * Sets of requirements that ship, all from memory: the prescriptive table of the International Energy Conservation Code
 * 2021, R402.1.3, by climate zone, continuous insulation, and one set of common practice. The code in force decides.
 */
final class RequirementSets implements Choices
{
    /** ft²·h·°F/Btu in m²K/W. */
    private const R = 0.17611;

    private const FOOT = 0.3048;

    /** @return array<string, array{label: string, of: Requirements}> by slug */
    public static function all(): array
    {
        return [
            'none' => ['label' => 'None', 'of' => new Requirements],
            'practice' => [
                'label' => 'Common practice: R-10 under and at the edge, R-15 walls',
                'of' => self::set('practice', 10, 10, 2, 15, 13, 30),
            ],
            'zone-3' => ['label' => 'Climate zone 3, prescriptive (from memory)', 'of' => self::set('zone-3', null, 10, 2, 5, 5, 19)],
            'zone-4' => [
                'label' => 'Climate zone 4, not marine, prescriptive (from memory)',
                'of' => self::set('zone-4', null, 10, 4, 10, 10, 19),
            ],
            'zone-5' => [
                'label' => 'Climate zones 5 and marine 4, prescriptive (from memory)',
                'of' => self::set('zone-5', null, 10, 4, 15, 15, 30),
            ],
            'zone-6' => ['label' => 'Climate zone 6, prescriptive (from memory)', 'of' => self::set('zone-6', null, 10, 4, 15, 15, 30)],
            'zone-7' => [
                'label' => 'Climate zones 7 and 8, prescriptive (from memory)',
                'of' => self::set('zone-7', null, 10, 4, 15, 15, 38),
            ],
        ];
    }

    public static function words(): array
    {
        return array_map(static fn (array $s): string => $s['label'], self::all());
    }

    private static function set(
        string $slug,
        ?float $underSlab,
        ?float $edge,
        ?float $feet,
        ?float $basement,
        ?float $crawlspace,
        ?float $deck,
    ): Requirements {
        $r = static fn (?float $value): ?float => $value === null ? null : round($value * self::R, 4);

        return new Requirements(
            $slug, $r($underSlab), $r($edge), $feet === null ? null : $feet * self::FOOT, $r($basement), $r($crawlspace), $r($deck),
        );
    }
}
