<?php

declare(strict_types=1);

namespace Tests\Core;

use Illuminate\Support\Arr;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Project\SetAside;
use Ondergrond\Site\GroundWater;
use Ondergrond\Site\Presence;
use Ondergrond\Site\Requirements;
use Ondergrond\Site\Site;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProjectFileTest extends TestCase
{
    public function test_a_file_of_every_version_is_still_read(): void
    {
        for ($version = 1; $version <= ProjectFile::VERSION; $version++) {
            $file = dirname(__DIR__)."/Files/project-{$version}.json";
            self::assertFileExists($file, 'each version of the format comes with a file of its time');
            self::assertEquals(Examples::boathouse(), ProjectFile::read((string) file_get_contents($file)));
        }
    }

    public function test_ids_are_kept_made_where_there_are_none_and_never_twice(): void
    {
        $project = Examples::boathouse();
        $data = json_decode(ProjectFile::write($project), true, flags: JSON_THROW_ON_ERROR);
        $own = '01ARZ3NDEKTSV4RRFFQ69G5FAV';
        $data['options'][1]['id'] = $own;
        unset($data['id'], $data['options'][0]['id']);
        $read = ProjectFile::read(json_encode($data, JSON_THROW_ON_ERROR));
        self::assertSame($own, $read->options[1]->id);
        self::assertSame([$project->id, $project->options[0]->id], [$read->id, $read->options[0]->id], 'the same words, the same id');
        self::assertSame(ProjectFile::hash($project), ProjectFile::hash($read), 'an id changes no answer');
        $data['options'][2]['id'] = $own;
        $data['site']['time_zone'] = 'Middle/Of-Nowhere';
        try {
            ProjectFile::read(json_encode($data, JSON_THROW_ON_ERROR));
            self::fail('taken');
        } catch (FaultyInput $e) {
            self::assertSame(['/site/time_zone', '/options/2/id'], array_map(static fn (Fault $f): string => $f->pointer, $e->faults));
        }
        $data['options'][2]['id'] = 'number-7';
        $this->expectException(FaultyInput::class);
        ProjectFile::read(json_encode($data, JSON_THROW_ON_ERROR));
    }

    public function test_a_round_trip_loses_nothing(): void
    {
        foreach (Examples::all() as $project) {
            $json = ProjectFile::write($project);
            self::assertEquals($project, ProjectFile::read($json));
            self::assertSame($json, ProjectFile::write(ProjectFile::read($json)));
        }
    }

    public function test_what_was_set_aside_and_is_said_of_the_site_survives_too(): void
    {
        $boathouse = Examples::boathouse();
        $aside = [new SetAside('pest-shield', 'The tinsmith brings it, “soon”.', 'Nobody in Particular', '2026-11-25')];
        $option = $boathouse->options[0];
        $site = new Site(
            'here',
            $boathouse->site->climate,
            $boathouse->site->soil,
            19.0,
            0.0,
            15.0,
            0.25,
            water: GroundWater::Pressing,
            termites: Presence::Yes,
            radon: Presence::No,
            requirements: new Requirements('zone-5', null, 1.9, 1.2, 2.64, null, 5.28),
        );
        $project = new Project('All said', $boathouse->units, $site, [new Option($option->name, true, '', $option->design, $aside)]);
        self::assertEquals($project, ProjectFile::read(ProjectFile::write($project)));
    }

    public function test_a_file_that_says_nothing_of_them_reads_as_not_said(): void
    {
        $data = json_decode(ProjectFile::write(Examples::boathouse()), true, flags: JSON_THROW_ON_ERROR);
        unset(
            $data['site']['water'], $data['site']['termites'], $data['site']['radon'], $data['site']['requirements'],
            $data['options'][0]['set_aside'], $data['options'][0]['design']['loads'], $data['options'][0]['design']['steel'],
        );
        $read = ProjectFile::read(json_encode($data, JSON_THROW_ON_ERROR));
        self::assertSame(
            [GroundWater::NotSaid, Presence::NotSaid, Presence::NotSaid, 'none'],
            [$read->site->water, $read->site->termites, $read->site->radon, $read->site->requirements->set],
        );
        self::assertSame(
            [[], false, false],
            [$read->options[0]->setAside, $read->options[0]->design->loads->present(), $read->options[0]->design->steel->present()],
        );
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function badJudgement(): iterable
    {
        $aside = static fn (array $with): callable => static function (array $p) use ($with): array {
            $p['options'][0]['set_aside'] = [
                [...['rule' => 'pest-shield', 'reason' => 'a reason', 'by' => 'Nobody', 'on' => '2026-11-25'], ...$with],
            ];

            return $p;
        };
        yield 'no reason' => [$aside(['reason' => '']), '/options/0/set_aside/0/reason'];
        yield 'no day' => [$aside(['on' => 'yesterday']), '/options/0/set_aside/0/on'];
        yield 'no name' => [$aside(['by' => '']), '/options/0/set_aside/0/by'];
        yield 'no rule that could be one' => [$aside(['rule' => 'Pest Shield!']), '/options/0/set_aside/0/rule'];
        $at = static fn (string $path, mixed $value): callable => static function (array $p) use ($path, $value): array {
            Arr::set($p, $path, $value);

            return $p;
        };
        yield 'a load upward' => [$at('options.0.design.loads', ['line_kn_m' => -4]), '/options/0/design/loads/line_kn_m'];
        yield 'a bar of a foot' => [$at('options.0.design.steel', ['bar_m' => 0.3]), '/options/0/design/steel/bar_m'];
        yield 'joints of glue' => [$at('options.0.design.sheet.joints', 'glued'), '/options/0/design/sheet/joints'];
        yield 'a membrane of cheese' => [$at('options.0.design.membrane.kind', 'cheese'), '/options/0/design/membrane/kind'];
        yield 'a zone that is none' => [$at('site.requirements', ['set' => 'zone-99']), '/site/requirements/set'];
        yield 'an R below nothing' => [
            $at('site.requirements', ['set' => 'zone-5', 'edge_r_m2kw' => -1]),
            '/site/requirements/edge_r_m2kw',
        ];
        yield 'maybe termites' => [$at('site.termites', 'maybe'), '/site/termites'];
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $break */
    #[DataProvider('badJudgement')]
    public function test_what_is_wrong_with_loads_rules_and_requirements_is_named(callable $break, string $pointer): void
    {
        $data = $break(json_decode(ProjectFile::write(Examples::boathouse()), true, flags: JSON_THROW_ON_ERROR));
        try {
            ProjectFile::read(json_encode($data, JSON_THROW_ON_ERROR));
            self::fail('taken');
        } catch (FaultyInput $e) {
            self::assertSame([$pointer], array_map(static fn (Fault $f): string => $f->pointer, $e->faults));
        }
    }

    public function test_figures_survive_to_the_last_digit(): void
    {
        $json = self::boathouse(static function (array &$p): void {
            $p['options'][0]['design']['field_board']['thickness_m'] = 0.1 + 0.2 - 0.25;
            $p['name'] = 'Größe 50 שלום “½” 🏗';
        });
        $project = ProjectFile::read($json);
        self::assertSame(0.1 + 0.2 - 0.25, $project->options[0]->design->fieldBoard->thickness);
        self::assertEquals($project, ProjectFile::read(ProjectFile::write($project)));
    }

    /**
     * @return iterable<string, array{callable(array<string, mixed>&): void, list<string>}> what is broken, and the lines it gives
     */
    public static function broken(): iterable
    {
        $design = '/options/0/design';
        yield 'a negative thickness' => [
            static function (array &$p): void {
                $p['options'][0]['design']['field_board']['thickness_m'] = -0.05;
            },
            ["{$design}/field_board/thickness_m: found -0.05 m; allowed: 0 to 0.6 m"],
        ];
        yield '40 m of foam, and text for a number' => [
            static function (array &$p): void {
                $p['options'][0]['design']['edge_under']['thickness_m'] = 40;
                $p['options'][0]['design']['slab']['thickness_m'] = 'four';
            },
            [
                "{$design}/slab/thickness_m: found “four”; allowed: a number, 0 to 1 m",
                "{$design}/edge_under/thickness_m: found 40 m; allowed: 0 to 0.6 m",
            ],
        ];
        yield 'a perimeter too short for its area' => [
            static function (array &$p): void {
                $p['options'][0]['design']['footprint'] = ['area_m2' => 100.0, 'perimeter_m' => 35.0, 'exposed_perimeter_m' => 35.0];
            },
            // A circle of 100 m² has an outline of 2√(100π) = 35.449 m.
            [
                "{$design}/footprint/perimeter_m: found 35 m; allowed: at least 35.4491 m (no shape of this area has a shorter outline than a circle)",
            ],
        ];
        yield 'a perimeter too long for its area' => [
            static function (array &$p): void {
                $p['options'][0]['design']['footprint'] = ['area_m2' => 100.0, 'perimeter_m' => 500.0, 'exposed_perimeter_m' => 40.0];
            },
            // A strip 0.5 m wide is 200 m long: 401 m round.
            [
                "{$design}/footprint/perimeter_m: found 500 m; allowed: 35.4491 to 401 m (from a circle of this area to a strip half a metre wide)",
            ],
        ];
        yield 'more exposed than there is' => [
            static function (array &$p): void {
                $p['options'][0]['design']['footprint'] = ['area_m2' => 100.0, 'perimeter_m' => 40.0, 'exposed_perimeter_m' => 41.0];
            },
            [
                "{$design}/footprint/exposed_perimeter_m: found 41 m; allowed: at most 40 m (the exposed part is no longer than the whole outline)",
            ],
        ];
        yield 'an unknown material, and one that has no business there' => [
            static function (array &$p): void {
                $p['options'][0]['design']['edge_under']['material'] = 'cheese';
                $p['options'][0]['design']['stone']['material'] = 'softwood';
            },
            [
                "{$design}/edge_under/material: found “cheese”; allowed: eps-15psi, eps-25psi, xps-15psi, xps-25psi, xps-40psi, xps-60psi, xps-100psi, pir-foil, stone-wool-board, stone-wool-rated, foam-glass-aggregate",
                "{$design}/stone/material: found “softwood”; allowed: foam-glass-aggregate, crushed-stone, hardcore, sand",
            ],
        ];
        yield 'a beam thinner than its slab, a slab that floats, a strip wider than the floor' => [
            static function (array &$p): void {
                $p['options'][0]['design']['edge_beam']['depth_m'] = 0.12;
                $p['options'][0]['design']['slab']['top_above_grade_m'] = 0.4;
                $p['options'][0]['design']['perimeter_board']['width_m'] = 5.9;
                $p['options'][0]['design']['footprint'] = ['area_m2' => 100.0, 'perimeter_m' => 50.0, 'exposed_perimeter_m' => 50.0];
            },
            [
                "{$design}/perimeter_board/width_m: found 5.9 m; allowed: at most 2 m (half the floor’s mean width)",
                "{$design}/edge_beam/depth_m: found 0.12 m; allowed: at least 0.1516 m (counted from the slab’s top, the beam is deeper than the slab)",
                "{$design}/slab/top_above_grade_m: found 0.4 m; allowed: at most 0.12 m (the beam reaches into the ground)",
            ],
        ];
        yield 'a design day warmer than the winter' => [
            static function (array &$p): void {
                $p['site']['climate']['design_c'] = 5;
            },
            ['/site/climate/design_c: found 5 °C; allowed: -70 to -9.5 °C (the design day is no warmer than the coldest month)'],
        ];
        yield 'eleven months, one of them hotter than any oven' => [
            static function (array &$p): void {
                array_pop($p['site']['climate']['monthly_mean_c']);
                $p['site']['climate']['monthly_mean_c'][3] = 1e300;
            },
            [
                '/site/climate/monthly_mean_c: found a list of 11; allowed: 12 entries',
                '/site/climate/monthly_mean_c/3: found 1.0E+300 °C; allowed: -60 to 50 °C',
            ],
        ];
        yield 'a field too many and one too few' => [
            static function (array &$p): void {
                unset($p['site']['soil']);
                $p['colour'] = 'red';
            },
            [
                '/site/soil: found nothing; allowed: this field is required',
                '/colour: found an unknown field; allowed: format, version, made_by, caution, name, units, id, site, inspections, options, plan, release, products, entries',
            ],
        ];
        yield 'another version' => [
            static function (array &$p): void {
                $p['version'] = 7;
            },
            ['/version: found 7; allowed: version 1, 2 or 3 of the project format'],
        ];
        yield 'no options' => [
            static function (array &$p): void {
                $p['options'] = [];
            },
            ['/options: found a list of 0; allowed: 1 to 200 entries'],
        ];
    }

    /** @param  callable(array<string, mixed>&): void  $break
     * @param  list<string>  $lines */
    #[DataProvider('broken')]
    public function test_every_fault_is_named(callable $break, array $lines): void
    {
        self::assertSame($lines, self::linesOf(self::boathouse($break)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function noise(): iterable
    {
        yield 'nothing' => ['', 'no JSON that can be read'];
        yield 'bytes' => ["\x00\xff\xfe".str_repeat("\x9c", 500), 'no JSON that can be read'];
        yield 'thirty megabytes' => [str_repeat('A', 30_000_000), 'found more than 20 MB'];
        yield 'a deep nest' => [str_repeat('[', 5000), 'no JSON that can be read'];
        yield 'a list' => ['[1, 2]', '/format: found no such mark'];
        yield 'another format' => ['{"format": "geometry"}', '/format: found “geometry”'];
        yield 'a number past all holding' => ['{"format": "ondergrond-project", "version": 1e999}', '/version: found INF'];
    }

    #[DataProvider('noise')]
    public function test_noise_is_one_plain_line(string $noise, string $says): void
    {
        $lines = self::linesOf($noise);
        self::assertCount(1, $lines);
        self::assertStringContainsString($says, $lines[0]);
        self::assertLessThan(250, strlen($lines[0]));
    }

    public function test_a_part_is_judged_alone_too(): void
    {
        $data = DesignCodec::toArray(Examples::boathouse()->options[0]->design);
        self::assertEquals(Examples::boathouse()->options[0]->design, DesignCodec::fromArray($data));
        unset($data['wall']);
        $data['sheet']['position'] = 'sideways';
        try {
            DesignCodec::fromArray($data);
            self::fail('it was taken');
        } catch (FaultyInput $e) {
            self::assertSame(['/wall', '/sheet/position'], array_column($e->faults, 'pointer'));
        }
    }

    /** @param  (callable(array<string, mixed>&): void)  $change */
    private static function boathouse(callable $change): string
    {
        $data = json_decode(ProjectFile::write(Examples::boathouse()), true, flags: JSON_THROW_ON_ERROR);
        $data['options'] = [$data['options'][0]];
        $change($data);

        return json_encode($data, JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
    }

    /** @return list<string> */
    private static function linesOf(string $json): array
    {
        try {
            ProjectFile::read($json);
        } catch (FaultyInput $e) {
            return array_map(static fn ($f): string => $f->line(), $e->faults);
        }
        self::fail('it was taken');
    }
}
