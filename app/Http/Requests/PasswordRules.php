<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Forms\NameRule;
use Closure;
use Illuminate\Validation\Rules\Password;

/** What a password and a name must be, wherever one is set. */
final class PasswordRules
{
    private const MOST_BYTES = 72;

    /** @return array<string, list<mixed>> */
    public static function password(): array
    {
        return ['password' => ['required', 'string', Password::min(10), 'confirmed', static function (
            string $field,
            mixed $value,
            Closure $fail,
        ): void {
            // The hash would cut a longer one without a word, and it counts bytes.
            if (is_string($value) && strlen($value) > self::MOST_BYTES) {
                $fail('Allowed: up to '.self::MOST_BYTES.' characters, fewer where some are not plain letters.');
            }
        }]];
    }

    /** @return array<string, list<mixed>> */
    public static function name(): array
    {
        return ['name' => ['required', 'string', 'max:120', new NameRule]];
    }
}
