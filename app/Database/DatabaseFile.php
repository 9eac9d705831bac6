<?php

declare(strict_types=1);

namespace App\Database;

use PDOException;
use RuntimeException;

/** The one file that holds everything that lasts: made, brought up to date, backed up and restored, also while it is in use. */
final readonly class DatabaseFile
{
    /** Stands in the header of every database of this program since the second migration. */
    private const APPLICATION = 0x4F677264;

    /** For another command that does one of these, s. */
    private const PATIENCE = 60.0;

    /** A save that comes between the copy that is kept and what takes its place would be lost: the copy is made anew, so often. */
    private const TRIES = 5;

    private SqliteFile $sqlite;

    private function __construct(public string $path)
    {
        $this->sqlite = new SqliteFile($path);
    }

    public static function current(): self
    {
        return new self((string) config('database.connections.sqlite.database'));
    }

    /**
     * Makes it where there is none, else brings it up to date; before an update a backup is kept beside it. Whenever it is
     * cut off, it has left the file as it was or done all of it.
     *
     * @throws UnusableFile
     */
    public function prepare(bool $demo): void
    {
        $lock = $this->alone();
        try {
            if (! is_file($this->path)) {
                $new = $this->beside('new');
                $new->drop();
                touch($new->path);
                Migrations::update($new->path, $demo);
                rename($new->path, $this->path);
            } elseif (array_diff(Migrations::known(), $this->sqlite->applied()) !== []) {
                $this->replace('update', fn (SqliteFile $copy) => $this->sqlite->snapshot($copy->path));
            }
        } finally {
            $lock->release();
        }
    }

    /**
     * A whole copy as of one moment, whoever is saving meanwhile.
     *
     * @throws UnusableFile
     */
    public function backup(string $to): void
    {
        if (! is_file($this->path)) {
            throw UnusableFile::nothingYet($this->path);
        }
        if (file_exists($to)) {
            throw UnusableFile::exists($to);
        }
        $lock = $this->alone();
        try {
            $this->copyTo($to);
        } finally {
            $lock->release();
        }
    }

    /**
     * Puts a backup in the place of what is there, in one step for whoever is reading. An older backup is brought up to
     * date first. What was there is kept beside it. What is waiting for the queue is forgotten, and everybody is signed out.
     *
     * @return string|null the backup of what was there before
     *
     * @throws UnusableFile and nothing is changed
     */
    public function restore(string $from): ?string
    {
        if (! is_file($from) || ! is_readable($from)) {
            throw UnusableFile::unreadable($from);
        }
        $lock = $this->alone();
        try {
            $kept = $this->replace('restore', function (SqliteFile $copy) use ($from): void {
                if (BackupFile::isOne($from)) {
                    (new BackupFile($from))->takeOut($copy);
                } elseif (! SqliteFile::isOne($from)) {
                    throw UnusableFile::foreign($from);
                } elseif (! @copy($from, $copy->path)) {
                    throw UnusableFile::unwritten($copy->path, new RuntimeException('the disk has no room for it'));
                }
                $this->check($copy, $from);
            });
            PassingFile::current()->clear();

            return $kept;
        } finally {
            $lock->release();
        }
    }

    /**
     * @param  callable(SqliteFile): mixed  $fetch  writes what is to be there
     * @return string|null the backup of what was there
     */
    private function replace(string $why, callable $fetch): ?string
    {
        $copy = $this->beside("{$why}-in-work");
        $copy->drop();
        try {
            $fetch($copy);
            Migrations::update($copy->path);
            $kept = is_file($this->path) ? $this->keep($why) : null;
            $copy->pourInto($this->path);

            return $kept;
        } finally {
            $copy->drop();
        }
    }

    /** A backup of what is there, made anew where somebody has saved meanwhile. */
    private function keep(string $why): string
    {
        $stem = $this->sqlite->stem().".before-{$why}-".date('Ymd-His');
        $name = "{$stem}.zip";
        for ($i = 1; file_exists($name); $i++) {
            $name = "{$stem}-{$i}.zip";
        }
        // Says whether others have saved, to whoever asks twice without going away.
        $watch = $this->sqlite->open();
        for ($try = 1; true; $try++) {
            $before = SqliteFile::value($watch, 'PRAGMA data_version');
            $this->copyTo($name);
            if ($try === self::TRIES || SqliteFile::value($watch, 'PRAGMA data_version') === $before) {
                return $name;
            }
            unlink($name);
        }
    }

    private function copyTo(string $to): void
    {
        // What sudden ends have left of earlier ones; nobody else is at it, see alone().
        foreach ([...(array) glob("{$to}.*.part*"), ...(array) glob($this->sqlite->stem().'.before-*.part*')] as $left) {
            unlink((string) $left);
        }
        NewFile::make($to, function (string $path): void {
            // Beside what is written: the disk of the database may be full.
            $snapshot = new SqliteFile("{$path}.sqlite");
            try {
                $this->sqlite->snapshot($snapshot->path);
                (new BackupFile($path))->write($snapshot);
            } finally {
                $snapshot->drop();
            }
        }, false);
    }

    /** @throws UnusableFile naming the file that it was copied from */
    private function check(SqliteFile $copy, string $from): void
    {
        if (! $copy->isSound()) {
            throw UnusableFile::damaged($from);
        }
        try {
            $application = (int) $copy->ask('PRAGMA application_id')[0];
            $applied = $copy->applied();
            if (! in_array($application, [0, self::APPLICATION], true) || ! in_array(Migrations::FIRST, $applied, true)) {
                throw UnusableFile::foreign($from);
            }
            if (array_diff($applied, Migrations::known()) !== []) {
                throw UnusableFile::newer($from);
            }
            [$is, $due] = [$copy->schema(), Migrations::schema($applied, $this->beside('schema'))];
        } catch (PDOException) {
            throw UnusableFile::damaged($from);
        }
        $differ = [...array_diff($due, $is), ...array_diff($is, $due)];
        if ($differ !== []) {
            throw UnusableFile::damaged($from, 'its tables are not those of its version: '.implode('; ', $differ));
        }
    }

    private function alone(): FileLock
    {
        return FileLock::hold($this->sqlite->stem().'.lock', self::PATIENCE)
            ?? throw UnusableFile::busy($this->path);
    }

    private function beside(string $word): SqliteFile
    {
        return new SqliteFile($this->sqlite->stem().".{$word}.sqlite");
    }
}
