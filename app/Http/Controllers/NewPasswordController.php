<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Word;
use App\Http\Requests\NewPasswordRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** A new password: by the link an owner passed on, or with the old one. */
final class NewPasswordController
{
    public function edit(Request $request, string $token): View
    {
        return view('new-password', ['token' => $token, 'email' => Word::of($request, 'email')]);
    }

    public function update(NewPasswordRequest $request): RedirectResponse
    {
        $typed = $request->validated();
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

        return redirect()->route('sign-in.create')->with('said', 'The new password is set. Sign in with it.');
    }
}
