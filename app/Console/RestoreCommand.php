<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\DatabaseFile;
use App\Later\CutOff;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('restore', 'Puts a backup in the place of what is there, also while Ondergrond is in use')]
final class RestoreCommand extends DatabaseCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setHelp('What is there now is kept in a file beside the database, whose name is printed.');
    }

    protected function aboutTheFile(): string
    {
        return 'A file made by backup, of this version or an earlier one';
    }

    protected function move(DatabaseFile $database, string $file): string
    {
        $kept = $database->restore($file);
        CutOff::resume();

        return 'Restored.'.($kept === null ? '' : " What was there before is kept in {$kept}");
    }
}
