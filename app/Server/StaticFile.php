<?php

declare(strict_types=1);

namespace App\Server;

/** A style, script, font or picture out of public/, with the headers that a file of a closed application needs. */
final readonly class StaticFile
{
    private const TYPES = [
        'css' => 'text/css; charset=utf-8',
        'js' => 'text/javascript; charset=utf-8',
        'svg' => 'image/svg+xml',
        'png' => 'image/png',
        'woff2' => 'font/woff2',
        'woff' => 'font/woff',
        'txt' => 'text/plain; charset=utf-8',
    ];

    /** What a page may say of itself, a file may say as well. */
    public const HEADERS = [
        'X-Content-Type-Options' => 'nosniff',
        'Referrer-Policy' => 'same-origin',
        'X-Robots-Tag' => 'noindex',
        'Cross-Origin-Resource-Policy' => 'same-origin',
    ];

    private function __construct(private string $path, private string $type) {}

    /** @return self|null where there is none of a kind that is given out */
    public static function at(string $public, string $uri): ?self
    {
        $path = rawurldecode((string) parse_url($uri, PHP_URL_PATH));
        $type = self::TYPES[strtolower(pathinfo($path, PATHINFO_EXTENSION))] ?? null;
        if ($type === null || str_contains($path, "\0")) {
            return null;
        }
        [$root, $real] = [realpath($public), realpath($public.$path)];

        return $root !== false && $real !== false && str_starts_with($real, $root.'/') && is_file($real) ? new self($real, $type) : null;
    }

    /** @param  string  $known  the tag of what the asker has */
    public function answer(bool $headOnly, string $known): void
    {
        $tag = sprintf('"%x-%x"', (int) filemtime($this->path), (int) filesize($this->path));
        foreach (self::HEADERS as $name => $value) {
            header("{$name}: {$value}");
        }
        header("Content-Security-Policy: default-src 'none'; style-src 'unsafe-inline'");
        header("ETag: {$tag}");
        // The name of what was built says its content.
        header('Cache-Control: '.(str_contains($this->path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
        if ($known === $tag) {
            http_response_code(304);

            return;
        }
        header("Content-Type: {$this->type}");
        header('Content-Length: '.filesize($this->path));
        if (! $headOnly) {
            readfile($this->path);
        }
    }
}
