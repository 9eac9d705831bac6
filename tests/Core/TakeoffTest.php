<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Design\Deck;
use Ondergrond\Design\Design;
use Ondergrond\Design\EdgeBeam;
use Ondergrond\Design\Footing;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\InsideBoard;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Lining;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Part;
use Ondergrond\Design\PerimeterBoard;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Stem;
use Ondergrond\Design\Threshold;
use Ondergrond\Design\Walkout;
use Ondergrond\Design\Wall;
use Ondergrond\Design\Wing;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Catalogue;
use Ondergrond\Takeoff\Item;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Takeoff\Takeoff;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How much of each material a design takes, by hand, and what it costs. */
final class TakeoffTest extends TestCase
{
    /** A floor of 10 × 8 m, all round exposed: 80 m², 36 m. */
    public function test_a_slab_on_a_beam_by_hand(): void
    {
        $design = new Design(
            '', Footprint::rectangle(10.0, 8.0)->along(doors: 3.0), new Slab(
                self::layer('reinforced-concrete', 0.1),
                0.2,
            ), new Wall([self::layer('brick', 0.1)], []),
            fieldBoard: self::layer('eps-25psi', 0.1), perimeterBoard: new PerimeterBoard(
                self::layer('xps-25psi', 0.12),
                0.6,
            ), stone: self::layer('crushed-stone', 0.15),
            edgeBeam: new EdgeBeam(0.4, 0.6), edgeInside: new InsideBoard(self::layer('xps-25psi', 0.1)),
            edgeUnder: self::layer('xps-40psi', 0.05),
            edgeOutside: new OutsideBoard(self::layer('xps-25psi', 0.08), 0.45), wing: new Wing(
                self::layer('xps-40psi', 0.05),
                1.2,
                0.3,
                0.05,
            ),
            threshold: new Threshold(self::layer('xps-40psi', 0.04), 0.15),
        );
        $volumes = self::volumes($design);
        // The strip is 36 × 0.6 = 21.6 m², the middle 58.4 m².
        self::assertEqualsWithDelta(58.4 * 0.1, $volumes['field_board'], 1e-9);
        self::assertEqualsWithDelta(21.6 * 0.12, $volumes['perimeter_board'], 1e-9);
        self::assertEqualsWithDelta(80 * 0.1, $volumes['slab'], 1e-9);
        self::assertEqualsWithDelta(80 * 0.15, $volumes['stone'], 1e-9);
        // Under the slab the beam is 0.5 m deep; the board inside it as high, the one under it as wide as both.
        self::assertEqualsWithDelta(36 * 0.4 * 0.5, $volumes['edge_beam'], 1e-9);
        self::assertEqualsWithDelta(36 * 0.5 * 0.1, $volumes['edge_inside'], 1e-9);
        self::assertEqualsWithDelta(36 * 0.5 * 0.05, $volumes['edge_under'], 1e-9);
        // From 0.2 over the ground to 0.45 below.
        self::assertEqualsWithDelta(36 * 0.65 * 0.08, $volumes['edge_outside'], 1e-9);
        self::assertEqualsWithDelta(36 * 1.2 * 0.05, $volumes['wing'], 1e-9);
        self::assertEqualsWithDelta(3 * 0.15 * 0.04, $volumes['threshold'], 1e-9);
        self::assertEqualsWithDelta(5.84 + 2.592 + 1.8 + 0.9 + 1.872 + 2.16 + 0.018, Takeoff::insulation($design), 1e-9);
    }

    /** Floor 2 m down, wall from the footing's top at −2.2 to 0.3; 26 m of common edge and 10 m of walk-out side. */
    public function test_a_basement_by_hand(): void
    {
        $design = new Design(
            '', Footprint::rectangle(10.0, 8.0)->along(walkOut: 10.0), new Slab(
                self::layer('reinforced-concrete', 0.1),
                -2.0,
            ), new Wall([self::layer('brick', 0.1)], []),
            fieldBoard: self::layer('xps-25psi', 0.05), footing: new Footing(0.6, 0.3, 2.5), stem: new Stem(
                self::layer('concrete', 0.2),
                0.3,
            ),
            edgeOutside: new OutsideBoard(self::layer('xps-25psi', 0.08), 2.2), lining: new Lining(
                [self::layer('gypsum-board', 0.0125)],
                0.1,
            ),
            deck: new Deck([self::layer('wood-panel', 0.02), self::layer('joists-wool', 0.28)], 0.6), walkout: new Walkout(2.1, 1.2),
        );
        $volumes = self::volumes($design);
        self::assertEqualsWithDelta(36 * 0.6 * 0.3, $volumes['footing'], 1e-9);
        // The walk-out side's ground lies at −2.1: its wall stands on a footing at −3.3, from −3.0 to 0.15 over that ground.
        self::assertEqualsWithDelta(26 * 2.5 * 0.2 + 10 * (-1.95 + 3.0) * 0.2, $volumes['stem'], 1e-9);
        // There the wall ends 0.05 over the floor, too low for a lining.
        self::assertEqualsWithDelta(26 * (2.3 - 0.1) * 0.0125, $volumes['lining'], 1e-9);
        self::assertEqualsWithDelta(80 * 0.3, $volumes['deck'], 1e-9);
    }

    public function test_a_price_is_for_a_cubic_metre_and_what_has_none_is_named(): void
    {
        $design = new Design(
            '',
            Footprint::rectangle(10.0, 8.0),
            new Slab(self::layer('reinforced-concrete', 0.1), 0.2),
            new Wall([self::layer('brick', 0.1)], []),
            fieldBoard: self::layer('eps-25psi', 0.1),
            edgeBeam: new EdgeBeam(0.4, 0.6),
        );
        $prices = PriceList::fromArray(['currency' => 'EUR', 'per_m3' => ['eps-25psi' => 120, 'crushed-stone' => 40]]);
        self::assertEqualsWithDelta(8.0 * 120, $prices->cost($design), 1e-9);
        self::assertSame(['Reinforced concrete'], $prices->missing($design));
        self::assertSame(
            ['currency' => 'EUR', 'per_m3' => ['eps-25psi' => 120.0, 'crushed-stone' => 40.0], 'per_unit' => []],
            $prices->toArray(),
        );
        self::assertSame([true, false], [PriceList::none()->isEmpty(), $prices->isEmpty()]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badPrices(): iterable
    {
        yield 'no material' => [['per_m3' => ['cheese' => 4]], '/per_m3/cheese'];
        yield 'below nothing' => [['per_m3' => ['sand' => -1]], '/per_m3/sand'];
        yield 'words' => [['per_m3' => ['sand' => 'dear']], '/per_m3/sand'];
        yield 'beyond all reason' => [['per_m3' => ['sand' => 2e6]], '/per_m3/sand'];
        yield 'a long currency' => [['currency' => 'doubloons of gold'], '/currency'];
        yield 'a currency that is no word' => [['currency' => 7], '/currency'];
    }

    /** @param  array<string, mixed>  $data */
    #[DataProvider('badPrices')]
    public function test_a_price_list_that_makes_no_sense_is_refused_where_it_does_not(array $data, string $pointer): void
    {
        try {
            PriceList::fromArray($data);
            self::fail('taken');
        } catch (FaultyInput $e) {
            self::assertSame([$pointer], array_map(static fn (Fault $f): string => $f->pointer, $e->faults));
            self::assertNotSame('', $e->faults[0]->allowed);
        }
    }

    private static function layer(string $material, float $thickness): Layer
    {
        return Layer::of(Catalogue::get($material), $thickness);
    }

    /** @return array<string, float> m³ by part */
    private static function volumes(Design $design): array
    {
        $volumes = array_fill_keys(array_map(static fn (Part $p): string => $p->value, Part::cases()), 0.0);
        foreach (Takeoff::of($design) as $item) {
            self::assertInstanceOf(Item::class, $item);
            $volumes[$item->part->value] += $item->volume();
        }

        return $volumes;
    }
}
