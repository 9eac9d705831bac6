<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Forms\NameRule;
use App\Models\Firm;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** The firm and its first owner. */
final class FirstRequest extends FormRequest
{
    public function authorize(): bool
    {
        abort_if(User::query()->exists(), 404);

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'firm' => ['required', 'string', 'max:'.Firm::LONGEST_NAME, new NameRule],
            'email' => ['required', 'email', 'max:190'],
            ...PasswordRules::name(),
            ...PasswordRules::password(),
        ];
    }
}
