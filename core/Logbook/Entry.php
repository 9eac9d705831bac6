<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

/**
 * One thing that was read, seen or done on site. Never changed: a correction is another entry that names the one it
 * replaces.
 */
final readonly class Entry
{
    /**
     * @param  string  $id  a ULID, made on the device
     * @param  list<float>  $values  SI, in the order of its kind
     * @param  string  $text  as it was typed
     * @param  float|null  $drawn  what the drawing said then, SI
     * @param  float|null  $min  least that was allowed then, SI
     * @param  float|null  $max  most that was allowed then, SI
     * @param  string  $at  of the device, with its offset: `2026-03-04T07:10:00+01:00`
     * @param  int  $counter  of the device, so that a wrong clock shows
     * @param  string  $received  by the server, UTC; empty: not yet
     * @param  string  $replaces  id of the entry that it corrects; empty where it corrects none
     * @param  string  $photo  SHA-256 of a photograph; empty without one
     * @param  Passing|null  $passing  of a hold point
     */
    public function __construct(
        public string $id,
        public EntryKind $kind,
        public Where $about,
        public array $values = [],
        public string $text = '',
        public string $unit = '',
        public ?float $drawn = null,
        public ?float $min = null,
        public ?float $max = null,
        public string $instrument = '',
        public Source $source = Source::Typed,
        public string $who = '',
        public string $at = '',
        public int $counter = 0,
        public string $received = '',
        public string $replaces = '',
        public string $photo = '',
        public string $note = '',
        public ?Passing $passing = null,
    ) {}

    /** What it says against what was drawn and allowed then. */
    public function said(): Reading
    {
        return $this->kind->reads($this);
    }

    /** The same as it counts after a journey in a file: it opens no gate. */
    public function imported(): self
    {
        return new self(...[...get_object_vars($this), 'source' => Source::Imported]);
    }
}
