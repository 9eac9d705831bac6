<?php

declare(strict_types=1);

namespace App\Forms;

use Illuminate\Http\Request;

/** A value of a request that should be words, whatever was sent. */
final class Word
{
    public static function of(Request $request, string $name): string
    {
        $value = $request->input($name);

        return is_string($value) ? $value : '';
    }
}
