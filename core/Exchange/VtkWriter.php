<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Field\Solution;
use Ondergrond\Version;

/** A field as a legacy VTK file, version 3.0, ASCII, a rectilinear grid, for viewers of scientific data. */
final class VtkWriter
{
    public static function write(Solution $solution): string
    {
        $mesh = $solution->mesh;
        $lines = [
            '# vtk DataFile Version 3.0',
            sprintf('Ondergrond %s, methods %d, input %s', Version::PROGRAM, Version::METHODS, SectionFile::hash($solution->problem)),
            'ASCII',
            'DATASET RECTILINEAR_GRID',
            sprintf('DIMENSIONS %d %d 1', $mesh->nx + 1, $mesh->ny + 1),
            sprintf('X_COORDINATES %d double', $mesh->nx + 1),
            self::numbers($mesh->x),
            sprintf('Y_COORDINATES %d double', $mesh->ny + 1),
            self::numbers($mesh->y),
            'Z_COORDINATES 1 double',
            '0',
            sprintf('CELL_DATA %d', $mesh->nx * $mesh->ny),
            ...self::scalars('conductivity', self::cells($solution, $mesh->conductivity)),
            ...self::scalars('heat_capacity', self::cells($solution, $mesh->capacity)),
            sprintf('POINT_DATA %d', ($mesh->nx + 1) * ($mesh->ny + 1)),
            ...self::scalars('temperature', $solution->steady->nodes),
        ];
        if ($solution->harmonic !== null) {
            array_push(
                $lines,
                ...self::scalars('amplitude_re', $solution->harmonic->nodesRe),
                ...self::scalars('amplitude_im', $solution->harmonic->nodesIm),
            );
        }

        return implode("\n", $lines)."\n";
    }

    /**
     * Without the border of empty cells.
     *
     * @param  array<int, float>  $values
     * @return array<int, float>
     */
    private static function cells(Solution $solution, array $values): array
    {
        $inner = [];
        for ($j = 1; $j <= $solution->mesh->ny; $j++) {
            array_push($inner, ...array_slice($values, $j * $solution->mesh->stride + 1, $solution->mesh->nx));
        }

        return $inner;
    }

    /**
     * @param  array<int, float|null>  $values
     * @return list<string>
     */
    private static function scalars(string $name, array $values): array
    {
        return ["SCALARS {$name} double 1", 'LOOKUP_TABLE default', self::numbers($values)];
    }

    /** @param  array<int, float|null>  $values  null where there is nothing */
    private static function numbers(array $values): string
    {
        return implode("\n", array_map(static fn (?float $v): string => $v === null ? 'nan' : sprintf('%.9g', $v), $values));
    }
}
