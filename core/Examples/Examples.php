<?php

declare(strict_types=1);

namespace Ondergrond\Examples;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Schools\Schools;
use Ondergrond\Inspection\Inspection;
use Ondergrond\Inspection\MeterReading;
use Ondergrond\Inspection\Sign;
use Ondergrond\Material\Materials;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Project\SetAside;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\DampBasis;
use Ondergrond\Site\FrostBasis;
use Ondergrond\Site\GroundWater;
use Ondergrond\Site\House;
use Ondergrond\Site\HumidityClass;
use Ondergrond\Site\Presence;
use Ondergrond\Site\RequirementSets;
use Ondergrond\Site\RoomBasis;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Site\SunBasis;
use Ondergrond\Units\Unit;
use Ondergrond\Units\UnitSystem;

/** Invented projects: what `bin/ondergrond example` prints and the demo opens with. */
final class Examples
{
    /** @return list<Project> those of the demo */
    public static function all(): array
    {
        return [
            self::boathouse(), self::kiosk(), self::readingRoom(), self::musicSchool(), self::bakery(),
            self::glasshouse(), self::weighHouse(), self::pumpHouse(), self::signalBox(), self::mill(), self::ropeShed(), self::washHouse(),
        ];
    }

    /** A complete project of that family; null where there is no such family. */
    public static function of(string $family): ?Project
    {
        foreach (self::all() as $project) {
            $options = array_values(array_filter($project->options, static fn (Option $o): bool => $o->design->family === $family));
            if ($options !== []) {
                $options[0] = new Option($options[0]->name, true, $options[0]->note, $options[0]->design);

                return new Project($project->name, $project->units, $project->site, $options);
            }
        }

        return null;
    }

    public static function boathouse(): Project
    {
        $system = UnitSystem::InchPound;
        // A drawing that says nothing yet of laps, steel, shield and course.
        $tray = Variants::changed(self::preset('thickened-edge-slab', Footprint::rectangle(60 * Unit::FOOT, 30 * Unit::FOOT), $system), [
            'sheet' => ['lap_m' => 0.0, 'joints' => 'not-said'],
            'edge_inside' => ['bevel_m' => 0.0],
            'edge_outside' => ['depth_below_grade_m' => 16 * Unit::INCH],
            'shield' => ['thickness_m' => 0.0, 'drip_m' => 0.02],
            'dpc' => ['thickness_m' => 0.0, 'height_above_grade_m' => 0.15, 'kind' => 'not-said', 'lap_m' => 0.0],
            'steel' => ['bar_m' => 0.0, 'spacing_m' => 0.4, 'cover_m' => 0.04, 'edge_cover_m' => 0.075],
        ]);
        $even = Variants::changed($tray, [
            'field_board' => ['thickness_m' => 4 * Unit::INCH],
            'perimeter_board' => ['width_m' => 0.0],
        ]);
        $thin = Variants::changed($tray, [
            'field_board' => ['material' => 'eps-15psi', 'thickness_m' => 1 * Unit::INCH],
            'perimeter_board' => ['width_m' => 0.0],
            'edge_outside' => ['thickness_m' => 2 * Unit::INCH],
        ]);

        return new Project(
            'Dyke Lane boathouse',
            $system,
            new Site('Rowing club, below the second lock', ClimateSamples::all()['cold-inland'], Soil::ClayOrSilt, 19.0, 0.0, 15.0, 0.25),
            [
                new Option('A · edge tray 4 in', true, 'Thick at the edge, 2 in in the middle.', $tray),
                new Option('B · 4 in throughout', false, 'One board size for the whole floor.', $even),
                new Option('C · as first priced', false, '1 in board and a thin edge.', $thin),
            ],
        );
    }

    private static function kiosk(): Project
    {
        $tray = self::preset('thickened-edge-slab', Footprint::rectangle(6.0, 4.5), UnitSystem::Metric);

        $tray = Variants::changed($tray, ['sheet' => ['position' => 'below'], 'edge_outside' => ['thickness_m' => 0.1]]);

        return new Project(
            'Ferry kiosk',
            UnitSystem::Metric,
            new Site(
                'Landing stage, east bank', ClimateSamples::all()['river-plain'], Soil::SandOrGravel, 18.0, 0.0, 14.0, null,
                damp: new DampBasis(HumidityClass::Store),
            ),
            [
                new Option('Tray, 50 and 100 mm', true, '', $tray),
                new Option(
                    'With a rubber floor', false, 'As the ferrymen asked: open by June.',
                    Variants::changed($tray, ['finish' => ['kind' => 'resilient', 'wait_days' => 42.0]]),
                ),
            ],
        );
    }

    private static function readingRoom(): Project
    {
        $design = self::preset('thickened-edge-slab', new Footprint(96.0, 41.0, 29.0), UnitSystem::Metric);

        return new Project(
            'Toll-house reading room',
            UnitSystem::Metric,
            new Site(
                'Between the toll-house and the wash-house, two sides built against', ClimateSamples::all()['snowy-upland'],
                Soil::ClayOrSilt, 20.0, 1.0, 15.0, 0.20, frost: new FrostBasis(ledge: 0.9),
            ),
            [
                new Option('120 mm field', true, 'Silt over ledge, rock 900 mm down.', Variants::changed($design, [
                    'field_board' => ['thickness_m' => 0.12],
                    'perimeter_board' => ['thickness_m' => 0.16],
                ])),
                new Option(
                    'Raft with a wing', false, 'No digging into the rock.',
                    self::preset('frost-protected-raft', new Footprint(96.0, 41.0, 29.0, lotLine: 2.5), UnitSystem::Metric),
                ),
                new Option(
                    'Deep bed of foam glass', false, 'Base, break and insulation in one.', self::following(Variants::changed($design, [
                        'sheet' => ['class' => 'a', 'barrier' => 'no'], 'edge_outside' => ['held' => 'in-pour', 'wedge_m' => 0.05],
                    ]), 'bed', 'foam-glass'),
                ),
            ],
        );
    }

    private static function musicSchool(): Project
    {
        $plan = new Footprint(84.0, 38.0, 38.0, walkOut: 7.0);
        $outside = self::preset('heated-basement', $plan, UnitSystem::Metric);

        return new Project(
            'Music school with practice basement',
            UnitSystem::Metric,
            new Site(
                'On the bank, one side open to the lower garden', ClimateSamples::all()['cold-inland'], Soil::ClayOrSilt, 20.0, 2.0,
                15.0, 0.30, damp: new DampBasis(HumidityClass::Office, waterTable: 3.0),
            ),
            [
                new Option('A · poured, board outside', true, '', $outside),
                new Option('B · foam form to the footing', false, '', self::following($outside, 'wall-kind', 'form')),
                new Option('C · insulated inside', false, '', self::following($outside, 'wall-side', 'inside')),
                new Option('D · masonry', false, '', self::following($outside, 'wall-kind', 'masonry')),
                new Option(
                    'E · form all the way up', false, 'Courses, bars, openings and cover settled before the first block.',
                    Variants::formSettled(self::following($outside, 'wall-kind', 'form')),
                ),
            ],
        );
    }

    private static function bakery(): Project
    {
        $board = self::preset('existing-basement', new Footprint(52.0, 30.0, 22.0, party: 8.0), UnitSystem::Metric);
        $board = Variants::changed($board, [
            'repairs' => [
                'cracks' => [
                    ['width_m' => 0.003, 'wet' => 'yes', 'chased' => 'yes', 'filled' => 'yes', 'drained' => 'yes'],
                    ['width_m' => 0.001, 'wet' => 'no', 'chased' => 'yes', 'filled' => 'yes', 'drained' => 'no'],
                ],
                'tie_holes' => 'none', 'floor_joint' => 'led', 'entries' => 'sealed', 'straps' => 'sealed',
            ],
            'taken_out' => ['pieces' => [['what' => 'lining', 'material' => 'gypsum-board', 'thickness_m' => 0.025, 'area_m2' => 40.0]]],
        ]);
        $wool = Variants::changed($board, ['lining' => ['layers' => [1 => ['material' => 'cavity-wool', 'thickness_m' => 0.08]]]]);

        return new Project(
            'Old bakery cellar',
            UnitSystem::Metric,
            new Site(
                'Under the shop, walls a hundred years old', ClimateSamples::all()['river-plain'], Soil::ClayOrSilt, 19.0, 0.0,
                15.0, null, house: new House(fuel: 16_000.0),
            ),
            [
                new Option('A · as usual', true, '', $board),
                new Option('B · wool, as next door has it', false, 'Cheaper by half, and what comes of it.', $wool),
            ],
            [
                new Inspection(
                    'Oven wall, behind the flour bins', '2026-02-12', 'Wen Dijker', [
                        Sign::WholeWallFoot, Sign::TideLine, Sign::Salts, Sign::Peeling, Sign::AlwaysSame, Sign::GroundHigh,
                    ], 0.8,
                    [
                        new MeterReading(0.1, 82.0), new MeterReading(0.3, 74.0), new MeterReading(0.5, 58.0),
                        new MeterReading(0.8, 31.0), new MeterReading(1.2, 12.0),
                    ], 16.5, 0.62, 13.0, 'Paving of the yard lies a hand over the old course.',
                ),
                new Inspection(
                    'Stair corner', '2026-08-03', 'Wen Dijker',
                    [Sign::Corners, Sign::Mould, Sign::Summer, Sign::Musty, Sign::Electrics], 0.3,
                    [new MeterReading(0.1, 24.0), new MeterReading(0.5, 22.0), new MeterReading(1.0, 21.0)], 21.0, 0.82, 17.0,
                ),
            ],
        );
    }

    private static function glasshouse(): Project
    {
        $thick = self::preset('heat-storing-slab', Footprint::rectangle(14.0, 6.0), UnitSystem::Metric);
        $thin = Variants::changed($thick, [
            'slab' => ['thickness_m' => 0.1],
            'board_above' => ['material' => 'eps-25psi', 'thickness_m' => 0.15],
            'field_board' => ['thickness_m' => 0.05],
            'upper_sheet' => ['thickness_m' => 0.00025],
            'screed' => ['material' => 'screed', 'thickness_m' => 0.065],
            'upstand' => ['material' => 'xps-25psi', 'thickness_m' => 0.025],
            'heating' => ['in' => 'screed', 'depth_m' => 0.045],
        ]);

        return new Project(
            'Orchard glasshouse floor',
            UnitSystem::Metric,
            new Site(
                'South slope, panels on the shed beside it', ClimateSamples::all()['river-plain'], Soil::SandOrGravel, 18.0, 0.0,
                15.0, null, sun: new SunBasis(51.0, [0.24, 0.30, 0.36, 0.42, 0.45, 0.46, 0.46, 0.47, 0.42, 0.36, 0.27, 0.22], 4.5),
                room: new RoomBasis(3.0, 0.16, 0.5, 4.0, 2.0, 20.0, 0.0, 3.0, 24.0, 3.0, 0.0, -10.0, 1.0, 0.5, 0.25, null, 6.0, 0.4),
            ),
            [
                new Option('A · thick slab on foam', true, 'Eight inches of concrete that sun and panels charge.', $thick),
                new Option('B · boards on top, screed', false, 'Quick to warm, as the seedsman has it.', $thin),
                new Option(
                    'C · the slab as the floor', false, 'Pipes for cold weeks, a cable for sunny ones, no floor on top.',
                    Variants::changed($thick, [
                        'mix' => ['class' => 'c25', 'replaced_share' => 0.3, 'slump_m' => 0.1, 'fibres' => 'no'],
                        'heating' => ['cable_depth_m' => 0.16, 'cable_when' => 'surplus'],
                        'finish' => [
                            'kind' => 'ground', 'exposure' => 'fine', 'grit' => 400, 'flatness_m' => 0.003,
                            'areas' => [['kind' => 'tiles', 'area_m2' => 9.0]],
                        ],
                        'steel' => ['chairs' => 'pinned'],
                    ]),
                ),
            ],
        );
    }

    private static function weighHouse(): Project
    {
        $usual = self::preset('insulated-screed-floor', Footprint::rectangle(9.0, 7.0), UnitSystem::Metric);
        $data = DesignCodec::toArray($usual);
        $data['board_above']['material'] = Variants::product()->slug;
        $data['screed'] = ['material' => 'semi-dry-screed', 'thickness_m' => 0.065];

        return new Project(
            'Weigh-house counter room', UnitSystem::Metric,
            new Site(
                'Cavity walls, pipes in the screed', ClimateSamples::all()['river-plain'], Soil::ClayOrSilt, 20.0, 0.0, 15.0, null,
            ),
            [
                new Option('A · as usual', true, '', $usual),
                new Option(
                    'B · our own board, semi-dry screed', false, 'What the yard has.',
                    DesignCodec::fromArray($data, Materials::withProducts([Variants::product()])),
                ),
            ],
        );
    }

    private static function pumpHouse(): Project
    {
        $plan = Footprint::rectangle(32 * Unit::FOOT, 24 * Unit::FOOT)->along(doors: 6 * Unit::FOOT);
        $form = self::preset('stem-wall-slab', $plan, UnitSystem::InchPound);

        return new Project(
            'Pump-house workshop',
            UnitSystem::InchPound,
            new Site(
                'Behind the old pumping station', ClimateSamples::all()['cold-inland'], Soil::SandOrGravel, 18.0, 0.0, 15.0, null,
                damp: new DampBasis(HumidityClass::Store),
            ),
            [
                new Option('A · foam form', true, '', $form),
                new Option('B · masonry stem', false, '', self::following($form, 'wall-kind', 'masonry')),
                new Option('C · poured stem', false, '', self::following($form, 'wall-kind', 'poured')),
                new Option('D · crane post and loft wall', false, 'What stands inside, and how each is borne.', Variants::withPosts($form)),
            ],
        );
    }

    private static function signalBox(): Project
    {
        $plan = Footprint::rectangle(36 * Unit::FOOT, 26 * Unit::FOOT);

        return new Project(
            'Signal-box house',
            UnitSystem::InchPound,
            new Site('Beside the disused line', ClimateSamples::all()['cold-inland'], Soil::SandOrGravel, 20.0, 0.0, 15.0, null),
            [
                new Option('A · conditioned crawlspace', true, '', self::preset('conditioned-crawlspace', $plan, UnitSystem::InchPound)),
                new Option('B · vented crawlspace', false, '', self::preset('vented-crawlspace', $plan, UnitSystem::InchPound)),
                new Option('C · cold cellar', false, '', self::preset('unheated-basement', $plan, UnitSystem::InchPound)),
            ],
        );
    }

    private static function mill(): Project
    {
        $raft = self::preset('frost-protected-raft', new Footprint(70.0, 34.0, 34.0, lotLine: 3.0), UnitSystem::Metric);

        return new Project(
            'Polder mill store', UnitSystem::Metric,
            new Site('On the mill mound', ClimateSamples::all()['snowy-upland'], Soil::Rock, 17.0, 0.0, 15.0, null),
            [
                new Option('A · as usual', true, '', $raft),
                new Option(
                    'B · stone over the sheet', false, 'The sheet lies on the boards at once, and the stone holds it.',
                    self::following($raft, 'stone-and-sheet', 'over'),
                ),
            ],
        );
    }

    private static function ropeShed(): Project
    {
        return self::single(
            'Rope-walk house with garage', 'End of the rope-walk', 'cold-inland', Soil::ClayOrSilt, 20.0, 'unheated-neighbour',
            new Footprint(88.0, 38.0, 38.0, garage: 6.5, doors: 2.0), UnitSystem::Metric,
        );
    }

    /** A design with the mistakes that teach, and the same put right. */
    private static function washHouse(): Project
    {
        [$wrong, $right] = Variants::hurried(self::preset('thickened-edge-slab', Footprint::rectangle(12.0, 7.0), UnitSystem::Metric));

        return new Project(
            'Fullers’ wash-house',
            UnitSystem::Metric,
            new Site(
                'Behind the bleaching green', ClimateSamples::all()['cold-inland'], Soil::SandOrGravel, 19.0, 0.0, 15.0, 0.25,
                water: GroundWater::Damp, termites: Presence::No, radon: Presence::Yes,
                requirements: RequirementSets::all()['practice']['of'],
            ),
            [
                new Option(
                    'A · as it was drawn', true, 'What the rules find in a hurried drawing.', $wrong,
                    [new SetAside('pest-shield', 'The tinsmith brings the flashing with the cladding.', 'Marit Sluys', '2026-11-20')],
                ),
                new Option('B · put right', false, 'The same, each finding settled.', $right),
            ],
        );
    }

    private static function single(
        string $name,
        string $place,
        string $climate,
        Soil $soil,
        float $indoor,
        string $family,
        Footprint $plan,
        UnitSystem $system,
    ): Project {
        return new Project($name, $system, new Site($place, ClimateSamples::all()[$climate], $soil, $indoor, 0.0, 15.0, null), [
            new Option('A · as usual', true, '', self::preset($family, $plan, $system)),
        ]);
    }

    private static function preset(string $family, Footprint $plan, UnitSystem $system): Design
    {
        return Families::all()[$family]->preset($plan, $system);
    }

    private static function following(Design $design, string $school, string $answer): Design
    {
        return Schools::all()[$school]->follow($design, $answer);
    }
}
