<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Compare\Comparison;
use Ondergrond\Compare\FieldSummary;
use Ondergrond\Compare\Row;
use Ondergrond\Design\Side;
use Ondergrond\Drawing\Area;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SideBySide;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\CsvWriter;
use Ondergrond\Frost\Bearing;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Project\Option;
use Ondergrond\Project\SetAside;
use Ondergrond\Site\WinterUse;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Options side by side: figures, findings, what differs, one scale, and the table as a file. */
final class ComparisonTest extends TestCase
{
    public function test_a_row_knows_what_differs_and_which_is_best(): void
    {
        $row = new Row('a year', ['500', '480', '480'], [500.0, 480.0, 480.0]);
        self::assertSame([true, false, true, true], [$row->differs(), $row->isBest(0), $row->isBest(1), $row->isBest(2)]);
        $alike = new Row('a year', ['480', '480'], [480.0, 480.0]);
        self::assertSame([false, false], [$alike->differs(), $alike->isBest(0)]);
        $pending = new Row('a year', ['…', '480', '500'], [null, 480.0, 500.0]);
        self::assertSame([false, true, false], [$pending->isBest(0), $pending->isBest(1), $pending->isBest(2)]);
        $alone = new Row('a year', ['…', '480'], [null, 480.0]);
        self::assertFalse($alone->isBest(1), 'there is nothing to be better than');
        self::assertFalse((new Row('words', ['a', 'b']))->isBest(0));
    }

    public function test_the_boathouse_compared(): void
    {
        $project = Examples::boathouse();
        $fields = array_map(static function (Option $o) use ($project): FieldSummary {
            $assessment = Assessor::assess($project->site, $o->design);

            return FieldSummary::of($assessment->field, $assessment->junctions, $assessment->damp, $assessment->judgement->rulings);
        }, $project->options);
        $comparison = Comparison::of(
            $project->site, $project->options, $fields, UnitSystem::InchPound,
            new QuantityFormatter(UnitSystem::Metric, DecimalMark::Comma),
        );
        $rows = [];
        foreach ($comparison->groups as $group => $all) {
            foreach ($all as $row) {
                $rows[$group][$row->label] = $row;
            }
        }
        foreach ($project->options as $i => $option) {
            $heat = Assessor::formulas($project->site, $option->design);
            self::assertEqualsWithDelta(
                $heat->floor->heating, (float) $rows['Heat']['Heating months, by the standard, kWh']->values[$i], 1e-9,
            );
            self::assertEqualsWithDelta($fields[$i]->heating, (float) $rows['Heat']['Heating months, as drawn, kWh']->values[$i], 1e-9);
        }
        self::assertTrue($rows['Heat']['Heating months, as drawn, kWh']->isBest(1), 'four inches throughout lose least');
        self::assertMatchesRegularExpression(
            '~^0,\d{3}$~', $rows['Heat']['U, by the standard, W/(m²K)']->cells[0], 'in the reader’s decimal mark',
        );
        self::assertSame(['not run yet', 'not run yet', 'not run yet'], $rows['Frost']['Frost margin, as drawn, heated']->cells);
        self::assertSame(['0', '0', '1'], $rows['Findings']['Stop']->cells);
        self::assertSame(['–', '–', "fix: 104\u{a0}kPa"], $rows['Findings']['The board under a slab is 25 psi (173 kPa) or more.']->cells);
        // Only what differs: 2, 4 and 1 in of middle board; the slab is 4 in in all.
        self::assertSame(
            ['50,8 mm', '101,6 mm', '25,4 mm'],
            array_map(
                static fn (string $c): string => str_replace("\u{a0}", ' ', $c),
                $rows['Parts that differ']['Middle board, thickness']->cells,
            ),
        );
        self::assertArrayNotHasKey('Slab, thickness', $rows['Parts that differ']);
        self::assertSame(['A · edge tray 4 in', 'B · 4 in throughout', 'C · as first priced'], array_slice($comparison->table()[0], 2));
    }

    public function test_winters_that_were_run_stand_beside_each_other(): void
    {
        $project = Examples::boathouse();
        $proof = static fn (Option $o, float $margin): FrostProof => new FrostProof(
            Side::Edge, WinterUse::Heated, Bearing::of($o->design, Side::Edge), $margin, 0.01, 50, -0.5, 0.0, 0.0, 0.0, 1.8, 80.0,
            5000, 1e-8, 1e-7, 8.0, [],
        );
        [$a, $b] = $project->options;
        $comparison = Comparison::of(
            $project->site, [$a, $b], [null, null], UnitSystem::InchPound, new QuantityFormatter(UnitSystem::Metric),
            [[$proof($a, -0.074)], []],
        );
        $rows = array_column($comparison->groups['Frost'], null, 'label');
        self::assertSame(["-75\u{a0}mm", 'not run yet'], $rows['Frost margin, as drawn, heated']->cells);
        self::assertSame(
            ['provisional: fails', 'provisional: fails'],
            array_column($comparison->groups['Verdicts'], null, 'label')['Frost']->cells,
            'by the field, and by the table, under a climate that is invented',
        );
        self::assertSame(
            '1',
            array_column($comparison->groups['Findings'], null, 'label')['Stop']->cells[0],
            'what hangs on the winter is found',
        );
    }

    public function test_what_is_set_aside_counts_no_more_and_says_so(): void
    {
        $project = Examples::boathouse();
        [$a, , $c] = $project->options;
        $aside = new Option('C, aside', false, '', $c->design, [new SetAside('floor-meets-limit', 'a test', 'Nobody', '2026-01-01')]);
        $comparison = Comparison::of(
            $project->site, [$c, $aside, $a], [null, null, null], UnitSystem::InchPound, new QuantityFormatter(UnitSystem::Metric),
        );
        $findings = array_column(array_map(static fn (Row $r): array => [$r->label, $r->cells], $comparison->groups['Findings']), 1, 0);
        self::assertSame(['1', '0', '0'], $findings['Stop']);
        self::assertSame('set aside', $findings['The floor’s U keeps the limit that the site sets.'][1]);
        self::assertSame('–', $findings['The floor’s U keeps the limit that the site sets.'][2]);
        [, , $field] = $comparison->groups['Heat'];
        self::assertSame('…', $field->cells[0], 'a field that is still to be solved');
    }

    public function test_all_are_drawn_in_one_box_at_one_scale(): void
    {
        foreach (Examples::all() as $project) {
            $designs = array_map(static fn (Option $o) => $o->design, $project->options);
            $side = SideBySide::of($designs);
            foreach ($designs as $design) {
                $drawing = $side->drawing($design);
                self::assertSame([$side->scale, $side->box], [$drawing->scale, $drawing->box]);
                self::assertLessThanOrEqual(SideBySide::WIDTH + 1e-6, ($drawing->box[2] - $drawing->box[0]) / $drawing->paper());
                self::assertNotSame(
                    [],
                    array_filter(
                        $drawing->items,
                        static fn ($i): bool => $i instanceof Area && $i->part === 'slab' || $i instanceof Area && $i->part === 'deck',
                    ),
                    $project->name,
                );
                self::assertSame(
                    [],
                    array_filter(
                        $drawing->items,
                        static fn ($i): bool => in_array($i->role, [Role::Dimension, Role::Flag, Role::Handle, Role::Level], true),
                    ),
                    'no sizes, no flags',
                );
            }
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function cells(): iterable
    {
        yield 'plain' => ['holds', 'holds'];
        yield 'a comma' => ['fix: 0,35', '"fix: 0,35"'];
        yield 'quotes' => ['4" board', '"4"" board"'];
        yield 'two lines' => ["one\ntwo", "\"one\ntwo\""];
        yield 'a formula' => ['=SUM(A1)', "'=SUM(A1)"];
        yield 'a formula after plus' => ['+cmd', "'+cmd"];
        yield 'at' => ['@here', "'@here"];
        yield 'a dash for nothing' => ['–', '–'];
        yield 'a number below nought' => ['-12.5', '-12.5'];
        yield 'a number with a comma' => ['-12,5', '"-12,5"'];
        yield 'a tab' => ["\tx", "'\tx"];
    }

    #[DataProvider('cells')]
    public function test_a_cell_reads_back_and_is_never_a_formula(string $cell, string $written): void
    {
        $csv = CsvWriter::write([[$cell, 'end']]);
        self::assertSame("\u{feff}{$written},end\r\n", $csv);
        $read = str_getcsv(substr($csv, 3, -2), ',', '"', '');
        self::assertSame([ltrim((string) $read[0], "'"), 'end'], [$cell, $read[1]]);
    }
}
