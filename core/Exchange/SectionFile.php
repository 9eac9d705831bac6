<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use JsonException;
use Ondergrond\Codec\Schema;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Field\Boundary;
use Ondergrond\Field\Complex;
use Ondergrond\Field\Fine;
use Ondergrond\Field\Frozen;
use Ondergrond\Field\HeatSource;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Probe;
use Ondergrond\Field\Problem;
use Ondergrond\Field\ProblemFaults;
use Ondergrond\Field\Substance;
use Ondergrond\Field\Winter;

/** A section for the field engine as a JSON file. */
final class SectionFile
{
    /** Bytes; a section of 400 regions is well below. */
    public const LARGEST = 2_000_000;

    private const DEEPEST = 16;

    /** The material that takes away what was painted. */
    private const VOID = 'void';

    public static function write(Problem $problem): string
    {
        $content = self::content($problem);

        return Envelope::json('section', 1, self::hash($problem), [
            ...$content,
        ]);
    }

    /** Tells whether two answers came from the same section. */
    public static function hash(Problem $problem): string
    {
        return 'sha256:'.hash('sha256', json_encode(self::content($problem), JSON_THROW_ON_ERROR));
    }

    /** @throws FaultyInput */
    public static function read(string $json): Problem
    {
        if (strlen($json) > self::LARGEST) {
            throw FaultyInput::one(Fault::of('', sprintf('more than %.0f MB', self::LARGEST / 1e6), 'a smaller section file'));
        }
        try {
            $data = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw FaultyInput::one(
                Fault::of('', 'no JSON that can be read ('.$e->getMessage().')', 'a section file as docs/formats.md describes it'),
            );
        }
        // Before the schema is asked, which takes long over many.
        foreach (['regions', 'boundaries', 'sources', 'probes', 'fine'] as $list) {
            if (is_object($data) && is_array($data->{$list} ?? null) && count($data->{$list}) > ProblemFaults::MOST_ITEMS) {
                throw FaultyInput::one(
                    Fault::of("/{$list}", sprintf('%d entries', count($data->{$list})), sprintf('at most %d', ProblemFaults::MOST_ITEMS)),
                );
            }
        }
        $faults = Schema::Section->faults($data);
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }

        return self::fromValid((array) json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR));
    }

    /** @param  array<string, mixed>  $data */
    private static function fromValid(array $data): Problem
    {
        $faults = self::structure($data);
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
        $substances = [self::VOID => null];
        foreach ($data['materials'] as $name => $m) {
            $frozen = isset($m['frozen']) ? new Frozen(
                (float) $m['frozen']['conductivity'],
                (float) $m['frozen']['capacity'],
                (float) $m['latent'],
            ) : null;
            $substances[$name] = new Substance(
                (string) $name,
                (float) $m['conductivity'],
                isset($m['capacity']) ? (float) $m['capacity'] : null,
                $frozen,
            );
        }

        $pair = static fn (array $p): array => [(float) $p[0], (float) $p[1]];
        $patches = $boundaries = $sources = $probes = [];
        foreach ($data['regions'] as $r) {
            $patches[] = isset($r['polygon'])
                ? Patch::polygon($substances[$r['material']], array_values(array_map($pair, $r['polygon'])))
                : Patch::rectangle(
                    $substances[$r['material']], (float) $r['x'][0], (float) $r['y'][0], (float) $r['x'][1], (float) $r['y'][1],
                );
        }
        foreach ($data['boundaries'] as $b) {
            $boundaries[] = self::boundary($b);
        }
        foreach ($data['sources'] ?? [] as $s) {
            $sources[] = new HeatSource(
                (float) $s['x'][0], (float) $s['y'][0], (float) $s['x'][1], (float) $s['y'][1], (float) $s['power'],
            );
        }
        foreach ($data['probes'] ?? [] as $p) {
            $probes[] = new Probe($p['name'], (float) $p['x'], (float) $p['y']);
        }

        return Problem::of(
            $patches, $boundaries, $sources, $probes,
            (float) ($data['accuracy'] ?? Problem::ACCURACY),
            isset($data['period_s']) ? (float) $data['period_s'] : null,
            array_values(
                array_map(
                    static fn (array $f): Fine => new Fine(
                        (float) $f['x'][0], (float) $f['y'][0], (float) $f['x'][1], (float) $f['y'][1],
                        (float) ($f['across'] ?? $f['size']), (float) $f['size'],
                    ),
                    $data['fine'] ?? [],
                ),
            ),
            self::winter($data),
        );
    }

    /** @param  array<string, mixed>  $data */
    private static function winter(array $data): ?Winter
    {
        return ! isset($data['winter']) ? null : new Winter(
            array_map(static fn (array $days): array => array_values(array_map(floatval(...), $days)), $data['winter']),
            isset($data['start_c']) ? (float) $data['start_c'] : null,
            array_map(floatval(...), $data['lines'] ?? []),
        );
    }

    /** @param  array<string, mixed>  $b */
    private static function boundary(array $b): Boundary
    {
        [$x0, $x1] = array_map(floatval(...), $b['x']);
        [$y0, $y1] = array_map(floatval(...), $b['y']);
        $amplitude = Complex::of((float) ($b['amplitude']['re'] ?? 0), (float) ($b['amplitude']['im'] ?? 0));

        return isset($b['flux'])
            ? Boundary::flux($b['name'], $x0, $y0, $x1, $y1, (float) $b['flux'], $amplitude)
            : Boundary::temperature($b['name'], $x0, $y0, $x1, $y1, (float) $b['temperature'], (float) ($b['resistance'] ?? 0), $amplitude);
    }

    /**
     * What the schema does not say.
     *
     * @param  array<string, mixed>  $data
     * @return list<Fault>
     */
    private static function structure(array $data): array
    {
        $faults = [];
        $materials = array_map(strval(...), array_keys($data['materials']));
        if (in_array(self::VOID, $materials, true)) {
            $faults[] = Fault::of('/materials/void', 'a material named “void”', 'another name; void takes away what was painted');
        }
        foreach ($data['materials'] as $name => $m) {
            if (isset($m['frozen']) !== isset($m['latent'])) {
                $faults[] = Fault::of(
                    "/materials/{$name}",
                    isset($m['frozen']) ? 'frozen without latent' : 'latent without frozen',
                    'both, or neither',
                );
            }
        }
        foreach (isset($data['winter']) ? [] : ['start_c', 'lines'] as $key) {
            if (isset($data[$key])) {
                $faults[] = Fault::of("/{$key}", "{$key} without a winter", 'a winter, or nothing');
            }
        }
        foreach ($data['regions'] as $i => $r) {
            if ($r['material'] !== self::VOID && ! in_array($r['material'], $materials, true)) {
                $faults[] = Fault::of("/regions/{$i}/material", "“{$r['material']}”", implode(', ', [...$materials, self::VOID]));
            }
            if (isset($r['polygon']) === (isset($r['x'], $r['y'])) || (isset($r['polygon']) && (isset($r['x']) || isset($r['y'])))) {
                $faults[] = Fault::of(
                    "/regions/{$i}",
                    isset($r['polygon']) ? 'a polygon beside x or y' : 'neither x and y nor a polygon',
                    'either x and y, or a polygon',
                );
            }
        }
        foreach ($data['boundaries'] as $i => $b) {
            if (isset($b['temperature']) === isset($b['flux'])) {
                $faults[] = Fault::of(
                    "/boundaries/{$i}",
                    isset($b['flux']) ? 'a temperature beside a flux' : 'neither a temperature nor a flux',
                    'one of them',
                );
            }
            if (isset($b['flux'], $b['resistance'])) {
                $faults[] = Fault::of("/boundaries/{$i}/resistance", 'a resistance beside a flux', 'none: the flux is what enters');
            }
        }
        $names = [];
        foreach ($data['probes'] ?? [] as $i => $p) {
            if (isset($names[$p['name']])) {
                $faults[] = Fault::of("/probes/{$i}/name", "“{$p['name']}” once more", 'a name of its own for each probe');
            }
            $names[$p['name']] = true;
        }

        return $faults;
    }

    /** @return array<string, mixed> */
    private static function content(Problem $problem): array
    {
        $materials = [];
        foreach ($problem->patches as $patch) {
            if ($patch->substance !== null) {
                $substance = $patch->substance;
                $materials[$substance->name] = [
                    ...array_filter(['conductivity' => $substance->conductivity, 'capacity' => $substance->capacity], is_float(...)),
                    ...(
                        $substance->frozen === null
                        ? []
                        : [
                            'frozen' => ['conductivity' => $substance->frozen->conductivity, 'capacity' => $substance->frozen->capacity],
                            'latent' => $substance->frozen->latent,
                        ]
                    ),
                ];
            }
        }

        return [
            'materials' => (object) $materials,
            'regions' => array_map(
                static fn (Patch $p): array => ['material' => $p->substance->name ?? self::VOID, 'polygon' => $p->polygon],
                $problem->patches,
            ),
            'boundaries' => array_map(static fn (Boundary $b): array => [
                'name' => $b->name,
                'x' => [$b->x0, $b->x1],
                'y' => [$b->y0, $b->y1],
                ...($b->temperature === null ? ['flux' => $b->flux] : ['temperature' => $b->temperature, 'resistance' => $b->resistance]),
                'amplitude' => self::complex($b->amplitude),
            ], $problem->boundaries),
            'sources' => array_map(
                static fn (HeatSource $s): array => ['x' => [$s->x0, $s->x1], 'y' => [$s->y0, $s->y1], 'power' => $s->power],
                $problem->sources,
            ),
            'probes' => array_map(static fn (Probe $p): array => ['name' => $p->name, 'x' => $p->x, 'y' => $p->y], $problem->probes),
            'accuracy' => $problem->accuracy,
            ...($problem->period === null ? [] : ['period_s' => $problem->period]),
            ...(
                $problem->fine === []
                ? []
                : [
                    'fine' => array_map(
                        static fn (Fine $f): array => [
                            'x' => [$f->x0, $f->x1],
                            'y' => [$f->y0, $f->y1],
                            'size' => $f->up,
                            'across' => $f->across,
                        ],
                        $problem->fine,
                    ),
                ]
            ),
            ...(
                $problem->winter === null
                ? []
                : array_filter(
                    ['winter' => $problem->winter->days, 'start_c' => $problem->winter->start, 'lines' => $problem->winter->lines],
                    static fn (mixed $v): bool => $v !== null && $v !== [],
                )
            ),
        ];
    }

    /** @return array{re: float, im: float} */
    public static function complex(Complex $value): array
    {
        return ['re' => $value->re, 'im' => $value->im];
    }
}
