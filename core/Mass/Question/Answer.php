<?php

declare(strict_types=1);

namespace Ondergrond\Mass\Question;

use Ondergrond\Mass\Run;

/** What a simulation answers: figures, and the runs they were read from. */
final readonly class Answer
{
    /**
     * @param  string  $slug  its name in files and addresses
     * @param  array<string, float|null>  $figures  keys ending in their unit; null where it does not come about
     * @param  array<string, Run>  $runs  by what they are in a word or two, the one that is asked about first
     * @param  int|null  $until  hours after which no more happens that is worth a plot
     * @param  int  $skip  hours at the beginning of the runs that only lead up to it
     */
    public function __construct(
        public string $slug,
        public array $figures,
        public array $runs,
        public int $skip = 0,
        public ?int $until = null,
    ) {}
}
