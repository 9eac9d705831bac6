<?php

declare(strict_types=1);

namespace App\Http;

use App\Database\Trouble;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Support\Carbon;

/**
 * Who is signed in, one row for each browser, so that everybody can look at their own and end them. One that is to stay ends after
 * thirty days in which nobody used it, whatever its cookie says; any other after two hours.
 */
final class Sittings extends DatabaseSessionHandler
{
    /** In the session's data: that it stays. */
    public const STAYS = 'stays';

    /** Unused, minutes. */
    public const LONG = 30 * 24 * 60;

    private ?Trouble $trouble = null;

    /** Why the last could not be kept. */
    public function trouble(): ?Trouble
    {
        return $this->trouble;
    }

    public function write($sessionId, $data): bool
    {
        try {
            return parent::write($sessionId, $data);
        } catch (QueryException $e) {
            // Reading goes on without it; what was sent says so, see Keepable.
            $this->trouble = Trouble::of($e) ?? throw $e;

            return false;
        }
    }

    /** @param  int  $lifetime */
    public function gc($lifetime): int
    {
        $now = Carbon::now();

        return $this->getQuery()
            ->where(fn ($old) => $old->where('stays', 0)->where('last_activity', '<=',
                $now->copy()->subMinutes($this->minutes)->getTimestamp()))
            ->orWhere('last_activity', '<=', $now->copy()->subMinutes(self::LONG)->getTimestamp())
            ->delete();
    }

    /** @param  object  $session */
    protected function expired($session): bool
    {
        $minutes = (int) ($session->stays ?? 0) === 1 ? self::LONG : $this->minutes;

        return isset($session->last_activity) && $session->last_activity < Carbon::now()->subMinutes($minutes)->getTimestamp();
    }

    /**
     * @param  string  $data
     * @return array<string, mixed>
     */
    protected function getDefaultPayload($data): array
    {
        $session = $this->container?->make('session')->driver();

        return [...parent::getDefaultPayload($data), 'stays' => $session?->get(self::STAYS) === true ? 1 : 0];
    }

    /**
     * @param  string  $sessionId
     * @param  array<string, mixed>  $payload
     */
    protected function performInsert($sessionId, $payload): bool
    {
        // The framework's would take a disk without room for somebody who was quicker.
        try {
            return $this->getQuery()->insert([...$payload, 'id' => $sessionId, 'began' => Carbon::now()->getTimestamp()]);
        } catch (UniqueConstraintViolationException) {
            return $this->performUpdate($sessionId, $payload) > 0;
        }
    }
}
