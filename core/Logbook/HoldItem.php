<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

use Ondergrond\Sequence\HoldPoint;

/** Something that is read, counted or seen before a hold point is passed. */
final readonly class HoldItem
{
    /**
     * @param  string  $id  made from its hold point: `h7:lap`
     * @param  string  $part  key of the part it is about; empty where it is about none
     * @param  float|null  $drawn  SI
     * @param  float|null  $min  SI
     * @param  float|null  $max  SI
     * @param  string  $source  of the limit, `common practice, no source` included
     * @param  bool  $byCompetent  over it nobody passes but a named competent person or engineer, with a document
     */
    public function __construct(
        public string $id,
        public HoldPoint $hold,
        public string $label,
        public EntryKind $kind,
        public string $part = '',
        public ?float $drawn = null,
        public ?float $min = null,
        public ?float $max = null,
        public string $source = 'common practice, no source',
        public bool $byCompetent = false,
    ) {}
}
