<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Contracts\Cache\Repository;

/** What was worked out, by its kind and all that it hangs on: a change of any of that makes it another. */
final readonly class KeptWork
{
    /** s */
    private const LONG = 30 * 86_400;

    /** Raised where what is kept changes its shape: an older one is worked out anew. */
    private const SHAPE = 4;

    public function __construct(private Repository $cache) {}

    /** @return array<mixed>|null */
    public function get(Kind $kind, Project $project, Option $option, string $part = ''): ?array
    {
        return self::read($this->cache->get(self::key($kind, $project, $option, $part)));
    }

    /**
     * Of many at once.
     *
     * @param  array<int, array{Project, Option}>  $of  by whatever the answer is to be by
     * @return array<int, array<mixed>|null>
     */
    public function many(Kind $kind, array $of): array
    {
        $keys = array_map(static fn (array $one): string => self::key($kind, $one[0], $one[1], ''), $of);
        $kept = collect($this->cache->getMultiple(array_values($keys)));

        return array_map(static fn (string $key): ?array => self::read($kept->get($key)), $keys);
    }

    /** @param  array<mixed>  $data */
    public function put(Kind $kind, Project $project, Option $option, array $data, string $part = ''): void
    {
        // As text, which is a quarter as long.
        $this->cache->put(
            self::key($kind, $project, $option, $part),
            json_encode($data, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            self::LONG,
        );
    }

    /** @return array<mixed>|null */
    private static function read(mixed $text): ?array
    {
        return is_string($text) ? json_decode($text, true, flags: JSON_THROW_ON_ERROR) : null;
    }

    private static function key(Kind $kind, Project $project, Option $option, string $part): string
    {
        return "{$kind->value}:".self::SHAPE.':'.Content::of($kind, $project, $option).":{$part}";
    }
}
