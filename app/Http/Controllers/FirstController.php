<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PasswordRules;
use App\Models\Firm;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** The firm: made once at the first start, with its owner; later only renamed. */
final class FirstController
{
    public function create(): View
    {
        $this->onlyAtFirst();

        return view('people.first', ['firm' => Firm::query()->first()]);
    }

    public function store(Request $request): RedirectResponse
    {
        $this->onlyAtFirst();
        $typed = $request->validate(
            [
                'firm' => ['required', 'string', 'max:'.Firm::LONGEST_NAME],
                'email' => ['required', 'email', 'max:190'],
                ...PasswordRules::name(),
                ...PasswordRules::password(),
            ],
            [
                ...PasswordRules::MESSAGES,
                'firm.required' => 'A firm needs a name.',
                'firm.max' => 'Allowed: up to :max characters.',
                'email' => 'Allowed: an e-mail address such as name@firm.example.',
            ],
        );
        $owner = DB::transaction(function () use ($typed): User {
            $this->onlyAtFirst();
            // Projects from before there were people wait in a firm of their own.
            $firm = Firm::query()->first() ?? new Firm;
            $firm->fill(['name' => $typed['firm']])->save();

            return $firm->members()->create([
                'name' => $typed['name'], 'email' => $typed['email'], 'password' => $typed['password'], 'role' => Role::Owner,
            ]);
        });
        Auth::login($owner);
        $request->session()->regenerate();

        return redirect()->route('projects.index');
    }

    public function update(Request $request): RedirectResponse
    {
        $typed = $request->validate(
            ['firm' => ['required', 'string', 'max:'.Firm::LONGEST_NAME]],
            ['firm.required' => 'A firm needs a name.', 'firm.max' => 'Allowed: up to :max characters.', 'string' => 'Allowed: words.'],
        );
        User::current()->firm->update(['name' => $typed['firm']]);

        return redirect()->route('people.index')->with('said', 'Saved.');
    }

    private function onlyAtFirst(): void
    {
        abort_if(User::query()->exists(), 404);
    }
}
