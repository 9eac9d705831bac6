<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Support\CurrentUnits;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Ondergrond\Units\UnitSystem;

final class UnitsController
{
    public function __invoke(Request $request, CurrentUnits $units): RedirectResponse
    {
        $system = UnitSystem::tryFrom($request->string('units')->toString());
        abort_if($system === null, 422, 'Allowed: metric or inch-pound.');
        $units->choose($system);

        return redirect()->back();
    }
}
