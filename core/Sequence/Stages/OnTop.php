<?php

declare(strict_types=1);

namespace Ondergrond\Sequence\Stages;

use Ondergrond\Design\Part;
use Ondergrond\Plan\Kinds\HeatedZone;
use Ondergrond\Sequence\After;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Stage;
use Ondergrond\Sequence\Task;
use Ondergrond\Sequence\Weather;

/** What lies on the slab, its drying and first heat. */
final class OnTop implements Stage
{
    /** A cement screed is heated from 21 days on (EN 1264-4), h. */
    private const SCREED = 21 * 24.0;

    public function tasks(Circumstances $of): array
    {
        $new = ! $of->isOld();
        $screed = $of->has(Part::Screed) && ! $of->job->design->hasPanels();

        return [
            new Task(
                'dry-in', 'Roof on', [new After('release', 'nothing dries under rain')], wait: 24 * 21.0, crew: 0, who: 'carpenter',
                parts: [Part::Closer], isDone: $of->hasSlab(),
            ),
            new Task(
                'top-boards', 'Boards on the slab, upstand all round, second sheet',
                [new After('dry-in', 'closed building'), new After('mat-look', 'covered last')],
                $of->hours(0.07 * $of->floor(), 2), hold: HoldPoint::Screed,
                parts: [Part::Mat, Part::BoardAbove, Part::Upstand, Part::UpperSheet],
                isDone: $new && $of->has(Part::Mat, Part::BoardAbove, Part::Upstand, Part::UpperSheet),
            ),
            new Task(
                'top-heating', 'Heating pipes, pressure on', [new After('top-boards', 'on it'), new After('dry-in', 'closed building')],
                $of->hours(0.10 * $of->floor(), 2), wait: 48.0, weather: [Weather::Pipes], hold: HoldPoint::Screed,
                caution: 'Air under pressure: 3 bar at most, ends guarded.', parts: [Part::Heating], items: [HeatedZone::class],
                isDone: $of->isHeatedInScreed(),
            ),
            new Task(
                'screed', 'Screed, gauge watched',
                [
                    new After(
                        'top-heating', 'pipes under pressure',
                    ), new After('top-boards', 'on it'), new After('dry-in', 'closed building'),
                    new After('floor-board', 'on it'), new After('mat-look', 'on it'),
                ],
                $of->hours(
                    0.15 * $of->floor(), 3,
                ), crew: 3, weather: [Weather::Screed], hold: HoldPoint::Screed, caution: 'Wet cement burns.',
                parts: [Part::Screed], isDone: $screed,
            ),
            new Task(
                'heat-up', 'First heat-up, logged',
                [new After(
                    'screed', 'a green screed cracks', self::SCREED,
                ), new After('cure', 'a green slab cracks', 7 * 24.0), new After('dry-in', 'a closed building')],
                wait: 7 * 24.0, crew: 1, hold: HoldPoint::Finish, isDone: $of->has(Part::Heating),
            ),
            new Task(
                'lining', 'Lining inside the walls, its barrier over all foam', [
                    new After('dry-in', 'closed building'), new After('deck', 'closed above'),
                ],
                $of->hours(0.25 * $of->quantity(Part::Lining), 2), weather: [Weather::Glue],
                caution: 'Foam burns fast with poisonous smoke: no room is used before it is covered (IRC R316.4).', parts: [Part::Lining],
                isDone: $new && $of->has(Part::Lining),
            ),
            new Task(
                'finish-floor', 'Moisture read, floor finish',
                [
                    new After(
                        'heat-up', 'a finish fails on wet',
                    ), new After('dry-in', 'a finish fails on wet'), new After('screed', 'it dries', 24 * 28.0),
                    new After(
                        'barrier', 'after dust',
                    ), new After('stairs', 'the stairs are back'), new After('cure', 'a finish fails on wet'),
                    new After('lining', 'after dust'),
                ],
                $of->hours(0.02 * $of->floor(), 2) + 4.0, hold: HoldPoint::Finish, caution: 'Grinding: silica.', parts: [Part::Finish],
            ),
        ];
    }
}
