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
    /** Each project in the units it is built in. */
    public const AS_BUILT = 'as-built';

    public function __invoke(Request $request): RedirectResponse
    {
        $asked = Word::of($request, 'units');
        $system = UnitSystem::tryFrom($asked);
        abort_if($system === null && $asked !== self::AS_BUILT, 422, 'Allowed: metric, inch-pound, or as each project is built.');
        User::current()->update(['units' => $system]);

        return redirect()->back();
    }
}
