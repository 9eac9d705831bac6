<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FirstRequest;
use App\Models\Firm;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** The firm: made once at the first start, with its owner; later only renamed. */
final class FirstController
{
    public function create(): View
    {
        $this->onlyAtFirst();

        return view('first', ['firm' => Firm::query()->first()]);
    }

    public function store(FirstRequest $request): RedirectResponse
    {
        $this->onlyAtFirst();
        $typed = $request->validated();
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

    private function onlyAtFirst(): void
    {
        abort_if(User::query()->exists(), 404);
    }
}
