<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Forms\NameRule;
use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

/** What a project is called. */
final class ProjectNameRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:'.Project::LONGEST_NAME, new NameRule],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'A project needs a name.',
        ];
    }
}
