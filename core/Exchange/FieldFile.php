<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Field\Complex;
use Ondergrond\Field\FreezingSolution;
use Ondergrond\Field\Isotherms;
use Ondergrond\Field\Probe;
use Ondergrond\Field\Solution;
use Ondergrond\Field\Touching;

/** The field engine's answer as JSON; docs/formats.md lists the keys. */
final class FieldFile
{
    /** @param  list<float>  $isotherms  temperatures whose lines are wanted as SVG paths, °C */
    public static function write(Solution $solution, array $isotherms = []): string
    {
        return json_encode(
            self::toArray($solution, $isotherms),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * @param  list<float>  $isotherms
     * @return array<string, mixed>
     */
    public static function toArray(Solution $solution, array $isotherms = []): array
    {
        $probes = $solution->problem->probes;

        return Envelope::around('field', 1, SectionFile::hash($solution->problem), [
            'flows' => (object) $solution->steady->flows,
            'balance' => $solution->steady->balance,
            'probes' => (object) self::byName($probes, static fn (Probe $p): ?float => $solution->temperatureAt($p->x, $p->y)),
            ...($solution->harmonic === null ? [] : ['harmonic' => [
                'period_s' => $solution->problem->period,
                'flows' => (object) array_map(SectionFile::complex(...), $solution->harmonic->flows),
                'balance' => $solution->harmonic->balance,
                'probes' => (object) self::byName(
                    $probes,
                    static fn (Probe $p): array => SectionFile::complex($solution->amplitudeAt($p->x, $p->y) ?? Complex::zero()),
                ),
            ]]),
            'mesh' => self::mesh($solution),
            'touching' => array_map(
                static fn (Touching $t): array => ['boundaries' => [$t->one, $t->other], 'x' => $t->x, 'y' => $t->y],
                $solution->touching,
            ),
            ...($isotherms === [] ? [] : ['isotherms' => array_map(static fn (float $t): array => [
                'temperature' => $t,
                'path' => Isotherms::path($solution->mesh, $solution->steady->nodes, $t),
            ], $isotherms)]),
            'seconds' => round($solution->seconds, 4),
        ]);
    }

    /** What a winter did; docs/formats.md lists the keys. */
    public static function freezing(FreezingSolution $solution): string
    {
        $freezing = $solution->freezing;

        return Envelope::json('freezing', 1, SectionFile::hash($solution->problem), [
            'days' => count($solution->ice),
            'fronts_m' => (object) $solution->fronts,
            'ice_m2' => $solution->ice,
            'probes' => (object) $solution->probes,
            'heat_j_m' => (object) $freezing->heat,
            'closure' => $freezing->closure(),
            'residual' => $freezing->residual,
            'cells' => $solution->last->mesh->cells(),
            'rounds' => $freezing->rounds,
            'halved_steps' => $freezing->halved,
            'seconds' => round($solution->seconds, 4),
        ]);
    }

    /** @return array<string, mixed> how fine the mesh is and what halving its cells changed */
    public static function mesh(Solution $solution): array
    {
        return [
            'cells' => $solution->mesh->cells(),
            'refinements' => $solution->mesh->halvings,
            'reached' => $solution->refinement->flows,
            'reached_surface' => $solution->refinement->surface,
            'accurate' => $solution->isAccurate(),
        ];
    }

    /**
     * @template T
     *
     * @param  list<Probe>  $probes
     * @param  callable(Probe): T  $of
     * @return array<string, T>
     */
    private static function byName(array $probes, callable $of): array
    {
        $values = [];
        foreach ($probes as $probe) {
            $values[$probe->name] = $of($probe);
        }

        return $values;
    }
}
