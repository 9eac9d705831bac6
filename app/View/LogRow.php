<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Part;
use Ondergrond\History\ChangeWords;
use Ondergrond\Material\Material;

/** One row of the section log. */
final readonly class LogRow
{
    /**
     * @param  int|null  $order  its place in the order of laying, the number on its flag; null where it has none
     * @param  bool  $present  whether it is in the design
     * @param  Material|null  $drawn  what its hatch shows
     * @param  list<LogInput>  $fields
     * @param  array<string, list<list<LogInput>>>  $lists  of layers, by their name
     * @param  string|null  $depth  of its upper face under the finished floor, written out
     * @param  string|null  $resistance  written out
     * @param  string  $size  in a few letters, as one line says it; empty where it is not built
     * @param  bool  $stands  already
     * @param  bool  $removable  whether it can be taken out
     */
    public function __construct(
        public Part $part,
        public ?int $order,
        public bool $present,
        public ?Material $drawn,
        public array $fields,
        public array $lists,
        public ?string $depth,
        public ?string $resistance,
        public string $note,
        public string $size,
        public bool $stands,
        public bool $removable,
    ) {}

    /** Whether it is drawn as a line: too thin for a hatch. */
    public function isSheet(): bool
    {
        return in_array($this->part, [Part::Sheet, Part::UpperSheet, Part::Membrane, Part::Dpc, Part::Shield], true);
    }

    /** Whether layers may come into that list and go out of it: a stem has two leaves or none. */
    public function grows(string $list): bool
    {
        return "{$this->part->value}.{$list}" !== 'stem.leaves';
    }

    /** What one of a list is called. */
    public function one(string $list): string
    {
        $each = SizePath::said("{$this->part->value}.{$list}")->each ?? '';

        return $each === '' ? 'layer' : trim(strtr($each, ['#' => '']));
    }

    /** What one of its lists is called. */
    public function label(string $list): string
    {
        return ChangeWords::label("design.{$this->part->value}.{$list}");
    }
}
