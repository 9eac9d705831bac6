<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Http\Sittings;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Signing in and out. */
final class SignInController
{
    /** A minute, of one account from one address. */
    private const TRIES = 5;

    /** In ten minutes, of one account from anywhere or from one address at any. */
    private const MANY = 40;

    public function create(): View|RedirectResponse
    {
        if (User::query()->doesntExist()) {
            return redirect()->route('first.create');
        }

        return view('sign-in', [
            'demo' => config('ondergrond.demo') === true ? User::query()->where('demo', true)->orderBy('id')->get() : collect(),
        ]);
    }

    public function store(SignInRequest $request): RedirectResponse
    {
        $typed = $request->validated();
        $email = User::plainEmail($typed['email']);
        $limits = [
            'sign-in:'.sha1($email.'|'.$request->ip()) => [self::TRIES, 60],
            'sign-in-of:'.sha1($email) => [self::MANY, 600],
            'sign-in-from:'.sha1((string) $request->ip()) => [self::MANY, 600],
        ];
        foreach ($limits as $key => [$most]) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                throw ValidationException::withMessages(
                    ['email' => 'Too many tries. Try again in '.RateLimiter::availableIn($key).' seconds.'],
                );
            }
        }
        // People of the demo have a password that everybody knows: outside the demo there is no way in with it.
        $demo = config('ondergrond.demo') === true ? [true, false] : [false];
        if (! Auth::attempt(['email' => $email, 'password' => $typed['password'], 'demo' => $demo])) {
            if (User::query()->where('email', $email)->whereIn('demo', $demo)->doesntExist()) {
                // As long as it takes with a password to hold it against: nobody learns who is a member.
                Hash::make($typed['password']);
            }
            foreach ($limits as $key => [, $seconds]) {
                RateLimiter::hit($key, $seconds);
            }
            throw ValidationException::withMessages(['email' => 'This address and this password do not go together.']);
        }
        RateLimiter::clear(array_key_first($limits));
        // The one before ends: its number may be known to whoever sat here.
        $request->session()->regenerate(true);
        $request->session()->put(Sittings::STAYS, $request->boolean('remember'));

        return redirect()->intended(route('projects.index'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in.create')->with('said', 'You are signed out.');
    }
}
