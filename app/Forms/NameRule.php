<?php

declare(strict_types=1);

namespace App\Forms;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Ondergrond\Units\Letters;

/** A name that people can read and that does nothing else. */
final class NameRule implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $why = is_string($value) ? Letters::notAName($value) : null;
        if ($why !== null) {
            $fail($why);
        }
    }
}
