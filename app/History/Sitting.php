<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Revision;
use App\Models\RevisionKind;

/** What one person did to one thing since signing in, as far as undo and redo are concerned. */
final readonly class Sitting
{
    private function __construct(
        public ?Revision $undo,
        public ?Revision $redo,
    ) {}

    /** Replays the sitting's revisions: each change is put on one pile, each that was taken back on the other. */
    public static function of(Kept $subject, string $name): self
    {
        $done = $undone = [];
        foreach ($subject->revisions()->where('sitting', $name)->orderBy('id')->get(['id', 'kind', 'of_id']) as $revision) {
            switch ($revision->kind) {
                case RevisionKind::Undo:
                    $undone[] = array_pop($done);
                    break;
                case RevisionKind::Redo:
                    $done[] = array_pop($undone);
                    break;
                case RevisionKind::Edit:
                case RevisionKind::Return:
                    $done[] = $revision->id;
                    $undone = [];
                    break;
                default:
            }
        }

        return new self(self::find($subject, end($done)), self::find($subject, end($undone)));
    }

    private static function find(Kept $subject, int|false|null $id): ?Revision
    {
        return is_int($id) ? $subject->revisions()->whereKey($id)->first() : null;
    }
}
