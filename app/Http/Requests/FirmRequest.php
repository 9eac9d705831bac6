<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Forms\NameRule;
use App\Models\Firm;
use Illuminate\Foundation\Http\FormRequest;

/** What the firm is called. */
final class FirmRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'firm' => ['required', 'string', 'max:'.Firm::LONGEST_NAME, new NameRule],
        ];
    }
}
