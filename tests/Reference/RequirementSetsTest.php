<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Site\RequirementSets;
use Ondergrond\Units\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * International Energy Conservation Code 2021, table R402.1.3, continuous insulation by climate zone, ft²·h·°F/Btu and ft,
 * from memory: floor between joists, basement wall, slab edge with its depth, crawlspace wall.
 */
final class RequirementSetsTest extends TestCase
{
    /**
     * @return iterable<string, array{string, float, float, float, float, float}> set, floor, basement wall, slab, its depth, crawlspace
     * wall
     */
    public static function zones(): iterable
    {
        yield 'zone 3' => ['zone-3', 19, 5, 10, 2, 5];
        yield 'zone 4, not marine' => ['zone-4', 19, 10, 10, 4, 10];
        yield 'zone 5 and marine 4' => ['zone-5', 30, 15, 10, 4, 15];
        yield 'zone 6' => ['zone-6', 30, 15, 10, 4, 15];
        yield 'zones 7 and 8' => ['zone-7', 38, 15, 10, 4, 15];
    }

    #[DataProvider('zones')]
    public function test_a_zone_asks_what_its_row_says(
        string $set,
        float $floor,
        float $basement,
        float $edge,
        float $depth,
        float $crawlspace,
    ): void {
        $asked = RequirementSets::all()[$set]['of'];
        $r = static fn (?float $si): float => Unit::rValue()->fromSi((float) $si);
        self::assertSame($set, $asked->set);
        self::assertEqualsWithDelta($floor, $r($asked->deck), 0.01);
        self::assertEqualsWithDelta($basement, $r($asked->basementWall), 0.01);
        self::assertEqualsWithDelta($edge, $r($asked->edge), 0.01);
        self::assertEqualsWithDelta($depth * 0.3048, (float) $asked->edgeDepth, 1e-9);
        self::assertEqualsWithDelta($crawlspace, $r($asked->crawlspaceWall), 0.01);
        self::assertNull($asked->underSlab, 'the table asks nothing under the middle of an unheated slab');
    }

    /** Common practice, no source: R-10 under a slab; R-15 to R-19 on a basement wall, by one certification checklist. */
    public function test_the_set_of_common_practice(): void
    {
        $asked = RequirementSets::all()['practice']['of'];
        self::assertEqualsWithDelta(10.0, Unit::rValue()->fromSi((float) $asked->underSlab), 0.01);
        self::assertEqualsWithDelta(15.0, Unit::rValue()->fromSi((float) $asked->basementWall), 0.01);
    }

    public function test_every_set_from_a_code_says_that_it_is_from_memory(): void
    {
        foreach (RequirementSets::all() as $slug => $set) {
            self::assertSame($slug, $set['of']->set);
            if (str_starts_with($slug, 'zone')) {
                self::assertStringContainsString('from memory', $set['label']);
            }
        }
        self::assertNull(RequirementSets::all()['none']['of']->edge);
    }
}
