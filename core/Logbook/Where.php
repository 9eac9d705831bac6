<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

/** What an entry is about; empty where it is about nothing of the kind. */
final readonly class Where
{
    /**
     * @param  string  $task  id in the order of work
     * @param  string  $hold  id of an item of a hold point, `h7:lap`
     * @param  string  $part  key of a part of the design
     * @param  string  $stretch  id of a stretch of the edge
     * @param  string  $item  id of an item of the plan
     * @param  string  $line  id of a line of the order
     * @param  string  $point  that was set out: two corners of a tape, `A–C`; a corner; a height, `level:stone_top`
     * @param  string  $trade  whose it is, in words
     * @param  string  $due  day by which, `2026-03-04`
     * @param  string  $place  in words, `north end`
     */
    public function __construct(
        public string $task = '',
        public string $hold = '',
        public string $part = '',
        public string $stretch = '',
        public string $item = '',
        public string $line = '',
        public string $point = '',
        public string $trade = '',
        public string $due = '',
        public string $place = '',
    ) {}

    /** @return array<string, string> what is said */
    public function toArray(): array
    {
        return array_filter(get_object_vars($this), static fn (string $v): bool => $v !== '');
    }

    /** @param  array<string, string>  $data */
    public static function fromArray(array $data): self
    {
        return new self(...$data);
    }
}
