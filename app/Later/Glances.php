<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Illuminate\Contracts\Cache\Repository;

/** What designs came to when they were last looked at, kept so that the next change can be told from them. */
final readonly class Glances
{
    /** s */
    private const LONG = 30 * 86_400;

    public function __construct(private Repository $cache) {}

    public function known(Project $project, Option $option): ?Glance
    {
        $text = $this->cache->get(self::key($project, $option));
        if (! is_string($text)) {
            return null;
        }
        /** @var array{watts: float, words: array<string, string>, findings: array<string, string>} $data */
        $data = json_decode($text, true, flags: JSON_THROW_ON_ERROR);

        return new Glance(...$data);
    }

    public function keep(Project $project, Option $option, Glance $glance): void
    {
        $this->cache->put(
            self::key($project, $option),
            json_encode(get_object_vars($glance), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            self::LONG,
        );
    }

    /** Findings are open or set aside, which no other work hangs on. */
    private static function key(Project $project, Option $option): string
    {
        return 'glance:1:'.Content::hash($project, $option).':'.hash('xxh64', implode(' ', array_column($option->setAside(), 'rule')));
    }
}
