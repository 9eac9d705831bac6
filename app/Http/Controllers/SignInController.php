<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Signing in and out. */
final class SignInController
{
    private const TRIES = 5;

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
        $key = 'sign-in:'.sha1($email.'|'.$request->ip());
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages(
                ['email' => 'Too many tries. Try again in '.RateLimiter::availableIn($key).' seconds.'],
            );
        }
        // People of the demo have a password that everybody knows: outside the demo there is no way in with it.
        $demo = config('ondergrond.demo') === true ? [true, false] : [false];
        if (! Auth::attempt(['email' => $email, 'password' => $typed['password'], 'demo' => $demo], $request->boolean('remember'))) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages(['email' => 'This address and this password do not go together.']);
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

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
