<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Drawing\Drawing;

/** Where the metres of a drawing lie in CSS pixels at its scale, written out. */
final readonly class SvgPlace
{
    /** CSS pixels for a metre. */
    public float $px;

    public function __construct(private Drawing $drawing)
    {
        $this->px = 1000 / $drawing->scale * SvgWriter::PX;
    }

    /** @return string of the whole sheet, for a viewBox */
    public function box(): string
    {
        [$x0, $y0, $x1, $y1] = $this->drawing->box;

        return sprintf('0 0 %s %s', round(($x1 - $x0) * $this->px, 1), round(($y1 - $y0) * $this->px, 1));
    }

    /** @param  list<list<array{float, float}>>  $lines */
    public function path(array $lines): string
    {
        $path = '';
        // Thousands of points: their arithmetic stands here once more than in point().
        [$left, , , $top] = $this->drawing->box;
        $px = $this->px;
        foreach ($lines as $line) {
            $pen = 'M';
            foreach ($line as [$x, $y]) {
                $path .= $pen.self::tenths(($x - $left) * $px).' '.self::tenths(($top - $y) * $px);
                $pen = 'L';
            }
        }

        return $path;
    }

    /** A number to one decimal; by whole numbers, because there are thousands and floats are slow to write. */
    private static function tenths(float $value): string
    {
        $tenths = (int) floor(abs($value) * 10 + 0.5);
        $rest = $tenths % 10;

        return ($value < 0 && $tenths > 0 ? '-' : '').intdiv($tenths, 10).($rest === 0 ? '' : '.'.$rest);
    }

    /**
     * @param  array{float, float}  $point
     * @return array{string, string}
     */
    public function point(array $point): array
    {
        return [
            (string) round(($point[0] - $this->drawing->box[0]) * $this->px, 1),
            (string) round(($this->drawing->box[3] - $point[1]) * $this->px, 1),
        ];
    }
}
