<?php

declare(strict_types=1);

namespace Ondergrond\Sequence\Stages;

use Ondergrond\Design\Casting;
use Ondergrond\Design\Part;
use Ondergrond\Material\Kind;
use Ondergrond\Plan\Kinds\Pad;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Sequence\After;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Stage;
use Ondergrond\Sequence\Task;
use Ondergrond\Sequence\Weather;

/** Footing and wall in the ground, its coat, drain and backfill. */
final class Footings implements Stage
{
    public function tasks(Circumstances $of): array
    {
        $walls = $of->hasWalls();
        $footing = $walls && $of->has(Part::Footing);
        $form = $of->has(Part::Form);
        $material = $of->job->design->stem->material()->kind;
        $poured = $form || $material === Kind::Concrete;
        $face = $of->round() * $of->wall();
        $below = $of->round() * max(0.0, -$of->job->at->stemFoot);
        $held = $of->job->design->hasRoomBelowGrade();
        $bolts = $of->boltsAt();
        $together = $footing && $poured && $of->job->design->footing->casting === Casting::Together;
        $coated = $walls && $of->has(Part::Membrane);

        return [
            new Task(
                'footing-trench', 'Footing trench, steps to frost depth',
                [new After(
                    'bulk-dig', 'from the dug floor',
                ), new After('compact', 'from proved ground'), new After('break-rock', 'on rock')],
                $of->hours(0.2 * $of->round(), 2), weather: [Weather::Base], hold: HoldPoint::Formation,
                caution: 'Trench: a competent person decides whether it needs protection.', isDone: $footing,
            ),
            new Task(
                'bearing', 'Bearing seen', [new After('footing-trench', 'the engineer sees it dry')], 1.0, crew: 0, who: 'engineer',
                weather: [Weather::Base], hold: HoldPoint::Formation, isDone: $footing,
            ),
            new Task(
                'edge-under-footing', 'Board under the footing', [new After('bearing', 'on ground that was seen')],
                $of->hours(
                    0.1 * $of->quantity(Part::EdgeUnder), 2,
                ), weather: [Weather::Boards], hold: HoldPoint::Footing, parts: [Part::EdgeUnder],
                isDone: $footing && $of->has(Part::EdgeUnder),
            ),
            new Task(
                'footing-forms', 'Footing forms', [
                    new After('bearing', 'stone must fit'), new After('edge-under-footing', 'they stand on it'),
                ],
                $of->hours(0.3 * $of->round(), 3), crew: 3, hold: HoldPoint::Footing, isDone: $footing,
            ),
            new Task(
                'footing-steel', 'Bars on blocks, dowels', [new After('footing-forms', 'cover')], $of->hours(0.1 * $of->round(), 2),
                weather: [Weather::Steel], hold: HoldPoint::Footing, caution: 'Caps on bars.', parts: [Part::EdgeSteel], isDone: $footing,
            ),
            new Task(
                'footing-sleeves', 'Sleeves set; mud and water out', [new After('footing-steel', 'pump, then scrape')],
                0.5 * max(1, $of->count(Sleeve::class)), hold: HoldPoint::Footing, items: [Sleeve::class], isDone: $footing,
            ),
            new Task(
                'footing-inspector', 'Inspector at the footing', [new After('footing-sleeves', 'the law')], 4.0, crew: 0, who: 'owner',
                hold: HoldPoint::Footing, isDone: $footing,
            ),
            new Task(
                'footing-pour', 'Pour footing and pads', [
                    new After('order', 'concrete is booked'), new After('footing-inspector', 'seen first'),
                ],
                $of->placing('footing'), crew: 4, weather: [Weather::Pour], hold: HoldPoint::Footing,
                caution: 'Wet cement burns; hose whips.',
                parts: [Part::Footing, Part::Pads], items: [
                    ...($of->count(Post::class) > 0 ? [Post::class] : []), Pad::class,
                ],
                isDone: $footing && ! $together,
            ),
            new Task(
                'footing-strip', 'Strip the footing', [new After('footing-pour', '3.5 MPa', 24.0)], $of->hours(0.05 * $of->round(), 2),
                weather: [Weather::Cure], isDone: $footing && ! $together,
            ),
            new Task(
                'wall-lines', $together ? 'Lines on the footing’s forms' : 'Clean the footing, snap and seal lines',
                [new After('footing-strip', 'rain washes chalk off'), new After('footing-inspector', 'steel is seen first')],
                $of->hours(0.05 * $of->round(), 2) + 0.5, hold: HoldPoint::Forms, isDone: $walls,
            ),
            new Task(
                'wall-start', match (true) {
                    $form => 'Courses 1 and 2, corners, glue',
                    $poured => 'Wall forms, first side',
                    default => 'Lay the wall',
                },
                [new After('order', 'it has come'), new After('wall-lines', 'errors climb')],
                $of->hours(($poured ? 0.35 : 0.9) * $face, 3), crew: 3, weather: $form ? [Weather::Glue, Weather::Boards] : [],
                hold: HoldPoint::Forms, caution: $poured ? '' : 'No wall stands free in wind: brace it.', parts: [
                    Part::Stem, Part::Form,
                ], isDone: $walls,
            ),
            new Task(
                'wall-cavity', 'Boards into the cavity as the leaves rise, lean concrete under them, ties kept clean',
                [new After('wall-start', 'both leaves stand as high')], $of->hours(0.25 * $face, 2), weather: [Weather::Boards],
                hold: HoldPoint::Forms, parts: [Part::Cavity], isDone: $walls && $of->job->design->stem->hasLeaves(),
            ),
            new Task(
                'wall-braces', 'Braces and scaffold inside', [new After('wall-start', 'wind')], $of->hours(0.15 * $face, 3), crew: 3,
                weather: [Weather::Boards], hold: HoldPoint::Forms, caution: 'Falls.', isDone: $walls && $poured,
            ),
            new Task(
                'wall-courses', $form ? 'Courses, bars, sleeves, ledges' : 'Bars and sleeves; close the forms',
                [new After(
                    'wall-start', 'what is in it cannot come later',
                ), new After('wall-braces', 'braces grow with it', fromStart: true)],
                $of->hours(0.35 * $face, 3), crew: 3, weather: [Weather::Boards], hold: HoldPoint::Forms,
                caution: 'Falls; bars.', parts: $bolts === 'wall-courses' ? [Part::Bucks, Part::Anchors] : [Part::Bucks],
                items: [Sleeve::class], isDone: $walls && $poured,
            ),
            new Task(
                'wall-check', 'String and plumb; what is open is closed',
                [new After(
                    'decisions', 'an opening later costs a day',
                ), new After('wall-courses', 'before it is full'), new After('wall-braces', 'braced')],
                2.0, crew: 1, who: 'lead hand', hold: HoldPoint::Forms, isDone: $walls && $poured,
            ),
            new Task(
                'wall-inspector', 'Inspector at the wall', [new After('wall-check', 'the law')], 4.0, crew: 0, who: 'owner',
                hold: HoldPoint::Forms, isDone: $walls && $poured,
            ),
            new Task(
                'wall-t24', 'Decide a day before the wall’s pour', [
                    new After('order', 'pump and truck'), new After('wall-inspector', 'seen first'),
                ], 1.0, crew: 0,
                who: 'owner', weather: [Weather::Pour], hold: HoldPoint::Forms, isDone: $walls && $poured,
            ),
            new Task(
                'wall-pour', ($together ? 'Pour footing and wall in one, ' : 'Pour the wall ').'in rounds of 1.2 m at most',
                [new After('wall-t24', 'forms burst by pressure', 23.0, true)],
                max(2.0, $of->poured('stem') / 8.0) + ($together ? $of->placing('footing') : 0.0), crew: 6,
                weather: [Weather::Pour, Weather::Boom], hold: HoldPoint::Forms,
                caution: 'Blow-out; falls; hose whips; 5 m from overhead lines.',
                parts: $together ? [Part::Stem, Part::Footing, Part::Pads] : [Part::Stem], items: $together ? [Pad::class] : [],
                inTheMorning: true,
                isDone: $walls && $poured,
            ),
            new Task(
                'wall-straighten', $bolts === '' || $bolts === 'wall-straighten' ? 'Straighten, set bolts' : 'Straighten',
                [new After('wall-pour', 'within the set time', fromStart: true)], 1.0, crew: 3,
                weather: [Weather::Pour], hold: HoldPoint::Forms, parts: $bolts === 'wall-straighten' ? [Part::Anchors] : [],
                isDone: $walls && $poured,
            ),
            new Task(
                'wall-cure', $poured ? 'Wall cures, braces stay' : 'Mortar sets',
                [new After('wall-pour', 'strength'), new After('wall-straighten', 'strength'), new After('wall-start', 'strength'),
                    new After('wall-cavity', 'the ground presses the leaves together')],
                wait: $poured ? 72.0 : 48.0, crew: 0, weather: [Weather::Cure], isDone: $walls,
            ),
            new Task(
                'inner-drain', 'Floor drains, inner drain, gas pipe', [
                    new After('footing-strip', 'under the stone'), ...($together ? [new After('wall-cure', 'forms are struck')] : []),
                ],
                $of->hours(0.35 * max(4.0, $of->quantity(Part::Drains)), 2), weather: [Weather::Dig], hold: HoldPoint::Base,
                parts: [Part::Drains, Part::Gas], isDone: $walls && ($of->job->design->drains->inner > 0.0 || $of->has(Part::Gas)),
            ),
            new Task(
                'wall-faces', 'Faces clean, holes filled', [
                    new After('wall-cure', 'the coat needs it'),
                ], $of->hours(0.05 * $below, 1), crew: 1,
                hold: HoldPoint::WallCoat, isDone: $coated,
            ),
            new Task(
                'wall-outside', 'Board outside the wall',
                [new After('wall-coat-look', 'the coat is seen first'), new After('wall-cure', 'the wall stands')],
                $of->hours(
                    0.15 * $of->quantity(Part::EdgeOutside), 2,
                ), weather: [Weather::Boards, Weather::Glue], hold: HoldPoint::WallCoat,
                parts: [Part::EdgeOutside], isDone: $walls && $of->has(Part::EdgeOutside),
            ),
            new Task(
                'wall-coat', 'Waterproofing', [
                    new After('wall-faces', 'no solvent on foam'),
                ], $of->hours(0.12 * $of->quantity(Part::Membrane), 2),
                weather: [Weather::Coat], hold: HoldPoint::WallCoat, caution: 'Vapours: no flame, air the trench.', parts: [Part::Membrane],
                isDone: $coated,
            ),
            new Task(
                'wall-coat-look', 'Wet the coat and look', [new After('wall-coat', 'the last look', 16.0)], 1.0, crew: 1, who: 'lead hand',
                hold: HoldPoint::WallCoat, isDone: $coated,
            ),
            new Task(
                'drainage', 'Drainage board with fabric',
                [new After(
                    'wall-coat-look', 'protects the coat',
                ), new After('wall-outside', 'over the board'), new After('wall-cure', 'the wall stands')],
                $of->hours(
                    0.08 * $of->quantity(Part::Drainage), 2,
                ), weather: [Weather::Boards], hold: HoldPoint::WallCoat, parts: [Part::Drainage],
                isDone: $walls && $of->has(Part::Drainage),
            ),
            new Task(
                'outer-drain', 'Outer drain, stone, a bucket of water',
                [new After(
                    'drainage', 'water has an end',
                ), new After('wall-coat-look', 'water has an end'), new After('footing-strip', 'beside the footing')],
                $of->hours(0.25 * $of->round(), 2), weather: [Weather::Dig], hold: HoldPoint::Backfill,
                caution: 'Trench: protection needed where it is deeper than 1.25 m; a competent person decides below that.',
                parts: [Part::Drains],
                isDone: $walls && $of->job->design->drains->outer > 0.0,
            ),
            new Task(
                'deck', $of->has(Part::Deck) ? 'Deck on and anchored' : 'Top of the wall held: deck on, or braces by an engineer',
                [new After('wall-cure', 'props the top')], 16.0, crew: 0, who: 'carpenter', hold: HoldPoint::Backfill,
                parts: [Part::Deck, Part::Dpc], isDone: $walls && ($held || $of->has(Part::Deck)),
            ),
            new Task(
                'backfill', 'Backfill in lifts of 300 mm to 400 mm below grade',
                [
                    new After(
                        'outer-drain', 'covered last',
                    ), new After('drainage', 'covered last'), new After('wall-outside', 'covered last'),
                    new After('deck', 'an unpropped wall breaks'), new After('wall-cure', 'the wall has 70 % of its strength'),
                    ...($held ? [new After('pour', 'the slab props the foot', 72.0)] : []),
                ],
                $of->hours(0.10 * $below * 0.8, 2), weather: [Weather::Backfill], hold: HoldPoint::Backfill,
                caution: 'A wall that is not held at foot and top falls on whoever stands behind it.', isDone: $walls,
            ),
            new Task(
                'braces-off', 'Braces off', [new After('deck', 'the deck holds'), new After('wall-cure', 'the wall stands')],
                $of->hours(0.05 * $face, 2), caution: 'Falls.', isDone: $walls && $poured,
            ),
        ];
    }
}
