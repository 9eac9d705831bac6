<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Ondergrond\Frost\DesignWinter;
use Ondergrond\Frost\ExtremeWinter;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Site\GroundWater;
use Ondergrond\Site\LimitMeant;
use Ondergrond\Site\Presence;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Site\Susceptibility;

/** Something that a site does not say and that verdicts hang on: what is taken meanwhile, and where the answer belongs. */
final readonly class OpenQuestion
{
    private const MARKED = 3;

    /**
     * @param  string  $key  of the size or choice that answers it, as in a site's file
     * @param  string  $asks  a question
     * @param  string  $meanwhile  what is taken until then, a sentence
     * @param  'sky'|'surface'|'ground'|null  $place  where on a section it belongs; null where nowhere
     * @param  string  $mark  the question in a word or two, as it stands there
     */
    private function __construct(
        public string $key,
        public string $asks,
        public string $meanwhile,
        public ?string $place,
        public string $mark = '',
    ) {}

    /** @return list<self> the weightiest first */
    public static function of(Site $site): array
    {
        return array_values(array_filter([
            self::climate($site), self::winter($site), self::water($site), self::heave($site), self::designDay($site),
            self::waterTable($site), self::required($site), self::limitMeant($site), self::termites($site), self::radon($site),
            self::months($site),
        ]));
    }

    /** @return list<array{key: string, words: string, place: 'sky'|'surface'|'ground'}> the first three that belong on a section */
    public static function marks(Site $site): array
    {
        $marks = [];
        foreach (self::of($site) as $question) {
            if ($question->place !== null && count($marks) < self::MARKED) {
                $marks[] = ['key' => 'site.'.$question->key, 'words' => $question->mark, 'place' => $question->place];
            }
        }

        return $marks;
    }

    private static function climate(Site $site): ?self
    {
        return match ($site->climate->source) {
            ClimateSource::NotKnown => new self(
                'climate.monthly_mean_c', 'What is the climate?',
                'An invented one is drawn under; frost, damp and mass are not checked.', 'sky', 'climate?',
            ),
            ClimateSource::Invented => new self(
                'climate.monthly_mean_c', 'What is the site’s own climate?',
                'This one is invented; every word under it is provisional.', 'sky',
                'own climate?',
            ),
            default => null,
        };
    }

    private static function winter(Site $site): ?self
    {
        $frost = $site->frost;
        $known = $frost->designIndex !== null || $frost->officeDepth !== null || count($frost->winters) >= ExtremeWinter::FEWEST;

        return $known || ! self::freezes($site) ? null : new self(
            'frost.office_depth_m', 'What frost depth does the building office ask?',
            'The design winter is worked out from the months, which know no extremes.', 'surface', 'frost depth?',
        );
    }

    private static function water(Site $site): ?self
    {
        return $site->water !== GroundWater::NotSaid ? null : new self(
            'water', 'Does water stand in the ground?', 'Rules that hang on it are not checked.', 'ground', 'water?',
        );
    }

    private static function heave(Site $site): ?self
    {
        return $site->frost->susceptibility !== Susceptibility::ByClass || $site->soil === Soil::Rock || ! self::freezes($site)
            ? null
            : new self(
                'frost.susceptibility', 'Does the ground heave when it freezes?',
                'It is judged by its class: '.Susceptibility::ByClass->of($site->soil)->label().'.', 'ground', 'does it heave?',
            );
    }

    private static function designDay(Site $site): ?self
    {
        return $site->climate->designGiven !== null ? null : new self(
            'climate.design_c', 'What is the heating design day?', 'It is worked out from the months, roughly.', 'sky', 'design day?',
        );
    }

    private static function waterTable(Site $site): ?self
    {
        return $site->damp->waterTable !== null || $site->water === GroundWater::Dry ? null : new self(
            'damp.water_table_m', 'How high does the water table come?', 'Nothing is held against it.', 'ground', 'water table?',
        );
    }

    private static function required(Site $site): ?self
    {
        return $site->floorLimit !== null || $site->requirements->set !== 'none' ? null : new self(
            'requirements.set', 'What insulation does the code ask?', 'Heat is shown, held against no limit.', null,
        );
    }

    private static function limitMeant(Site $site): ?self
    {
        return $site->floorLimit === null || $site->floorLimitMeant !== LimitMeant::NotSaid ? null : new self(
            'floor_limit_meant', 'Is the limit of U meant with junctions?', 'Both ways are held against it.', null,
        );
    }

    private static function termites(Site $site): ?self
    {
        return $site->termites !== Presence::NotSaid ? null : new self(
            'termites', 'Are there termites?', 'Rules that hang on them are not checked.', null,
        );
    }

    private static function radon(Site $site): ?self
    {
        return $site->radon !== Presence::NotSaid ? null : new self(
            'radon', 'Does the ground give off radon?', 'Rules that hang on it are not checked.', null,
        );
    }

    private static function months(Site $site): ?self
    {
        return $site->climate->source !== ClimateSource::Estimated ? null : new self(
            'climate.source', 'Has anybody twelve months or a weather file of the site?',
            'The months are estimated; every word under them is provisional.', null,
        );
    }

    /** Under a climate that is not known it may. */
    private static function freezes(Site $site): bool
    {
        return $site->climate->source === ClimateSource::NotKnown || DesignWinter::of($site)->freezes();
    }
}
