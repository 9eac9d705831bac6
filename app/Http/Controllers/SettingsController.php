<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PasswordRules;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\View\View;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\UnitSystem;

/** What is each person's own: name, units, how numbers are written, keys. */
final class SettingsController
{
    public function edit(): View
    {
        return view('people.settings', ['user' => User::current(), 'marks' => DecimalMark::cases()]);
    }

    public function update(Request $request): RedirectResponse
    {
        $typed = $request->validate([
            ...PasswordRules::name(),
            'units' => ['present', Rule::in(['', ...array_column(UnitSystem::cases(), 'value')])],
            'decimal_mark' => ['required', Rule::enum(DecimalMark::class)],
        ], [
            ...PasswordRules::MESSAGES,
            'units' => 'Allowed: metric, inch-pound, or as each project is built.',
            'decimal_mark' => 'Allowed: point or comma.',
        ]);
        User::current()->update([
            'name' => $typed['name'],
            'units' => $typed['units'] === '' ? null : $typed['units'],
            'decimal_mark' => $typed['decimal_mark'],
            'single_keys' => $request->boolean('single_keys'),
        ]);

        return redirect()->route('settings.edit')->with('said', 'Saved.');
    }
}
