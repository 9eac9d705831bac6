<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\SittingRow;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Where a person is signed in: each of them ended by its owner alone. */
final class SittingController
{
    public function destroy(Request $request, string $sitting): RedirectResponse
    {
        foreach (SittingRow::of(User::current(), $request->session()->getId()) as $row) {
            if ($row->name === $sitting && ! $row->here) {
                SittingRow::end(User::current(), $row);

                return redirect()->route('settings.edit')->with('said', 'That sitting is ended.');
            }
        }
        abort(404);
    }

    public function others(Request $request): RedirectResponse
    {
        $user = User::current();
        foreach (SittingRow::of($user, $request->session()->getId()) as $row) {
            if (! $row->here) {
                SittingRow::end($user, $row);
            }
        }

        return redirect()->route('settings.edit')->with('said', 'You are signed out everywhere else.');
    }
}
