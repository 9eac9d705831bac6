<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Plain;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Links are made of the host that was asked, and a page of somewhere else may have its name lead here: only names that whoever runs
 * this has said are answered, and this machine's own.
 */
final class KnownHost
{
    private const OWN = ['localhost', '127.0.0.1', '[::1]'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $known = [...self::OWN, (string) parse_url((string) config('app.url'), PHP_URL_HOST), ...(array) config('ondergrond.hosts')];
        try {
            $host = $request->getHost();
        } catch (SuspiciousOperationException) {
            $host = '';
        }
        if (! in_array($host, $known, true)) {
            return new Plain(
                'This name does not lead here. Whoever runs Ondergrond adds it to ONDERGROND_HOSTS in .env.', 421, ['Content-Type' => 'text/plain'],
            );
        }

        return $next($request);
    }
}
