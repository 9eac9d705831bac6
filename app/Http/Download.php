<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** Content that the browser saves under a plain file name. */
final class Download
{
    public static function of(string $content, string $type, string $name, string $ending): Response
    {
        $slug = Str::slug(Str::limit($name, 60, ''));
        $stem = $slug === '' ? 'ondergrond' : $slug;

        return new Response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', "{$stem}.{$ending}"),
        ]);
    }
}
