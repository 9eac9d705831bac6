<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Side;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\FrostSheet;
use Ondergrond\Drawing\Item;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Drawing\Strokes;
use Ondergrond\Drawing\Text;
use Ondergrond\Exchange\DxfWriter;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Field\Boundary;
use Ondergrond\Field\Fine;
use Ondergrond\Field\Freezing;
use Ondergrond\Field\FreezingCells;
use Ondergrond\Field\FreezingState;
use Ondergrond\Field\Frozen;
use Ondergrond\Field\Mesh;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Substance;
use Ondergrond\Frost\Bearing;
use Ondergrond\Frost\DesignWinter;
use Ondergrond\Frost\FrostDay;
use Ondergrond\Frost\FrostFilm;
use Ondergrond\Frost\FrozenSoil;
use Ondergrond\Frost\WinterSection;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\FrostBasis;
use Ondergrond\Site\GroundCover;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Site\WinterUse;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What is measured and drawn of a frozen section, and what acts on one each day. */
#[Group('slow')]
final class FrostDrawingTest extends TestCase
{
    private static function design(string $family = 'thickened-edge-slab'): Design
    {
        return Families::all()[$family]->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::Metric);
    }

    /** Ground 4 m wide and 3 m deep, evenly meshed; frozen where a function says, to a share. */
    private static function state(callable $ice): FreezingState
    {
        $soil = new Substance('soil', 1.5, 3.0e6, new Frozen(2.5, 1.9e6, 150e6));
        $mesh = Mesh::of(
            Problem::of(
                [Patch::rectangle($soil, -1, -3, 3, 0)],
                [Boundary::temperature('top', -1, 0, 3, 0, 1.0, 0.0)],
                fine: [new Fine(-1, -3, 3, 0, 0.1, 0.1)],
            ),
        );
        $cells = $liquid = [];
        foreach (array_keys($mesh->conductivity) as $q) {
            [$i, $j] = [$q % $mesh->stride, intdiv($q, $mesh->stride)];
            $share = $mesh->conductivity[$q] > 0.0 ? $ice(
                ($mesh->x[$i - 1] + $mesh->x[$i]) / 2,
                ($mesh->y[$j - 1] + $mesh->y[$j]) / 2,
            ) : 0.0;
            $liquid[] = 1.0 - $share;
            $cells[] = $share >= 1.0 ? -1.0 : ($share > 0.0 ? 0.0 : 1.0);
        }

        return new FreezingState($mesh, $cells, $liquid);
    }

    public function test_depths_and_margins_are_read_off_a_state(): void
    {
        // Frozen to 0.8 m beyond x = 1, half of a cell more below.
        $state = self::state(static fn (float $x, float $y): float => $x < 1 ? 0.0 : ($y > -0.8 ? 1.0 : ($y > -0.9 ? 0.5 : 0.0)));
        self::assertEqualsWithDelta(-0.85, (float) $state->lowestFrost(2.0), 1e-9);
        self::assertNull($state->lowestFrost(0.0));
        self::assertNull($state->lowestFrost(7.0));
        self::assertSame(0.0, $state->surface(2.0));
        self::assertEqualsWithDelta(2 * 0.85, $state->frozenArea(-1, -3, 3, 0), 1e-9);
        self::assertEqualsWithDelta(0.5 * 0.2, $state->frozenArea(1.5, -0.5, 2.0, -0.3), 1e-9);
        self::assertSame(-1.0, $state->temperatureAt(2.0, -0.3));
        $design = self::design();
        $bearing = Bearing::of($design, Side::Edge);
        self::assertEqualsWithDelta(0.65, $bearing->depth(), 1e-9, 'beam 400 mm in the ground, board and stone under it');
        $day = FrostDay::of($state, $bearing);
        self::assertEqualsWithDelta(1.0 - $bearing->x1, $day->margin, 1e-6, 'it stands beside the bearing');
        self::assertNull($day->lowest);
        // Over the bearing's ground: how far above it; in it: how far in.
        $over = FrostDay::of(self::state(static fn (float $x, float $y): float => $y > -0.4 ? 1.0 : 0.0), $bearing);
        self::assertEqualsWithDelta(0.65 - 0.4, $over->margin, 1e-6);
        self::assertEqualsWithDelta(-0.4, (float) $over->lowest, 1e-6);
        $in = FrostDay::of(self::state(static fn (float $x, float $y): float => $y > -1.0 ? 1.0 : 0.0), $bearing);
        self::assertEqualsWithDelta(0.65 - 1.0, $in->margin, 1e-6);
        self::assertSame(INF, FrostDay::of(self::state(static fn (): float => 0.0), $bearing)->margin);
    }

    public function test_the_film_keeps_outlines_and_the_sheet_draws_what_is_in_sight(): void
    {
        $state = self::state(static fn (float $x, float $y): float => $x < 1 ? 0.0 : ($y > -0.8 ? 1.0 : 0.0));
        $design = self::design();
        $bearing = Bearing::of($design, Side::Edge);
        $film = new FrostFilm($bearing, array_map(static fn (float $l): float => $l > 0 ? 1.0 : 0.0, $state->mesh->conductivity));
        $film->take(40, $state, FrostDay::of($state, $bearing));
        $film->take(41, self::state(static fn (): float => 0.0), FrostDay::of($state, $bearing));
        self::assertSame([40], array_keys($film->frames), 'a day without ice has no picture');
        $zone = $film->frames[40]['zones'][0];
        $points = array_chunk($zone, 2);
        self::assertSame([[1000, 0], [3000, 0]], [$points[0], $points[intdiv(count($points), 2) - 1]], 'along the top');
        self::assertSame(
            [[3000, -800], [1000, -800]],
            [$points[intdiv(count($points), 2)], $points[count($points) - 1]],
            'and back along the bottom',
        );

        $format = new QuantityFormatter(UnitSystem::Metric);
        $plain = SectionDrawing::of($design, $format, Side::Edge, true);
        $drawn = FrostSheet::over($plain, $bearing, $film->frames[40]['zones'], 'Frost stands there.');
        $roles = static fn (Drawing $d, Role $role): array => array_values(
            array_filter($d->items, static fn (Item $i): bool => $i->role === $role),
        );
        $ice = $roles($drawn, Role::Ice)[0];
        self::assertInstanceOf(Strokes::class, $ice);
        foreach ($ice->lines as $line) {
            foreach ($line as [$x]) {
                self::assertGreaterThanOrEqual($plain->box[0], $x);
                self::assertLessThanOrEqual($plain->box[2], $x, 'nothing beyond the sheet');
            }
        }
        self::assertStringEndsWith('Frost stands there', $drawn->title);
        $svg = SvgWriter::file($drawn, 'x', 'y');
        self::assertStringContainsString('class="ice"', $svg);
        self::assertStringContainsString('ice', strtolower(DxfWriter::write($drawn, 'x', 'y')));
        $far = $roles(FrostSheet::over($plain, $bearing, [[90_000, 0, 95_000, 0, 95_000, -800, 90_000, -800]], ''), Role::Ice)[0];
        self::assertInstanceOf(Strokes::class, $far);
        self::assertSame([], $far->lines, 'what is far out of sight is not drawn');

        $rock = FrostSheet::ledge($plain, 0.5, $format);
        $texts = array_filter($roles($rock, Role::Ledge), static fn (Item $i): bool => $i instanceof Text);
        self::assertSame(["rock 500\u{a0}mm down"], array_values(array_map(static fn (Text $t): string => $t->text, $texts)));
        self::assertSame($plain, FrostSheet::ledge($plain, null, $format));
        self::assertSame($plain, FrostSheet::ledge($plain, 19.0, $format), 'below the sheet');
    }

    public function test_what_acts_on_a_section_each_day(): void
    {
        $site = new Site(
            '',
            ClimateSamples::all()['cold-inland'],
            Soil::ClayOrSilt,
            20.0,
            frost: new FrostBasis(surface: GroundCover::Turf, snow: true, setBack: 8.0),
        );
        foreach (['thickened-edge-slab', 'unheated-basement'] as $family) {
            $ground = GroundField::of($site, self::design($family));
            $winter = DesignWinter::of($site);
            $section = WinterSection::of($ground, $winter, FrozenSoil::standard(), 1.5);
            $mesh = Mesh::of($section->problem);
            $cold = $winter->coldestDay();
            $freezing = new Freezing(FreezingCells::of($mesh), array_fill(0, count($mesh->conductivity), 7.0));
            $day = static fn (int $d, bool $design, WinterUse $use): array => $section->day($d, $design, $use, $freezing);
            [$normal, $design] = [$day($cold, false, WinterUse::Heated), $day($cold, true, WinterUse::Heated)];
            self::assertEqualsWithDelta($winter->normal[$cold], $normal[SectionProblem::WALL_OUTSIDE], 1e-9);
            self::assertEqualsWithDelta(
                $winter->cooled,
                $normal[SectionProblem::WALL_OUTSIDE] - $design[SectionProblem::WALL_OUTSIDE],
                0.01,
            );
            self::assertEqualsWithDelta(
                0.5 * $design[SectionProblem::WALL_OUTSIDE],
                $design[SectionProblem::GROUND],
                1e-9,
                'n on cold air over the ground alone',
            );
            $summer = $day(($cold + 182) % 365, true, WinterUse::Heated);
            self::assertSame($summer[SectionProblem::WALL_OUTSIDE], $summer[SectionProblem::GROUND], 'and never on warm air');
            $inside = $family === 'unheated-basement' ? SectionProblem::DECK : SectionProblem::FLOOR;
            self::assertEqualsWithDelta(20.0, $design[$inside], 1e-9);
            self::assertEqualsWithDelta(8.0, $day($cold, true, WinterUse::SetBack)[$inside], 1e-9);
            self::assertEqualsWithDelta(
                20.0,
                $day(($cold + 182) % 365, true, WinterUse::SetBack)[$inside],
                1e-9,
                'nobody sets back in summer',
            );
            self::assertSame($design[SectionProblem::WALL_OUTSIDE], $day($cold, true, WinterUse::Unheated)[$inside]);
            if ($family === 'unheated-basement') {
                // Between what its faces hold and the air that blows in.
                $below = $design[SectionProblem::SPACE_FLOOR];
                self::assertLessThan(7.0, $below);
                self::assertGreaterThan($design[SectionProblem::WALL_OUTSIDE], $below);
            }
            // Without heat it begins in ground that no building warmed: far down the mean of the surface, cold days weighed by λ
            // frozen over λ thawed (2.5/1.5) and n (0.5).
            $offset = array_sum(array_map(static fn (float $t): float => $t > 0.0 ? $t : 0.5 * $t * 2.5 / 1.5, $winter->normal)) / 365;
            self::assertEqualsWithDelta($offset, $section->start(0.5, -25.0, 250, WinterUse::Unheated), 0.05);
        }
    }

    public function test_indices_and_depths_are_typed_and_written_as_people_do(): void
    {
        foreach ([['1500 °C·d', 1500.0], ['2700 °F·d', 1500.0], ['36000 K·h', 1500.0], ['1500', 1500.0]] as [$typed, $si]) {
            self::assertEqualsWithDelta(
                $si,
                QuantityParser::parse($typed, Quantity::FreezingIndex, UnitSystem::Metric, DecimalMark::Point),
                1e-6,
            );
        }
        self::assertEqualsWithDelta(
            1500.0,
            QuantityParser::parse('2700', Quantity::FreezingIndex, UnitSystem::InchPound, DecimalMark::Point),
            1e-6,
        );
        self::assertEqualsWithDelta(0.185, QuantityParser::parse('18,5 %', Quantity::Share, UnitSystem::Metric, DecimalMark::Comma), 1e-9);
        self::assertEqualsWithDelta(50.0, QuantityParser::parse('50 years', Quantity::Years, UnitSystem::Metric, DecimalMark::Point), 1e-9);
        $write = static fn (float $m, UnitSystem $system): string => str_replace(
            "\u{a0}",
            ' ',
            (new QuantityFormatter($system))->format($m, Quantity::Depth),
        );
        self::assertSame(
            ['125 mm', '-75 mm', '5 in', '68 3/4 in'],
            [
                $write(0.1234, UnitSystem::Metric), $write(-0.0742, UnitSystem::Metric), $write(0.1262, UnitSystem::InchPound),
                $write(1.747, UnitSystem::InchPound),
            ],
        );
    }
}
