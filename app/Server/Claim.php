<?php

declare(strict_types=1);

namespace App\Server;

use App\Database\FileLock;
use App\Database\SqliteFile;
use JsonException;

/**
 * That one server works on a database, said beside it: a lock for as long as it lives, with its address and its processes. A later
 * start that gets the lock ends what a sudden end has left of them, and nothing else.
 */
final readonly class Claim
{
    private function __construct(private FileLock $lock, private string $file) {}

    /** @return self|null where a server works on it */
    public static function on(string $database): ?self
    {
        $file = self::file($database);
        $lock = FileLock::hold("{$file}.lock", 2.0);
        if ($lock === null) {
            return null;
        }
        $claim = new self($lock, $file);
        Processes::end(self::read($file)['processes']);
        $claim->say('', []);

        return $claim;
    }

    /** The address of the server that works on it. */
    public static function address(string $database): string
    {
        return self::read(self::file($database))['address'];
    }

    /** @param  list<array{pid: int, began: string}>  $processes */
    public function say(string $address, array $processes): void
    {
        $said = json_encode(['address' => $address, 'processes' => $processes], JSON_THROW_ON_ERROR);
        if ($said !== @file_get_contents($this->file)) {
            @file_put_contents("{$this->file}.part", $said);
            @rename("{$this->file}.part", $this->file);
        }
    }

    public function giveUp(): void
    {
        $this->say('', []);
        $this->lock->release();
    }

    private static function file(string $database): string
    {
        return (new SqliteFile($database))->stem().'.serving';
    }

    /** @return array{address: string, processes: list<array{pid: int, began: string}>} */
    private static function read(string $file): array
    {
        try {
            $said = json_decode((string) @file_get_contents($file), true, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $said = [];
        }

        return ['address' => $said['address'] ?? '', 'processes' => $said['processes'] ?? []];
    }
}
