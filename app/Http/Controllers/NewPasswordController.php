<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Word;
use App\Http\Requests\PasswordRules;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** A new password: by the link an owner passed on, or with the old one. */
final class NewPasswordController
{
    public function edit(Request $request, string $token): View
    {
        return view('people.new-password', ['token' => $token, 'email' => Word::of($request, 'email')]);
    }

    public function update(Request $request): RedirectResponse
    {
        $typed = $request->validate(
            ['token' => ['required', 'string', 'max:200'], 'email' => ['required', 'string', 'max:190'], ...PasswordRules::password()],
            PasswordRules::MESSAGES,
        );
        $typed['email'] = User::plainEmail($typed['email']);
        $done = Password::reset($typed, static function (User $user, string $password): void {
            $user->password = $password;
            $user->setRememberToken(Str::random(60));
            $user->save();
        });
        if ($done !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(
                ['password' => 'This link is used up or older than an hour. Ask an owner of the firm for a new one.'],
            );
        }

        return redirect()->route('session.create')->with('said', 'The new password is set. Sign in with it.');
    }

    public function change(Request $request): RedirectResponse
    {
        $typed = $request->validate(
            ['current' => ['required', 'string', 'current_password'], ...PasswordRules::password()],
            [...PasswordRules::MESSAGES, 'current' => 'This is not your password now.'],
        );
        User::current()->update(['password' => $typed['password']]);
        // Every other sitting of this person ends.
        Auth::logoutOtherDevices($typed['password']);

        return redirect()->route('settings.edit')->with('said', 'The new password is set. You are signed out everywhere else.');
    }
}
