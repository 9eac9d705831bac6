<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Validation\Rules\Password;

/** What a password and a name must be, wherever one is set. */
final class PasswordRules
{
    public const MESSAGES = [
        'name.required' => 'A name is needed: it stands beside everything you change.',
        'name.max' => 'Allowed: up to :max characters.',
        'password.required' => 'A password is needed.',
        'password.min' => 'Allowed: :min characters or more.',
        'password.max' => 'Allowed: up to :max characters.',
        'password.confirmed' => 'The two passwords differ.',
        'string' => 'Allowed: words.',
    ];

    /** @return array<string, list<mixed>> */
    public static function password(): array
    {
        // Long passwords would be cut by the hash without a word.
        return ['password' => ['required', 'string', Password::min(10), 'max:72', 'confirmed']];
    }

    /** @return array<string, list<mixed>> */
    public static function name(): array
    {
        return ['name' => ['required', 'string', 'max:120']];
    }
}
