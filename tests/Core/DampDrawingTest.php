<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Damp\DampVerdict;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Side;
use Ondergrond\Drawing\DampSheet;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Drawing\Strokes;
use Ondergrond\Drawing\Text;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\DxfWriter;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Ground\GroundField;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\DampBasis;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** What water adds to a section: every layer that keeps it off is drawn and named with its laps. */
final class DampDrawingTest extends TestCase
{
    public function test_a_basement_names_every_layer_with_its_lap(): void
    {
        $design = self::design(
            'heated-basement',
            [
                'drains' => ['outlet' => 'daylight'],
                'gas' => ['pipe_m' => 0.1, 'outlet' => 'roof'],
                'finish' => ['kind' => 'tiles', 'wait_days' => 90],
            ],
        );
        $words = self::words(self::drawn($design), Role::Named);
        foreach ([
            'self-adhered sheet, lap 100 mm', 'dimple membrane, filter outside', 'board, protects it', 'course on the footing',
            'outer drain to daylight', 'sheet 0.4 mm, lap 300 mm, taped, turned up', 'stone: breaks what climbs, drains',
            'soil-gas pipe, above the roof', 'shield with drip', 'cover: cement render on metal lath, bituminous felt, synthetic wrap',
            'course: polyethylene, lap 100 mm', 'finish: tiles',
        ] as $wanted) {
            self::assertContains($wanted, $words, implode(' | ', $words));
        }
    }

    public function test_a_cavity_wall_names_its_course_with_tray_and_jambs(): void
    {
        $words = self::words(self::drawn(self::design('insulated-screed-floor')), Role::Named);
        self::assertContains('course: polyethylene, lap 100 mm, tray, up the jambs, to the sheet', $words);
        self::assertContains('upper sheet 0.25 mm', $words);
    }

    public function test_boards_inside_rim_and_joints_are_named(): void
    {
        $old = self::words(self::drawn(self::design('existing-basement')), Role::Named);
        self::assertContains('boards inside, joints sealed', $old);
        self::assertContains('rim: 50 mm foam, sealed', $old);
        self::assertContains(
            'foil-faced board inside, joints sealed: a vapour layer',
            self::words(self::drawn(self::design('conditioned-crawlspace')), Role::Named),
        );
        self::assertContains(
            'foil-faced board inside, joints open',
            self::words(self::drawn(self::design('conditioned-crawlspace', ['lining' => ['sealed' => 'no']])), Role::Named),
        );
        $beside = self::design('unheated-neighbour');
        $format = new QuantityFormatter(UnitSystem::Metric);
        $drawing = DampSheet::over(
            SectionDrawing::of($beside, $format, Side::Neighbour),
            Assessor::damp(self::site(), $beside),
            Side::Neighbour,
            $format,
        );
        self::assertContains('flashing, lapped both ways', self::words($drawing, Role::Named));
    }

    public function test_what_is_not_said_is_named_so(): void
    {
        $words = implode(
            ' | ',
            self::words(
                self::drawn(self::design('heated-basement', ['membrane' => ['lap_m' => 0], 'drainage' => ['filter' => 'not-said']])),
                Role::Named,
            ),
        );
        self::assertStringContainsString('self-adhered sheet, lap not said', $words);
        self::assertStringContainsString('filter not said', $words);
        self::assertStringContainsString('outer drain, outlet not said', $words);
    }

    public function test_water_stands_where_the_site_says_and_lifts_the_floor(): void
    {
        $design = self::design('heated-basement');
        $table = static fn (Drawing $d): array => self::words($d, Role::Water);
        self::assertSame([], $table(self::drawn($design)));
        $wet = self::drawn($design, new DampBasis(waterTable: 1.5));
        self::assertContains('highest water', $table($wet));
        self::assertStringContainsString('lifts with 6.5 kPa', implode(' ', $table($wet)), 'γ · 0.66 m');
        $heights = [];
        foreach ($wet->items as $item) {
            if ($item instanceof Strokes && $item->role === Role::Water) {
                array_push($heights, ...array_map(static fn (array $line): float => $line[0][1], $item->lines));
            }
        }
        self::assertContains(-1.5, $heights, 'its line');
    }

    public function test_the_condensation_plane_is_drawn_where_it_is_wettest(): void
    {
        foreach (Examples::all() as $project) {
            if ($project->name !== 'Old bakery cellar') {
                continue;
            }
            [$board, $wool] = [$project->options[0]->design, $project->options[1]->design];
            $drawing = self::over($wool, DampVerdict::of($project->site, $wool, ['edge' => GroundField::of($project->site, $wool)]));
            $drops = array_values(
                array_filter($drawing->items, static fn ($i): bool => $i instanceof Strokes && $i->role === Role::Condensation),
            );
            self::assertNotSame([], $drops);
            // Between wool and block: the block's inner face stands 300 mm behind the wall's outer one.
            self::assertInstanceOf(Strokes::class, $drops[0]);
            self::assertEqualsWithDelta(-0.3, $drops[0]->lines[0][0][0], 1e-6);
            self::assertMatchesRegularExpression('~g/m² by [A-Z][a-z]{2}~u', implode(' ', self::words($drawing, Role::Condensation)));
            $dry = self::over($board, Assessor::damp($project->site, $board));
            self::assertSame([], self::words($dry, Role::Condensation), 'nothing before the field is there');

            return;
        }
        self::fail('the bakery is gone');
    }

    public function test_every_family_and_side_is_written_in_both_formats(): void
    {
        foreach (Families::all() as $family) {
            foreach (UnitSystem::cases() as $system) {
                $design = $family->preset(
                    new Footprint(96.0, 40.0, 40.0, walkOut: $family->slug() === 'heated-basement' ? 7.0 : 0.0),
                    $system,
                );
                foreach (array_column(Stretch::all($design), 'kind') as $side) {
                    $format = new QuantityFormatter($system);
                    $drawing = DampSheet::over(
                        SectionDrawing::of($design, $format, $side),
                        Assessor::damp(self::site(), $design),
                        $side,
                        $format,
                    );
                    self::assertTrue((new DOMDocument)->loadXML(SvgWriter::file($drawing, 'any', 'none')));
                    self::assertStringContainsString('WATER', strtoupper(DxfWriter::write($drawing, 'any', 'none')));
                }
            }
        }
    }

    /** @return list<string> */
    private static function words(Drawing $drawing, Role $role): array
    {
        $words = [];
        foreach ($drawing->items as $item) {
            if ($item instanceof Text && $item->role === $role) {
                $words[] = str_replace("\u{a0}", ' ', $item->text);
            }
        }

        return $words;
    }

    private static function drawn(Design $design, DampBasis $basis = new DampBasis): Drawing
    {
        return self::over($design, Assessor::damp(self::site($basis), $design));
    }

    private static function over(Design $design, DampVerdict $damp): Drawing
    {
        $format = new QuantityFormatter(UnitSystem::Metric);

        return DampSheet::over(SectionDrawing::of($design, $format), $damp, Side::Edge, $format);
    }

    private static function site(DampBasis $basis = new DampBasis): Site
    {
        return new Site('', ClimateSamples::all()['cold-inland'], Soil::ClayOrSilt, damp: $basis);
    }

    /** @param  array<string, mixed>  $changes */
    private static function design(string $family, array $changes = []): Design
    {
        return DesignCodec::fromArray(
            array_replace_recursive(
                DesignCodec::toArray(Families::all()[$family]->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::Metric)),
                $changes,
            ),
        );
    }
}
