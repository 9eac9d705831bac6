<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\ProductCodec;
use Ondergrond\Design\Design;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Material\Materials;
use Ondergrond\Material\Place;
use Ondergrond\Material\Product;
use Ondergrond\Project\Option;
use Ondergrond\Project\Project;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/** Own products: what their sheet says counts, what it does not say is taken from nowhere. */
final class ProductTest extends TestCase
{
    private const BOARD = ['slug' => 'own-plank', 'name' => 'Blue plank', 'like' => 'xps-25psi', 'density_kg_m3' => 30];

    public function test_r_with_air_films_is_less_without_them(): void
    {
        // 100 mm of λ 0.04 is R 2.5; two films of 0.13 and 0.04 make it 2.67 (ISO 6946:2017, table 7, from memory).
        $with = ProductCodec::fromArray(
            [...self::BOARD, 'resistance_m2kw' => 2.67, 'thickness_m' => 0.1, 'films' => 'yes'],
        );
        self::assertEqualsWithDelta(0.04, $with->lambda(), 1e-9);
        self::assertEqualsWithDelta(2.5, $with->bare(), 1e-9);
        $without = ProductCodec::fromArray([...self::BOARD, 'resistance_m2kw' => 2.67, 'thickness_m' => 0.1]);
        self::assertEqualsWithDelta(0.1 / 2.67, $without->lambda(), 1e-9);
    }

    public function test_what_its_sheet_does_not_say_is_not_the_generics(): void
    {
        $silent = ProductCodec::fromArray([...self::BOARD, 'conductivity_w_mk' => 0.03])->material();
        self::assertNull($silent->strength);
        self::assertNull($silent->hottest());
        self::assertSame(1.0, $silent->mu);
        self::assertFalse($silent->fits(Place::UnderBearing));
        self::assertTrue($silent->fits(Place::UnderSlab));
        $hard = ProductCodec::fromArray([...self::BOARD, 'conductivity_w_mk' => 0.03, 'strength_kpa' => 300])->material();
        self::assertTrue($hard->fits(Place::UnderBearing));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'neither λ nor R' => [[], '/conductivity_w_mk'];
        yield 'R of no thickness' => [['resistance_m2kw' => 2.0], '/thickness_m'];
        yield 'films alone' => [['resistance_m2kw' => 0.15, 'thickness_m' => 0.1, 'films' => 'yes'], '/resistance_m2kw'];
        yield 'λ and R that disagree' => [
            ['conductivity_w_mk' => 0.03, 'resistance_m2kw' => 2.0, 'thickness_m' => 0.1], '/resistance_m2kw',
        ];
        yield 'no such kind' => [['conductivity_w_mk' => 0.03, 'like' => 'cork'], '/like'];
        yield 'a generic slug' => [['conductivity_w_mk' => 0.03, 'slug' => 'xps-25psi'], '/slug'];
        yield 'no weight' => [['conductivity_w_mk' => 0.03, 'density_kg_m3' => 0], '/density_kg_m3'];
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_said_at_its_key(array $with, string $pointer): void
    {
        try {
            ProductCodec::fromArray([...self::BOARD, ...$with]);
            self::fail('it is refused');
        } catch (FaultyInput $e) {
            self::assertSame($pointer, $e->faults[0]->pointer);
        }
    }

    public function test_what_it_carries_for_good_is_its_sheets_and_not_a_third(): void
    {
        $site = Examples::of('stem-wall-slab')->site ?? throw new RuntimeException;
        $of = static fn (?float $lasting): ?float => LoadVerdict::of($site, self::design(
            new Product('own-plank', 1, 'Blue plank', 'xps-25psi', 0.03, null, null, false, 30.0, 240.0, $lasting),
        ))->at('field')?->allowableLong();
        self::assertEqualsWithDelta(80.0, $of(null), 1e-9);
        self::assertEqualsWithDelta(130.0, $of(130.0), 1e-9);
    }

    public function test_a_project_file_carries_it_and_reads_back(): void
    {
        $product = new Product('own-plank', 3, 'Blue plank', 'xps-25psi', 0.03, null, null, false, 30.0, 240.0, sold: [0.05, 0.1],
            mark: 'blue');
        $example = Examples::of('stem-wall-slab') ?? throw new RuntimeException;
        $project = new Project(
            $example->name, $example->units, $example->site, [new Option('A', true, '', self::design($product))],
        );
        $read = ProjectFile::read(ProjectFile::write($project));
        self::assertEquals($project, $read);
        self::assertSame(ProjectFile::hash($project), ProjectFile::hash($read));
        $data = json_decode(ProjectFile::write($project), true, flags: JSON_THROW_ON_ERROR);
        unset($data['products']);
        $this->expectException(FaultyInput::class);
        ProjectFile::read(json_encode($data, JSON_THROW_ON_ERROR));
    }

    private static function design(Product $product): Design
    {
        $data = DesignCodec::toArray((Examples::of('stem-wall-slab') ?? throw new RuntimeException)->options[0]->design);
        $data['field_board']['material'] = $product->slug;

        return DesignCodec::fromArray($data, Materials::withProducts([$product]));
    }
}
