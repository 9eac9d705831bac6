<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Idle;
use Ondergrond\Design\Part;
use Ondergrond\Design\Typical;
use Ondergrond\Design\Wing;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Size\Parameter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** Parts come in with sizes that are bought, or not at all with a reason, and go out again without a trace. */
final class TypicalTest extends TestCase
{
    /** Filled in by hand: nothing about them is typical. */
    private const BY_HAND = [Part::Slab, Part::Wall, Part::Space, Part::Walkout, Part::Loads, Part::Finish];

    public function test_every_part_comes_into_every_family_or_says_why_not(): void
    {
        $put = 0;
        foreach (UnitSystem::cases() as $system) {
            foreach (Families::all() as $slug => $family) {
                $design = $family->preset(Footprint::rectangle(14.0, 9.0), $system);
                foreach (Part::cases() as $part) {
                    $put += $this->put($design, $part, $system, "{$slug}, {$part->value}, {$system->value}");
                }
            }
        }
        self::assertGreaterThan(200, $put, 'most of them can be built');
    }

    /** @return int 1 where it can be built */
    private function put(Design $design, Part $part, UnitSystem $system, string $name): int
    {
        if ($part->of($design)->present()) {
            return 0;
        }
        $typical = (new Typical($design, $system))->of($part);
        self::assertSame(in_array($part, self::BY_HAND, true), $typical === null, $name);
        if ($typical === null) {
            return 0;
        }
        self::assertTrue($typical->present(), "{$name} is there");
        try {
            $with = $design->with([$part->property() => $typical]);
        } catch (FaultyInput $e) {
            self::assertNotSame('', $e->faults[0]->reason.$e->faults[0]->allowed, $name);

            return 0;
        }
        self::assertEquals($with, DesignCodec::fromArray(DesignCodec::toArray($with)), "{$name} is what files can hold");
        $out = (new Typical($with, $system))->without($part);
        self::assertNotNull($out, $name);
        self::assertFalse($out->present(), "{$name} is out again");
        self::assertFalse($part->of($with->with([$part->property() => $out]))->present());

        return 1;
    }

    /** Common practice, no source: boards by half inches or by 10 mm, a wing 24 in or 600 mm wide. */
    public function test_sizes_are_native_to_each_system(): void
    {
        foreach ([
            [UnitSystem::Metric, 0.05, 0.6, 0.3], [UnitSystem::InchPound, 0.0508, 0.6096, 0.3048],
        ] as [$system, $thick, $wide, $deep]) {
            $design = Families::all()['thickened-edge-slab']->preset(Footprint::rectangle(12.0, 8.0), $system);
            $wing = (new Typical($design, $system))->of(Part::Wing);
            self::assertInstanceOf(Wing::class, $wing);
            self::assertEqualsWithDelta([$thick, $wide, $deep], [$wing->layer->thickness, $wing->width, $wing->depth], 1e-9);
        }
    }

    public function test_what_says_nothing_as_a_part_stands_is_one_of_its_sizes(): void
    {
        foreach (Part::cases() as $part) {
            $type = $part->type();
            if (! is_subclass_of($type, Idle::class)) {
                continue;
            }
            $names = array_map(static fn (Parameter $p): string => $p->name, Parameter::of($type));
            foreach (Families::all() as $family) {
                $of = $part->of($family->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::Metric));
                self::assertInstanceOf(Idle::class, $of);
                self::assertSame([], array_diff($of->idle(), [...$names, 'material']), $part->value);
                self::assertSame([], array_intersect(['in', 'kind'], $of->idle()), 'the choice itself always speaks');
            }
        }
    }
}
