<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/** A file of comma separated readings; a first line that names the columns may be there. */
final class CsvFile
{
    /**
     * @param  non-empty-list<string>  $columns
     * @return array<int, array<string, string>> by line, each value by its column; those that are missing are empty
     *
     * @throws FaultyInput where it cannot be read or is empty
     */
    public static function rows(string $file, array $columns): array
    {
        $rows = [];
        $text = (string) preg_replace('~^\xEF\xBB\xBF~', '', InputFile::contents($file, ProjectFile::LARGEST));
        $order = $columns;
        foreach (explode("\n", strtr($text, ["\r\n" => "\n", "\r" => "\n"])) as $i => $line) {
            $cells = array_map(static fn (?string $c): string => trim((string) $c), str_getcsv($line, ',', '"', ''));
            if (implode('', $cells) === '') {
                continue;
            }
            if ($rows === [] && array_diff($columns, array_map('strtolower', $cells)) === []) {
                $order = array_map('strtolower', $cells);

                continue;
            }
            $row = [];
            foreach ($columns as $column) {
                $row[$column] = $cells[array_search($column, $order, true)] ?? '';
            }
            $rows[$i + 1] = $row;
        }

        return $rows !== [] ? $rows : throw FaultyInput::one(Fault::of('', 'a file without readings', implode(',', $columns)));
    }
}
