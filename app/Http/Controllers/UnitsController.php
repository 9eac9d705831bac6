<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Word;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Ondergrond\Units\UnitSystem;

final class UnitsController
{
    public function __invoke(Request $request): RedirectResponse
    {
        $system = UnitSystem::tryFrom(Word::of($request, 'units'));
        abort_if($system === null, 422, 'Allowed: metric or inch-pound.');
        User::current()->update(['units' => $system]);

        return redirect()->back();
    }
}
