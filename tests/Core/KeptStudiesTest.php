<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Gain\Step;
use Ondergrond\Search\Choice;
use Ondergrond\Search\Outcome;
use Ondergrond\Sizing\WingsKept;
use PHPUnit\Framework\TestCase;

/** What studies keep is read as it was written, by this program or by an earlier one. */
final class KeptStudiesTest extends TestCase
{
    public function test_what_is_written_reads_back_the_same(): void
    {
        $step = new Step('wing.width_m', 0.6, 0.9, -1.25, 0.5, null, ['wing-wide'], [], 'no matter');
        self::assertEquals($step, Step::fromArray(self::kept($step->toArray())));
        self::assertFalse($step->leavesFrost());
        $choices = [
            new Choice(['wing.width_m' => 0.9], 120.0, 33.5),
            new Choice(['wing.width_m' => 1.2], 150.0, 31.0, 30.25, 'close', -0.012, ['frost-stays-out']),
        ];
        $outcome = new Outcome(40, 40, 2, ['u-limit' => 38], $choices, 1, true, true, ['Sand'], 3.5);
        self::assertEquals($outcome, Outcome::fromArray(self::kept($outcome->toArray())));
    }

    public function test_what_earlier_programs_kept_is_read(): void
    {
        $step = [
            'path' => 'wing.width_m', 'from_m' => 0.6, 'to_m' => 0.9, 'mean_w' => 4.0, 'all_year_kwh' => 35.04,
            'insulation_m3' => 0.1, 'cost' => 9.0, 'settles' => [], 'brings' => [],
        ];
        self::assertTrue(Step::fromArray($step)->leavesFrost(), 'nothing was said of frost: it was not run');
        $choice = ['sizes_m' => [], 'price' => 1.0, 'guess_w' => 2.0, 'mean_w' => null, 'all_year_kwh' => 17.52];
        self::assertSame([Choice::NOT_RUN, null], [Choice::fromArray($choice)->frost, Choice::fromArray($choice)->margin]);
        $try = [
            'wing_width_m' => 0.0, 'wing_thickness_m' => 0.0, 'edge_thickness_m' => 0.05, 'board_m3_m' => 0.02, 'margin_mm' => -25.0,
            'day' => '12 February', 'holds' => false,
        ];
        $wings = WingsKept::fromArray(['tries' => [$try], 'best' => null, 'most' => 9, 'finished' => true]);
        self::assertTrue($wings->complete);
        self::assertFalse($wings->byTable);
        self::assertFalse($wings->tries[0]->hasWing());
        self::assertEqualsWithDelta(-0.025, $wings->tries[0]->margin, 1e-12);
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed> as the database gives it back
     */
    private static function kept(array $data): array
    {
        return json_decode(json_encode($data, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), true, flags: JSON_THROW_ON_ERROR);
    }
}
