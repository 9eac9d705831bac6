<?php

declare(strict_types=1);

namespace App\Forms;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Traverse;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/** Legs of an outline as people write them: “12 right”, “8.4 up”, “3.2 135” (degrees against the clock from along the sheet). */
final class TypedTraverse
{
    private const WAYS = ['right' => 0.0, 'up' => 90.0, 'left' => 180.0, 'down' => 270.0];

    public const ALLOWED = 'a length, then right, up, left, down or degrees against the clock: 12 right';

    /**
     * @param  list<string>  $legs
     *
     * @throws FaultyInput with pointers to the legs, by number from 0
     */
    public static function read(array $legs, QuantityFormatter $format): Traverse
    {
        $read = $faults = [];
        foreach ($legs as $i => $leg) {
            if (preg_match('~^(.*?)[\s,;]+(right|up|left|down|r|u|l|d|-?\d+(?:[.,]\d+)?)\s*°?$~iu', trim($leg), $m) !== 1) {
                $faults[] = Fault::of("/{$i}", "“{$leg}”", self::ALLOWED);

                continue;
            }
            try {
                $length = QuantityParser::parse($m[1], Quantity::Length, $format->system, $format->mark);
            } catch (UnreadableQuantity $e) {
                $faults[] = Fault::of("/{$i}", "“{$leg}”", $e->getMessage());

                continue;
            }
            $read[] = [$length, self::way($m[2])];
        }

        return $faults === [] ? Traverse::of($read) : throw FaultyInput::because($faults);
    }

    /** What is wrong with one that does not close, and which leg it may be. */
    public static function misclosure(Traverse $traverse, QuantityFormatter $format): string
    {
        $m = static fn (float $metres): string => $format->format($metres, Quantity::Length);
        [$x, $y] = $traverse->error;
        $suspects = [];
        foreach ($traverse->suspects() as $i => $length) {
            $suspects[] = sprintf('leg %d would close it at %s', $i + 1, $m($length));
        }

        return sprintf(
            'Does not close: the last leg ends %s %s and %s %s of the first corner, one in %d of the way round. Which size is wrong? %s. '
                .'Nothing is shared out: that would bend right angles.',
            $m(abs($x)), $x < 0.0 ? 'left' : 'right', $m(abs($y)), $y < 0.0 ? 'below' : 'above', (int) round($traverse->precision()),
            $suspects === [] ? 'No leg alone would close it' : ucfirst(implode('; ', $suspects)),
        );
    }

    private static function way(string $word): float
    {
        foreach (self::WAYS as $way => $degrees) {
            if (in_array(strtolower($word), [$way, $way[0]], true)) {
                return $degrees;
            }
        }

        return (float) strtr($word, [',' => '.']);
    }
}
