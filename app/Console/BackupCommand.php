<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\DatabaseFile;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('backup', 'Copies everything into one file, also while Ondergrond is in use')]
final class BackupCommand extends DatabaseCommand
{
    protected function aboutTheFile(): string
    {
        return 'The file to write; it must not exist yet';
    }

    protected function move(DatabaseFile $database, string $file): string
    {
        $database->backup($file);

        return "Backed up to {$file}";
    }
}
