<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/** Fills the cells of a mesh with what is painted at their centres. */
final class MeshFilling
{
    /** No patch. */
    public const NOTHING = -1;

    /**
     * @param  list<Patch>  $patches
     * @param  non-empty-list<float>  $x
     * @param  non-empty-list<float>  $y
     * @return array{array<int, float>, array<int, float>} conductivity and capacity by cell, numbered as in Mesh
     */
    public static function paint(array $patches, array $x, array $y): array
    {
        $conductivity = $capacity = [self::NOTHING => 0.0];
        foreach ($patches as $n => $patch) {
            $conductivity[$n] = $patch->substance->conductivity ?? 0.0;
            $capacity[$n] = $patch->substance->capacity ?? 0.0;
        }
        $lambda = $rhoC = [];
        foreach (self::owners($patches, $x, $y) as $n) {
            $lambda[] = $conductivity[$n];
            $rhoC[] = $capacity[$n];
        }

        return [$lambda, $rhoC];
    }

    /**
     * @param  list<Patch>  $patches
     * @param  non-empty-list<float>  $x
     * @param  non-empty-list<float>  $y
     * @return array<int, int> by cell, numbered as in Mesh: the last patch that covers its centre, or NOTHING
     */
    public static function owners(array $patches, array $x, array $y): array
    {
        $nx = count($x) - 1;
        $owners = array_fill(0, ($nx + 2) * (count($y) + 1), self::NOTHING);
        $centres = self::centres($x);
        foreach ($patches as $n => $patch) {
            foreach (self::centres($y) as $j => $height) {
                $row = ($j + 1) * ($nx + 2) + 1;
                $crossings = self::crossings($patch->polygon, $height);
                for ($k = 0; $k + 1 < count($crossings); $k += 2) {
                    $end = self::firstAfter($centres, $crossings[$k + 1]);
                    for ($i = self::firstAfter($centres, $crossings[$k]); $i < $end; $i++) {
                        $owners[$row + $i] = $n;
                    }
                }
            }
        }

        return $owners;
    }

    /**
     * @param  non-empty-list<float>  $lines
     * @return array<int, float>
     */
    private static function centres(array $lines): array
    {
        $centres = [];
        for ($i = 1; $i < count($lines); $i++) {
            $centres[] = ($lines[$i - 1] + $lines[$i]) / 2;
        }

        return $centres;
    }

    /**
     * Where the outline passes through that height, from left to right.
     *
     * @param  list<array{float, float}>  $polygon
     * @return array<int, float>
     */
    private static function crossings(array $polygon, float $height): array
    {
        $places = [];
        [$x, $y] = $polygon[count($polygon) - 1];
        foreach ($polygon as [$u, $v]) {
            if (($y > $height) !== ($v > $height)) {
                $places[] = $x + ($u - $x) * ($height - $y) / ($v - $y);
            }
            [$x, $y] = [$u, $v];
        }
        sort($places);

        return $places;
    }

    /** @param  array<int, float>  $rising */
    private static function firstAfter(array $rising, float $value): int
    {
        $low = 0;
        $high = count($rising);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($rising[$middle] > $value) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }
}
