<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Http\Request;

/** What of a page its script says it shows already, so that only what differs is sent. */
final readonly class Have
{
    /** Names and fingerprints, `name:fingerprint`, with spaces between. */
    public const HEADER = 'X-Have';

    /** @param  array<string, string>  $known  fingerprints by name */
    private function __construct(private array $known) {}

    public static function of(Request $request): self
    {
        $read = $request->attributes->get(self::HEADER);
        if ($read instanceof self) {
            return $read;
        }
        $known = [];
        foreach (explode(' ', $request->headers->get(self::HEADER) ?? '') as $one) {
            [$name, $print] = [...explode(':', $one, 2), ''];
            $known[$name] = $print;
        }

        $read = new self($known);
        // A page asks once for each of its pieces.
        $request->attributes->set(self::HEADER, $read);

        return $read;
    }

    /** Of what is written there, with the attributes it stands under. */
    public static function print(string $html): string
    {
        return substr(hash('xxh64', $html), 0, 8);
    }

    public function shows(string $name, string $print): bool
    {
        return ($this->known[$name] ?? null) === $print;
    }
}
