<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Chapters;

use Ondergrond\Handover\Blocks\Table;
use Ondergrond\Handover\Chapter;
use Ondergrond\Handover\Dossier;
use Ondergrond\Logbook\HoldState;

/** Who let the work go on past each hold point, and over what. */
final class HoldPoints implements Chapter
{
    public function title(): string
    {
        return 'Hold points';
    }

    public function blocks(Dossier $of): array
    {
        return $of->holds === [] ? [] : [new Table('', ['', 'Hold point', 'How it stands', 'By', 'When', 'Over'], array_map(
            static fn (HoldState $h): array => [
                'H'.$h->hold->number(), $h->hold->label(), $h->word(), $h->pass->who ?? '', $of->moment($h->pass->at ?? ''),
                self::over($h),
            ],
            array_values($of->holds),
        ))];
    }

    private static function over(HoldState $h): string
    {
        $pass = $h->pass?->passing;
        if ($pass === null) {
            return '';
        }
        $open = array_map(static fn (string $id): string => $h->items[$id]->label ?? $id, $pass->over);

        return implode('; ', [
            ...$open, ...($pass->reason === '' ? [] : ["reason: {$pass->reason}"]),
            ...($pass->competent === '' ? [] : ["{$pass->competent}, {$pass->document}"]),
        ]);
    }
}
