<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Forms\NameRule;
use App\Models\Project;
use App\Models\Share;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which option is shared, with whom, for how long. */
final class ShareRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $project = $this->route('project');
        assert($project instanceof Project);

        return [
            'option' => ['required', Rule::in($project->options->modelKeys())],
            'made_for' => ['required', 'string', 'max:120', new NameRule],
            'days' => ['required', 'integer', 'between:1,'.Share::LONGEST_DAYS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'option' => 'Allowed: one of this project’s options.',
            'made_for.required' => 'Whom is it for? The name tells the links apart.',
            'days' => 'Allowed: 1 to '.Share::LONGEST_DAYS.' days.',
        ];
    }
}
