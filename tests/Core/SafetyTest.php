<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Safety\Hazard;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\GroundWater;
use Ondergrond\Site\Presence;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which cautions arise where. Common practice, no source. */
final class SafetyTest extends TestCase
{
    /** @return iterable<string, array{string, list<Hazard>, list<Hazard>}> family, what must be said, what must not */
    public static function families(): iterable
    {
        yield 'a slab' => [
            'thickened-edge-slab',
            [Hazard::Trench, Hazard::BuriedServices, Hazard::WetCement, Hazard::Dust, Hazard::Handling, Hazard::BurningFoam, Hazard::Radon],
            [Hazard::Crawlspace, Hazard::AirTest, Hazard::Mould, Hazard::Vapours, Hazard::Blasting],
        ];
        yield 'a basement' => ['heated-basement', [Hazard::Trench, Hazard::Vapours, Hazard::Loads], [Hazard::Crawlspace, Hazard::Mould]];
        yield 'an old cellar' => ['existing-basement', [Hazard::Mould, Hazard::Vapours, Hazard::Dust], [Hazard::Crawlspace]];
        yield 'a crawlspace' => ['conditioned-crawlspace', [Hazard::Crawlspace, Hazard::BurningFoam], [Hazard::AirTest]];
        yield 'a vented crawlspace' => ['vented-crawlspace', [Hazard::Crawlspace], [Hazard::BurningFoam]];
        yield 'a heated floor' => ['heat-storing-slab', [Hazard::AirTest, Hazard::CableAndPump], [Hazard::Crawlspace]];
        yield 'pads for posts' => ['frost-protected-raft', [Hazard::Loads], [Hazard::Mould]];
    }

    /**
     * @param  list<Hazard>  $said
     * @param  list<Hazard>  $not
     */
    #[DataProvider('families')]
    public function test_a_caution_is_said_where_it_arises(string $family, array $said, array $not): void
    {
        $at = Hazard::at(self::site(), self::design($family));
        foreach ($said as $hazard) {
            self::assertContains($hazard, $at, $hazard->value);
        }
        foreach ($not as $hazard) {
            self::assertNotContains($hazard, $at, $hazard->value);
        }
    }

    public function test_the_site_has_its_say(): void
    {
        $slab = self::design('thickened-edge-slab');
        self::assertContains(Hazard::Blasting, Hazard::at(self::site(Soil::Rock), $slab));
        self::assertNotContains(Hazard::Radon, Hazard::at(self::site(radon: Presence::No), $slab));
        self::assertContains(Hazard::Radon, Hazard::at(self::site(radon: Presence::NotSaid), $slab), 'what is not known is not safe');
    }

    public function test_pipes_bring_their_own(): void
    {
        $slab = self::design('thickened-edge-slab');
        self::assertContains(
            Hazard::AirTest,
            Hazard::at(self::site(), $slab->with(['heating' => $slab->heating->but(in: HeatedIn::Slab)])),
        );
    }

    public function test_every_caution_is_one_plain_line_tied_to_parts(): void
    {
        foreach (Hazard::cases() as $hazard) {
            self::assertMatchesRegularExpression('~^[A-Z][^\n]{30,160}\.$~u', $hazard->line(), $hazard->value);
            self::assertNotSame([], $hazard->parts());
        }
    }

    private static function design(string $family): Design
    {
        return Families::all()[$family]->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::Metric);
    }

    private static function site(Soil $soil = Soil::ClayOrSilt, Presence $radon = Presence::Yes): Site
    {
        return new Site(
            '',
            ClimateSamples::all()['cold-inland'],
            $soil,
            20.0,
            0.0,
            15.0,
            null,
            water: GroundWater::Dry,
            termites: Presence::No,
            radon: $radon,
        );
    }
}
