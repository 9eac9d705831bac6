<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\UnitSystem;

/** How a person is named and reads figures. */
final class SettingsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...PasswordRules::name(),
            'units' => ['present', Rule::in(['', ...array_column(UnitSystem::cases(), 'value')])],
            'decimal_mark' => ['required', Rule::enum(DecimalMark::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'units' => 'Allowed: metric, inch-pound, or as each project is built.',
            'decimal_mark' => 'Allowed: point or comma.',
        ];
    }
}
