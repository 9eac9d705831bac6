<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

use Ondergrond\Design\Done;
use Ondergrond\Design\Part;
use Ondergrond\Plan\Kinds\Post;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Passes;
use Ondergrond\Section\Levels;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\HoldPoint;
use Ondergrond\Sequence\Network;
use Ondergrond\Units\Unit;

/** What is read before each hold point of a job is passed, from its parts and items. */
final readonly class HoldItems
{
    private function __construct(private Circumstances $of) {}

    /** @return array<string, HoldItem> by id, in the order of the hold points */
    public static function of(Circumstances $of, Network $network): array
    {
        $held = [];
        foreach ($network->tasks as $task) {
            if ($task->hold !== null) {
                $held[$task->hold->value] = true;
            }
        }
        $items = [];
        foreach (HoldPoint::cases() as $hold) {
            foreach (isset($held[$hold->value]) ? (new self($of))->at($hold) : [] as $item) {
                // Of parts that are not there nothing is read.
                if ($item->part === '' || $of->has(Part::from($item->part))) {
                    $items[$item->id] = $item;
                }
            }
        }

        return $items;
    }

    /** @return list<HoldItem> */
    private function at(HoldPoint $hold): array
    {
        $d = $this->of->job->design;
        $at = $this->of->job->at;
        $sleeves = $this->of->count(Sleeve::class);
        $posts = $this->of->count(Post::class);
        $item = static fn (
            string $slug, string $label, EntryKind $kind = EntryKind::Seen, ?Part $part = null, ?float $drawn = null, ?float $min = 1.0,
            ?float $max = null, string $source = 'common practice, no source', bool $byCompetent = false,
        ): HoldItem => new HoldItem(
            "{$hold->value}:{$slug}", $hold, $label, $kind, $part->value ?? '', $drawn, $min, $max, $source, $byCompetent,
        );

        return match ($hold) {
            HoldPoint::Start => [
                $item('permit', 'Permit there; cables, gas and water located and still valid'),
                $item('decisions', 'What was open is settled, by name'),
            ],
            HoldPoint::Formation => [
                $item('level', 'Formation level against drawn', EntryKind::Level, null, 0.0, ...Levels::off('dig', $d)),
                $item('soft', 'No soft spot, nothing frozen or undermined: bearing seen', byCompetent: true),
                $item(
                    'trench', 'Trench protected, or found safe by a competent person', byCompetent: true,
                    source: 'OSHA 1926.652 (from memory)',
                ),
                ...($this->of->has(Part::Service) || $sleeves > 0
                    ? [
                        $item(
                            'pipes', 'Pipes in the ground tested: 3 m of water or 0.35 bar of air for 15 minutes',
                            source: 'IRC P2503 (from memory)',
                        ),
                    ]
                    : []),
            ],
            HoldPoint::Footing => [
                $item('mud', 'Mud and water out'),
                $item(
                    'width', 'Width of the footing', EntryKind::Size, Part::Footing, $d->footing->width, $d->footing->width,
                    $d->footing->width + 0.05,
                ),
                $item('top', 'Footing’s top against drawn', EntryKind::Level, Part::Footing, 0.0, ...Levels::off('footing_top', $d)),
                $item('over-dig', 'Footing’s top over the dug floor', EntryKind::Size, Part::Footing, $at->stemFoot - $at->dig, 0.150),
                $item('bars', 'Bars counted, cover 75 mm on earth, dowels in'),
                ...($d->edgeSteel->bar > 0.0 ? [$item(
                    'bar-count', 'Bars along the footing', EntryKind::Count, Part::EdgeSteel, $d->edgeSteel->count, $d->edgeSteel->count,
                )] : []),
                $item('frozen', 'Ground not frozen, soft or undermined', byCompetent: true, source: 'ACI 306R (from memory)'),
            ],
            HoldPoint::Forms => [
                $item('line', 'Line of the wall', EntryKind::Level, Part::Stem, 0.0, -0.006, 0.006),
                $item('plumb', 'Plumb over 2.4 m', EntryKind::Level, Part::Stem, 0.0, -0.006, 0.006),
                $item('braces', 'Forms and braces complete', byCompetent: true),
                $item(
                    'inside', 'Bars, sleeves, bucks and ledge as drawn; photograph of each face', EntryKind::Photograph, Part::Stem,
                    min: null,
                ),
                ...($this->edgeSleeves() > 0.0 ? [
                    $item('sleeves', 'Sleeves in the wall counted', EntryKind::Count, null, null, $this->edgeSleeves()),
                ] : []),
            ],
            HoldPoint::WallCoat => [
                $item('board', 'Board outside the wall whole, joints closed', part: Part::EdgeOutside),
                $item('drainage', 'Drainage layer to the drain, fabric lapped', part: Part::Drainage),
                $item('wetted', 'Wetted: no dark patch', part: Part::Membrane),
                $item(
                    'top', 'Top of the coat over final ground', EntryKind::Level, Part::Membrane, $at->membraneTop - $at->grade,
                    $at->membraneTop - $at->grade - 0.01,
                ),
                $item('faces', 'Photograph of each face', EntryKind::Photograph, Part::Membrane, min: null),
            ],
            HoldPoint::Backfill => [
                $item('strength', 'Wall at 70 % of its strength', byCompetent: true, source: 'IRC R404.1.7 (from memory)'),
                $item('held', 'Foot and top of the wall held', byCompetent: true, source: 'IRC R404.1.7 (from memory)'),
                ...($this->of->has(Part::Drains) ? [
                    $item('bucket', 'A bucket of water from the far corner reaches the outlet', part: Part::Drains),
                ] : []),
            ],
            HoldPoint::Base => [
                ...($this->of->has(Part::Stone)
                    ? [
                        $item('stone', 'Depth of stone', EntryKind::Thickness, Part::Stone, $d->stone->thickness, $d->stone->thickness),
                    ] : []),
                ...($this->of->has(Part::Blinding)
                    ? [
                        $item(
                            'blinding', 'Depth of blinding; no stone shows', EntryKind::Thickness, Part::Blinding,
                            $d->blinding->thickness, $d->blinding->thickness,
                        ),
                    ]
                    : []),
                $item('level', 'Top of the base against drawn', EntryKind::Level, null, 0.0, ...Levels::off('stone_top', $d)),
                ...($this->of->hasSlab()
                    ? [
                        $item(
                            'room', 'Room for the slab, on a grid of 3 m at most', EntryKind::Thickness, Part::Slab,
                            $d->slab->layer->thickness, $d->slab->layer->thickness,
                        ),
                    ]
                    : []),
                $item('square', 'Diagonals squared up'),
            ],
            HoldPoint::Boards => $this->boards($item),
            HoldPoint::Pipes => [
                $item(
                    'pressure', 'Pressure over 48 h, with temperatures', EntryKind::Pressure, Part::Heating, min: 48.0,
                    source: 'gas law; EN 1264-4 and IRC M2103.4 for water (from memory)',
                ),
                $item('loop', 'Longest loop', EntryKind::Length, Part::Heating, $d->heating->loop, null, max(90.0, $d->heating->loop)),
            ],
            HoldPoint::BeforePour => [
                $item('diagonals', 'Diagonals again'),
                $item(
                    'cover', 'Cover of the lower bars', EntryKind::Size, $d->steel->present() ? Part::Steel : null, $d->steel->cover,
                    $d->steel->present() ? $d->steel->cover : 0.04,
                ),
                ...($sleeves > 0 ? [
                    $item('sleeves', 'Sleeves through the floor counted', EntryKind::Count, null, null, (float) $sleeves),
                    $item('sleeve-place', 'Sleeve furthest off its place', EntryKind::Level, null, 0.0, -0.010, 0.010),
                ] : []),
                ...($posts > 0 ? [$item('posts', 'Bases of posts counted', EntryKind::Count, null, null, (float) $posts)] : []),
                $item('patched', 'Sheet patched, last photograph of it', EntryKind::Photograph, Part::Sheet, min: null),
                $item('frozen', 'Nothing frozen, no water or mud in the edge', byCompetent: true, source: 'ACI 306R (from memory)'),
                ...($this->of->isHeatedInSlab() ? [$item('gauge', 'Gauge again that morning', part: Part::Heating)] : []),
                $item('weather', 'Weather that morning', EntryKind::Weather, min: null),
                $item('inspector', 'Inspector was there'),
            ],
            HoldPoint::Pour => [
                $item(
                    'ticket', 'Last ticket, minutes since batching', EntryKind::Count, Part::Slab, min: null, max: 90.0,
                    source: 'ASTM C94 (from memory); the buyer may change it',
                ),
                $item(
                    'thickness', 'Slab as it was struck, on a grid', EntryKind::Thickness, Part::Slab, $d->slab->layer->thickness,
                    $d->slab->layer->thickness, source: 'nominal; ACI 117 beside it (from memory)',
                ),
                $item('covered', 'Cover on within an hour'),
            ],
            HoldPoint::Loading => [
                $item('days', 'Days since the pour', EntryKind::Count, Part::Slab, min: 7.0, source: 'ACI 308 (from memory)'),
                $item('whole', 'Cover whole until then'),
            ],
            HoldPoint::Edge => [
                ...($this->of->has(Part::Shield) ? [$item('shield', 'Shield sealed, drip free', part: Part::Shield)] : []),
                ...($this->of->has(Part::Cover) ? [
                    $item('foot', 'Foot of the cover below final ground', EntryKind::Size, Part::Cover, $d->cover->depthBelowGrade, min(
                        $d->cover->depthBelowGrade, 0.3,
                    )),
                ] : []),
                ...($this->of->has(Part::Wing) ? [
                    $item('wing', 'Ground over the wing', EntryKind::Size, Part::Wing, $d->wing->depth, min($d->wing->depth, 0.3)),
                ] : []),
                $item('fall', 'Ground falls 5 % for 3 m', source: 'IRC R401.3 (from memory)'),
                $item('photo', 'Photograph of each side', EntryKind::Photograph, min: null),
            ],
            HoldPoint::OldWall => [
                ...$this->cracks($item),
                $item('storm', 'Watched through one storm: dry'),
                $item('wood', 'Wood at 20 % or less', EntryKind::Count, null, null, null, 20.0),
                $item('movement', 'Movement judged by an engineer', byCompetent: true),
                $item('flue', 'Flue safe, radon known'),
            ],
            HoldPoint::Mat => [
                $item('behind', 'Mat behind the line of the boards', EntryKind::Size, Part::Mat, $d->mat->behind, 0.025),
                $item('path', 'Path to the sump open, rim sealed'),
                $item('photo', 'Photograph before the floor', EntryKind::Photograph, min: null),
            ],
            HoldPoint::Screed => [
                $item('upstand', 'Upstand complete', part: Part::Upstand),
                $item('cover', 'Cover over the pipes', EntryKind::Size, Part::Heating, null, 0.030),
                $item('level', 'Level to the existing floor', EntryKind::Level, Part::Screed, 0.0, -0.003, 0.003),
            ],
            HoldPoint::Finish => [
                $item('moisture', 'Moisture within what the finish’s maker allows', source: 'ASTM F2170, the finish’s maker'),
                ...($this->of->has(Part::Heating) ? [$item('heat-up', 'Heated up once, logged', part: Part::Heating)] : []),
            ],
        };
    }

    /**
     * @return list<HoldItem>
     */
    private function boards(callable $item): array
    {
        $d = $this->of->job->design;
        $items = [];
        foreach ([
            [Part::Field, $d->fieldBoard], [Part::Perimeter, $d->perimeterBoard->layer], [Part::EdgeUnder, $d->edgeUnder],
        ] as [$part, $layer]) {
            if ($part->of($d)->present()) {
                $items[] = $item(
                    'rating-'.strtr($part->value, '_', '-'), "{$part->label()}: strength on the label", EntryKind::Rating, $part, null,
                    $layer->material->strength, null, 'as drawn; ASTM C578, EN 13163 or 13164 on the label',
                );
            }
        }
        if ($items !== [] || $this->of->has(Part::EdgeInside)) {
            $items[] = $item('gaps', 'Widest gap that is not foamed', EntryKind::Size, null, null, null, 0.003);
            $items[] = $item('labels', 'Photograph of the labels', EntryKind::Photograph, min: null);
        }
        if ($this->of->has(Part::EdgeInside)) {
            $items[] = $item(
                'edge', 'Board inside the edge whole all round', EntryKind::Seen, Part::EdgeInside,
            );
        }
        if ($this->of->has(Part::Sheet)) {
            // 150 mm, or 6 in where that is bought.
            $lap = max($this->of->job->isMetric() ? 0.15 : 6 * Unit::INCH, $d->sheet->lap);
            $items[] = $item(
                'lap', 'Least lap of the sheet', EntryKind::Lap, Part::Sheet, $lap, $lap, null,
                'ASTM E1643 (from memory): 150 mm; 600 careful',
            );
            $items[] = $item('boots', 'Boots and turn-up taped', EntryKind::Seen, Part::Sheet);
        }

        return $items;
    }

    /** @return list<HoldItem> each crack by itself, as it was listed; where none was, all of them together */
    private function cracks(callable $item): array
    {
        $items = [];
        foreach ($this->of->job->design->repairs->cracks as $i => $crack) {
            $wet = $crack->wet === Done::Yes ? ', led to the drain' : '';
            $items[] = $item(
                'crack-'.($i + 1), sprintf('Crack %d: chased, filled%s; a photograph', $i + 1, $wet), EntryKind::Photograph, min: null,
            );
        }

        return $items !== [] ? $items : [
            $item('cracks', 'Every crack chased, filled and dry; a photograph of each', EntryKind::Photograph, min: null),
        ];
    }

    private function edgeSleeves(): float
    {
        return (float) count(array_filter(
            $this->of->job->items->of(Sleeve::class), static fn (Sleeve $s): bool => $s->passes === Passes::Edge,
        ));
    }
}
