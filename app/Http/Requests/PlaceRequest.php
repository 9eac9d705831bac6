<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** An option moved one place up or down its list. */
final class PlaceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'by' => ['required', Rule::in(['-1', '1'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'by' => 'Allowed: -1 for up, 1 for down.',
        ];
    }
}
