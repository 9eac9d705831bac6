<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Forms\NameRule;
use App\Models\Option;
use Illuminate\Foundation\Http\FormRequest;

/** What an option is called, and what is noted of it. */
final class OptionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:'.Option::LONGEST_NAME, new NameRule],
            'note' => ['present', 'string', 'max:'.Option::LONGEST_NOTE],
            'revision' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'An option needs a name.',
            'revision' => 'This page is too old. Load it again; nothing was changed.',
        ];
    }
}
