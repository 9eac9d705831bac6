<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** A browser that somebody is signed in with, as they may see it. */
final readonly class SittingRow
{
    private function __construct(
        public string $name,
        public string $with,
        public string $from,
        public CarbonImmutable $began,
        public CarbonImmutable $used,
        public bool $stays,
        public bool $here,
    ) {}

    /**
     * @param  string  $now  the number of the sitting that asks
     * @return list<self> the last used first
     */
    public static function of(User $user, string $now): array
    {
        if (config('session.driver') !== 'database') {
            return [];
        }

        return array_values(self::rows($user)->orderByDesc('last_activity')->get()->map(static fn (object $row): self => new self(
            // Its number would sign in whoever knows it.
            hash('sha256', $row->id), self::words((string) $row->user_agent), (string) $row->ip_address,
            CarbonImmutable::createFromTimestamp($row->began), CarbonImmutable::createFromTimestamp($row->last_activity),
            (bool) $row->stays, $row->id === $now,
        ))->all());
    }

    public static function end(User $user, self $sitting): void
    {
        foreach (self::rows($user)->pluck('id') as $id) {
            if (hash('sha256', (string) $id) === $sitting->name) {
                self::rows($user)->where('id', $id)->delete();
            }
        }
    }

    /** Those that have not ended by themselves, whose rows may still lie there. */
    private static function rows(User $user): Builder
    {
        $since = static fn (int $minutes): int => CarbonImmutable::now()->subMinutes($minutes)->getTimestamp();

        return DB::connection((string) config('session.connection'))->table((string) config('session.table'))->where('user_id', $user->id)
            ->where(static fn (Builder $used): Builder => $used->where('last_activity', '>=', $since((int) config('session.lifetime')))
                ->orWhere(static fn (Builder $stays): Builder => $stays->where('stays', 1)
                    ->where('last_activity', '>=', $since(Sittings::LONG))));
    }

    private static function words(string $agent): string
    {
        return match (true) {
            str_contains($agent, 'Tablet') => 'a tablet',
            str_contains($agent, 'Mobi') => 'a telephone',
            str_starts_with($agent, 'Mozilla') => 'a computer',
            default => 'another program',
        };
    }
}
