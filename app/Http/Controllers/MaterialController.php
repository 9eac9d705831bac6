<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Forms\Word;
use App\Models\User;
use App\View\MaterialRow;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ondergrond\Material\Material;
use Ondergrond\Site\Soil;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\Unit;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Units\UnreadableQuantity;

/** The materials there are, and what each does in a thickness. */
final class MaterialController
{
    /** m. */
    private const THINNEST = 0.001;

    private const THICKEST = 1.0;

    public function __invoke(Request $request, Reader $reading): View
    {
        $format = $reading->formatter();
        $usual = $format->system === UnitSystem::Metric ? 0.1 : 4 * Unit::INCH;
        [$thickness, $wrong] = self::thickness(Word::of($request, 'thickness'), $usual, $format);
        $all = User::current()->firm->materials()->all();

        return view('materials', [
            'materials' => $all,
            'groups' => collect($all)->groupBy(static fn (Material $m): string => ucfirst($m->kind->value))
                ->map(static fn ($of) => $of->map(static fn (Material $m): MaterialRow => new MaterialRow($m, $thickness, $format)))->all(),
            'soils' => Soil::cases(),
            'format' => $format,
            'thickness' => $format->format($thickness, Quantity::Thickness),
            'typed' => $wrong === '' ? $format->format($thickness, Quantity::Thickness) : Word::of($request, 'thickness'),
            'wrong' => $wrong,
        ]);
    }

    /** @return array{float, string} m, and what is wrong with what was typed */
    private static function thickness(string $typed, float $usual, QuantityFormatter $format): array
    {
        if (trim($typed) === '') {
            return [$usual, ''];
        }
        try {
            $thickness = QuantityParser::parse($typed, Quantity::Thickness, $format->system, $format->mark);
        } catch (UnreadableQuantity $e) {
            return [$usual, $e->getMessage()];
        }

        return $thickness >= self::THINNEST && $thickness <= self::THICKEST ? [$thickness, ''] : [
            $usual, 'Allowed: '.$format->format(self::THINNEST, Quantity::Thickness).' to '
                .$format->format(self::THICKEST, Quantity::Thickness).'.',
        ];
    }
}
