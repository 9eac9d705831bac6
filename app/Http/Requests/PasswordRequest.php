<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A new password of somebody who is in. */
final class PasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current' => ['bail', 'required', 'string', 'current_password'],
            ...PasswordRules::password(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'current' => 'This is not your password now.',
        ];
    }
}
