<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Caution;
use Ondergrond\Version;

/** What every JSON file of this program begins with: what it is, who made it from what, and the caution. */
final class Envelope
{
    /**
     * @param  string  $format  without `ondergrond-`
     * @param  string|null  $hash  of the input it was made from; null where the whole input is in it
     * @param  array<string, mixed>  $content
     */
    public static function json(string $format, int $version, ?string $hash, array $content): string
    {
        return json_encode(
            self::around($format, $version, $hash, $content),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * @param  array<string, mixed>  $content
     * @return array<string, mixed>
     */
    public static function around(string $format, int $version, ?string $hash, array $content): array
    {
        return [
            'format' => 'ondergrond-'.$format,
            'version' => $version,
            'made_by' => [
                'program' => 'Ondergrond',
                'version' => Version::PROGRAM,
                'methods' => Version::METHODS,
                ...($hash === null ? [] : ['input_hash' => $hash]),
            ],
            'caution' => Caution::TEXT,
            ...$content,
        ];
    }
}
