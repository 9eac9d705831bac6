<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use Ondergrond\Assessor;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Designs and sites drawn at random from all that the schema allows: each is refused in words, or drawn and judged. */
#[Group('slow')]
final class AnyDesignTest extends TestCase
{
    public function test_whatever_is_allowed_is_drawn_judged_and_kept(): void
    {
        $seed = getenv('SEED') === false ? 20_261_125 : (int) getenv('SEED');
        $many = getenv('LOT') === false ? 200 : (int) getenv('LOT');
        mt_srand($seed);
        $taken = 0;
        for ($i = 0; $i < $many; $i++) {
            try {
                [$site, $design] = Lot::draw($i);
            } catch (FaultyInput $e) {
                foreach ($e->faults as $fault) {
                    self::assertNotSame('', $fault->allowed);
                }

                continue;
            }
            $taken++;
            $heat = Assessor::formulas($site, $design);
            self::assertGreaterThan(0.0, $heat->floor->transmittance());
            self::assertLessThanOrEqual(
                $heat->bare->transmittance() + 1e-12,
                $heat->floor->transmittance(),
                'no board makes a floor worse',
            );
            self::assertTrue(is_finite($heat->floor->design) && is_finite($heat->floor->heating) && $heat->floor->heating >= 0.0);
            $format = new QuantityFormatter(UnitSystem::cases()[$i % 2]);
            foreach (Assessor::judge($site, $design, $format->system)->findings as $judged) {
                self::assertMatchesRegularExpression(
                    '~^[A-Z0-9].+\.$~su',
                    $judged->finding->said->in($format),
                    'however wrong a design is, every rule says it in a sentence',
                );
            }
            if ($taken % 8 === 0) {
                $field = Assessor::assess($site, $design)->field;
                self::assertGreaterThan(0.0, $field->transmittance());
                $solution = $field->ground()->solution;
                if ($design->heating->present()) {
                    // Where the pipes’ plane ends at the wall, the little that the wall takes in settles slowly: held against all.
                    foreach ($solution->steady->flows as $name => $flow) {
                        self::assertLessThan(
                            0.02 * $solution->steady->total() / 2, abs($flow - $solution->first->flows[$name]),
                            "seed {$seed}, {$i}: {$name}",
                        );
                    }
                } else {
                    self::assertLessThan(0.02, $solution->refinement->flows, "seed {$seed}, {$i}: settled, or all but");
                }
                // Through two feet of board a hair more is half as much again.
                $gap = abs($field->formulaGap() ?? 0.0);
                self::assertTrue(
                    $gap < 0.35 || $gap * $field->formula->transmittance() < 0.05,
                    "seed {$seed}, design {$i}: the formula and its own floor in the field stay near each other",
                );
                self::assertEqualsWithDelta(
                    $field->mean,
                    array_sum($field->monthly) / 12,
                    1e-6 * (1 + abs($field->monthly[0])),
                    'a year of the wave averages out',
                );
            }
            if ($taken % 10 === 0) {
                $drawing = SectionDrawing::of($design, new QuantityFormatter(UnitSystem::cases()[$i % 2]));
                self::assertTrue((new DOMDocument)->loadXML(SvgWriter::file($drawing, 'any', 'none')));
                $project = new Project('any', UnitSystem::Metric, $site, [new Option('any', false, '', $design)]);
                self::assertEquals($project, ProjectFile::read(ProjectFile::write($project)));
            }
        }
        self::assertGreaterThan($many / 6, $taken, "enough of them can be built, seed {$seed}");
    }
}
