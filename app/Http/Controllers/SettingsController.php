<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PasswordRequest;
use App\Http\Requests\SettingsRequest;
use App\Http\SittingRow;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;
use Ondergrond\Units\DecimalMark;

/** What is each person's own: name, units, how numbers are written, keys. */
final class SettingsController
{
    public function edit(Request $request): View
    {
        return view('settings', [
            'user' => User::current(), 'marks' => DecimalMark::cases(),
            'sittings' => SittingRow::of(User::current(), $request->session()->getId()),
        ]);
    }

    public function update(SettingsRequest $request): RedirectResponse
    {
        $typed = $request->validated();
        User::current()->update([
            'name' => $typed['name'],
            'units' => $typed['units'] === '' ? null : $typed['units'],
            'decimal_mark' => $typed['decimal_mark'],
            'single_keys' => $request->boolean('single_keys'),
        ]);

        return redirect()->route('settings.edit')->with('said', 'Saved.');
    }

    public function password(PasswordRequest $request): RedirectResponse
    {
        $password = $request->string('password')->value();
        User::current()->update(['password' => $password]);
        // Every other sitting of this person ends.
        Auth::logoutOtherDevices($password);

        return redirect()->route('settings.edit')->with('said', 'The new password is set. You are signed out everywhere else.');
    }
}
