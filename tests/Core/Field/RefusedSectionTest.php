<?php

declare(strict_types=1);

namespace Tests\Core\Field;

use Closure;
use Ondergrond\Exchange\SectionFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Field\Solution;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sections that cannot be solved are refused by name, before anything is laid on a mesh. */
final class RefusedSectionTest extends TestCase
{
    /** @param  Closure(array<string, mixed>): array<string, mixed>  $break */
    #[DataProvider('broken')]
    public function test_it_is_said_what_is_wrong_and_where(Closure $break, string $pointer, string $found): void
    {
        try {
            Solution::of(SectionFile::read(json_encode($break(self::sound()), JSON_THROW_ON_ERROR)));
            self::fail('it was taken');
        } catch (FaultyInput $e) {
            self::assertContains($pointer, array_map(static fn (Fault $f): string => $f->pointer, $e->faults));
            self::assertStringContainsString($found, $e->getMessage());
        }
    }

    /** @return iterable<string, array{Closure, string, string}> */
    public static function broken(): iterable
    {
        $with = static fn (string $list, array $item): Closure => static fn (array $s): array => [
            ...$s,
            $list => [...($s[$list] ?? []), $item],
        ];
        $region = static fn (array $item): Closure => $with('regions', ['material' => 'ground', ...$item]);
        $square = [[0, 0], [1, 0], [1, 1], [0, 1]];
        yield 'no fixed temperature' => [
            static fn (array $s): array => [...$s, 'boundaries' => [['name' => 'in', 'x' => [0, 2], 'y' => [1, 1], 'flux' => 5]]],
            '/boundaries',
            'no boundary with a temperature',
        ];
        yield 'no boundaries' => [
            static fn (array $s): array => [...$s, 'boundaries' => []],
            '/boundaries',
            'no boundary with a temperature',
        ];
        yield 'a part that hangs loose' => [
            $region(['x' => [5, 6], 'y' => [0, 1]]),
            '/boundaries',
            'no temperature on the part at x = 5 m',
        ];
        yield 'a region of no width' => [$region(['x' => [1, 1], 'y' => [0, 1]]), '/regions/1', 'a region without area'];
        yield 'a region of no height' => [$region(['polygon' => [[0, 0], [1, 0], [2, 0]]]), '/regions/1', 'a region without area'];
        yield 'a region of two corners' => [$region(['polygon' => [[0, 0], [1, 0]]]), '/regions/1/polygon', 'a list of 2'];
        yield 'a polygon that crosses itself' => [
            $region(['polygon' => [[0, 0], [1, 1], [1, 0], [0, 1]]]),
            '/regions/1',
            'sides 1 and 3 that cross or touch',
        ];
        yield 'a polygon that touches itself' => [
            $region(['polygon' => [[0, 0], [2, 0], [2, 1], [1, 0], [0, 1]]]),
            '/regions/1',
            'that cross or touch',
        ];
        yield 'an unknown material' => [$region(['material' => 'grond', 'polygon' => $square]), '/regions/1/material', '“grond”'];
        yield 'a void of its own' => [
            static fn (array $s): array => [...$s, 'materials' => [...$s['materials'], 'void' => ['conductivity' => 1]]],
            '/materials/void',
            'void',
        ];
        yield 'nothing painted' => [
            static fn (array $s): array => [...$s, 'regions' => [['material' => 'void', 'x' => [0, 1], 'y' => [0, 1]]]],
            '/regions',
            'nothing painted',
        ];
        yield 'conductivity 0' => [
            static fn (array $s): array => [...$s, 'materials' => ['ground' => ['conductivity' => 0]]],
            '/materials/ground/conductivity',
            'found 0',
        ];
        yield 'conductivity below 0' => [
            static fn (array $s): array => [...$s, 'materials' => ['ground' => ['conductivity' => -1.5]]],
            '/materials/ground/conductivity',
            'found -1.5',
        ];
        yield 'capacity 0' => [
            static fn (array $s): array => [...$s, 'materials' => ['ground' => ['conductivity' => 1, 'capacity' => 0]]],
            '/materials/ground/capacity',
            'found 0',
        ];
        yield 'a swing without capacity' => [
            static fn (array $s): array => [...$s, 'period_s' => 86_400],
            '/materials/ground/capacity',
            'nothing',
        ];
        yield 'a million regions' => [
            static fn (array $s): array => [...$s, 'regions' => array_fill(0, 1_000_000, 0)],
            '',
            'more than 2 MB',
        ];
        yield 'six hundred regions' => [
            static fn (array $s): array => [...$s, 'regions' => array_fill(0, 600, $s['regions'][0])],
            '/regions',
            '600 entries',
        ];
        $ring = static fn (int $i): array => array_map(
            static fn (int $k): array => [1 + (1 - $i / 400) * cos($k / 100 * M_PI), 0.5 + (0.5 - $i / 800) * sin($k / 100 * M_PI)],
            range(0, 199),
        );
        yield 'corners beyond number' => [
            static fn (array $s): array => [
                ...$s,
                'regions' => [
                    ...$s['regions'],
                    ...array_map(static fn (int $i): array => ['material' => 'ground', 'polygon' => $ring($i)], range(0, 99)),
                ],
            ],
            '/regions',
            'corners in all',
        ];
        yield 'many corners' => [
            static fn (array $s): array => [
                ...$s,
                'regions' => [
                    ...$s['regions'],
                    ...array_map(
                        static fn (int $i): array => [
                            'material' => 'ground',
                            'polygon' => array_map(static fn (array $c): array => [round($c[0], 4), round($c[1], 4)], $ring($i)),
                        ],
                        range(0, 29),
                    ),
                ],
            ],
            '/regions',
            'corners in all',
        ];
        yield 'many round shapes' => [
            static fn (array $s): array => [
                ...$s,
                'regions' => [
                    ...$s['regions'],
                    ...array_map(
                        static fn (int $i): array => [
                            'material' => 'ground',
                            'polygon' => array_map(static fn (array $c): array => [round($c[0], 3), round($c[1], 3)], $ring(20 * $i)),
                        ],
                        range(0, 18),
                    ),
                ],
            ],
            '/regions',
            'edges that need a mesh of',
        ];
        yield 'edges beyond number' => [
            static fn (array $s): array => [
                ...$s,
                'regions' => [
                    ...$s['regions'],
                    ...array_map(
                        static fn (int $i): array => ['material' => 'ground', 'x' => [$i / 200, 2], 'y' => [$i / 400, 1]],
                        range(1, 399),
                    ),
                ],
            ],
            '/regions',
            'edges that need a mesh of',
        ];
        yield 'a coordinate of 10⁹ m' => [$region(['x' => [0, 1e9], 'y' => [0, 1]]), '/regions/1', 'a coordinate too far away'];
        yield 'a boundary at 10⁹ m' => [
            $with('boundaries', ['name' => 'far', 'x' => [0, 1e9], 'y' => [0, 0], 'temperature' => 1]),
            '/boundaries/2',
            'a coordinate too far away',
        ];
        yield 'edges 10⁻⁹ m apart' => [
            $region(['x' => [0, 1], 'y' => [0, 0.999999999]]),
            '/regions/0',
            '1.0e-9 m from an edge of /regions/1',
        ];
        yield 'a boundary on no edge' => [
            $with('boundaries', ['name' => 'within', 'x' => [0, 2], 'y' => [0.5, 0.5], 'temperature' => 1]),
            '/boundaries/2',
            'no edge at y = 0.5 m, x from 0',
        ];
        yield 'a boundary past its edge' => [
            $with('boundaries', ['name' => 'past', 'x' => [2, 2], 'y' => [0, 1.5], 'temperature' => 1]),
            '/boundaries/2',
            'no edge at x = 2 m',
        ];
        yield 'a boundary outside' => [
            $with('boundaries', ['name' => 'off', 'x' => [0, 1], 'y' => [3, 3], 'temperature' => 1]),
            '/boundaries/2',
            'no edge at y = 3 m',
        ];
        yield 'a slanted boundary' => [
            $with('boundaries', ['name' => 'slant', 'x' => [0, 1], 'y' => [0, 1], 'temperature' => 1]),
            '/boundaries/2',
            'a line from (0, 0) to (1, 1)',
        ];
        yield 'a boundary of no length' => [
            $with('boundaries', ['name' => 'point', 'x' => [0, 0], 'y' => [0, 0], 'temperature' => 1]),
            '/boundaries/2',
            'a line from (0, 0) to (0, 0)',
        ];
        yield 'a boundary on another' => [
            $with('boundaries', ['name' => 'again', 'x' => [0.5, 1], 'y' => [1, 1], 'temperature' => 1]),
            '/boundaries/2',
            '“again” lying on boundary 0',
        ];
        yield 'a temperature and a flux' => [
            $with('boundaries', ['name' => 'both', 'x' => [2, 2], 'y' => [0, 1], 'temperature' => 1, 'flux' => 1]),
            '/boundaries/2',
            'a temperature beside a flux',
        ];
        yield 'neither of them' => [
            $with('boundaries', ['name' => 'none', 'x' => [2, 2], 'y' => [0, 1]]),
            '/boundaries/2',
            'neither a temperature nor a flux',
        ];
        yield 'a resistance below 0' => [
            $with('boundaries', ['name' => 'out', 'x' => [2, 2], 'y' => [0, 1], 'temperature' => 1, 'resistance' => -0.1]),
            '/boundaries/2/resistance',
            'found -0.1',
        ];
        yield 'a source over nothing' => [
            $with('sources', ['x' => [5, 6], 'y' => [0, 1], 'power' => 5]),
            '/sources/0',
            'nothing is painted',
        ];
        yield 'a source without area' => [
            $with('sources', ['x' => [1, 1], 'y' => [0, 1], 'power' => 5]),
            '/sources/0',
            'a rectangle without area',
        ];
        yield 'a probe in the air' => [$with('probes', ['name' => 'lost', 'x' => 7, 'y' => 0.5]), '/probes/0', 'a point at x = 7 m'];
        yield 'two probes of one name' => [
            static fn (array $s): array => [...$s, 'probes' => [['name' => 'A', 'x' => 0, 'y' => 0], ['name' => 'A', 'x' => 1, 'y' => 0]]],
            '/probes/1/name',
            '“A” once more',
        ];
        yield 'a text for a number' => [$region(['x' => ['a', 1], 'y' => [0, 1]]), '/regions/1/x/0', '“a”'];
        yield 'an unknown key' => [static fn (array $s): array => [...$s, 'colour' => 'red'], '/colour', 'an unknown field'];
        yield 'x without y' => [$region(['x' => [0, 1]]), '/regions/1', 'neither x and y nor a polygon'];
    }

    public function test_text_that_is_no_section_is_refused(): void
    {
        foreach ([
            '' => 'no JSON',
            '[]' => 'a list of 0',
            '{"materials":{},"regions":[],"boundaries":[]}' => 'nothing painted',
            '{"materials":' => 'no JSON',
        ] as $text => $found) {
            try {
                SectionFile::read($text);
                self::fail("“{$text}” was taken");
            } catch (FaultyInput $e) {
                self::assertStringContainsString($found, $e->getMessage());
            }
        }
    }

    /** @return array<string, mixed> */
    private static function sound(): array
    {
        return [
            'materials' => ['ground' => ['conductivity' => 1.5]],
            'regions' => [['material' => 'ground', 'x' => [0, 2], 'y' => [0, 1]]],
            'boundaries' => [
                ['name' => 'in', 'x' => [0, 2], 'y' => [1, 1], 'temperature' => 20, 'resistance' => 0.17],
                ['name' => 'out', 'x' => [0, 2], 'y' => [0, 0], 'temperature' => 0],
            ],
        ];
    }
}
