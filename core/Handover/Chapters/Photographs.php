<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Chapters;

use Ondergrond\Handover\Blocks\Picture;
use Ondergrond\Handover\Blocks\Writing;
use Ondergrond\Handover\Chapter;
use Ondergrond\Handover\Dossier;

/** What is buried now. */
final class Photographs implements Chapter
{
    public function title(): string
    {
        return 'Photographs';
    }

    public function blocks(Dossier $of): array
    {
        $blocks = [];
        foreach ($of->log->standing() as $entry) {
            if ($entry->photo !== '') {
                $caption = trim("{$of->moment($entry->at)}, {$entry->who}. {$entry->note}");
                $blocks[] = in_array($entry->photo, $of->photos, true)
                    ? new Picture($caption, photo: $entry->photo)
                    : new Writing("{$caption} (the picture is not at hand; SHA-256 {$entry->photo})");
            }
        }

        return $blocks;
    }
}
