<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Bytes that are no text and numbers without an end can be neither shown nor kept: such a request is refused as a whole. */
final class WellFormedText
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $input = $request->input();
        array_walk_recursive($input, static function (mixed $value, int|string $key): void {
            abort_if(! mb_check_encoding((string) $key, 'UTF-8') || (is_string($value) && ! mb_check_encoding($value, 'UTF-8')), 400);
            // JSON may hold 1e400, which no number holds.
            abort_if(is_float($value) && ! is_finite($value), 400);
        });

        return $next($request);
    }
}
