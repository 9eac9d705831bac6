<?php

declare(strict_types=1);

namespace App\Http;

use App\Database\Trouble;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

/** The page for a change that could not be kept: it says so, what to do, and holds all that was typed, to be sent again. */
final class NotSaved
{
    /** Never shown again, however well hidden. */
    private const SECRET = ['password', 'password_confirmation', 'current', '_token', '_method'];

    public static function answer(Trouble $why, Request $request): Response
    {
        // The page shows them as they are saved, not as they were to be.
        $user = Auth::user();
        if ($user instanceof User) {
            $user->discardChanges();
        }

        return response()->view('errors.not-saved', [
            'why' => $why,
            'reads' => $request->isMethodSafe(),
            'method' => $request->method(),
            'to' => $request->getRequestUri(),
            'fields' => self::flat($request->isMethodSafe() ? [] : $request->except(self::SECRET)),
            'lost' => $request->hasAny(['password', 'current']) || $request->allFiles() !== [],
        ], $why->status());
    }

    /**
     * @param  array<mixed>  $typed
     * @return array<string, string> by the name of its field
     */
    private static function flat(array $typed, string $in = ''): array
    {
        $fields = [];
        foreach ($typed as $name => $value) {
            $name = $in === '' ? (string) $name : "{$in}[{$name}]";
            if (is_array($value)) {
                $fields += self::flat($value, $name);
            } elseif (is_scalar($value)) {
                $fields[$name] = (string) $value;
            }
        }

        return $fields;
    }
}
