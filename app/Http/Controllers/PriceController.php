<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Forms\Word;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Hatch;
use Ondergrond\Material\Material;
use Ondergrond\Takeoff\Good;
use Ondergrond\Takeoff\PriceList;

/** What the firm pays for materials. */
final class PriceController
{
    public function edit(Reader $reading): View
    {
        $firm = User::current()->firm;

        return view(
            'prices',
            [
                'prices' => $firm->priceList(), 'materials' => array_filter(
                    $firm->materials()->all(), static fn (Material $m): bool => $m->hatch !== Hatch::Metal,
                ), 'goods' => Good::cases(),
                'format' => $reading->formatter(), 'each' => self::each(...),
            ],
        );
    }

    public function update(Request $request, Reader $reading): RedirectResponse
    {
        $mark = $reading->formatter()->mark;
        $errors = [];
        $materials = User::current()->firm->materials()->all();
        $read = static function (string $list) use ($request, $mark, $materials, &$errors): array {
            $per = [];
            foreach ($request->array($list) as $slug => $text) {
                $text = is_string($text) ? trim($text) : '';
                $plain = str_replace([' ', "\u{a0}", $mark->value === 'comma' ? ',' : '.'], ['', '', '.'], $text);
                if ($text !== '' && ! is_numeric($plain)) {
                    $errors["{$list}.{$slug}"] = 'Allowed: a price'.($list === 'per_m3' ? ' for a cubic metre' : '')
                        .', such as 180, or nothing.';
                } elseif ($text !== '') {
                    $per[$slug] = (float) $plain / ($list === 'per_m3' ? self::each($materials[$slug] ?? null) : 1.0);
                }
            }

            return $per;
        };
        [$per, $each] = [$read('per_m3'), $read('per_unit')];
        $prices = PriceList::none();
        try {
            $prices = PriceList::fromArray(
                ['currency' => trim(Word::of($request, 'currency')), 'per_m3' => $per, 'per_unit' => $each],
                User::current()->firm->materials(),
            );
        } catch (FaultyInput $e) {
            foreach ($e->faults as $fault) {
                $errors[str_replace('/', '.', ltrim($fault->pointer, '/'))] = 'Allowed: '.$fault->allowed.'.';
            }
        }
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }
        User::current()->firm->update(['prices' => $prices->toArray()]);

        return redirect()->route('prices.edit')->with('said', 'Saved.');
    }

    /** What a price is one of, m³: an own product may be priced by the square metre of its thickness. */
    private static function each(?Material $material): float
    {
        $product = $material?->product;

        return $product === null || ! $product->bySquare ? 1.0 : $product->thickness ?? 1.0;
    }
}
