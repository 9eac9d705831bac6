<?php

declare(strict_types=1);

namespace Ondergrond\Sequence;

use Ondergrond\Design\Part;
use Ondergrond\Plan\Item;

/** Something that somebody does, or that is waited for. Rates are common practice, no source. */
final readonly class Task
{
    /**
     * @param  string  $id  stays when sizes change
     * @param  list<After>  $after
     * @param  float  $work  h of a crew's working day
     * @param  float  $wait  h on the clock after the work: what sets or dries
     * @param  int  $crew  people; 0: a machine or time alone
     * @param  string  $who  where it is not the crew: owner, lead hand, engineer, inspector
     * @param  list<Weather>  $weather  whose limits hold while it is done
     * @param  HoldPoint|null  $hold  that it belongs to: what is read before it is buried
     * @param  string  $caution  what can hurt somebody at it; empty where nothing special does
     * @param  list<Part>  $parts  it builds
     * @param  list<class-string<Item>>  $items  it sets
     * @param  bool  $inTheMorning  it begins with a working day, so that what follows is done before night
     * @param  bool  $isDone  in this design; what is not is passed over, its own waits handed on
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $after = [],
        public float $work = 0.0,
        public float $wait = 0.0,
        public int $crew = 2,
        public string $who = '',
        public array $weather = [],
        public ?HoldPoint $hold = null,
        public string $caution = '',
        public array $parts = [],
        public array $items = [],
        public bool $inTheMorning = false,
        public bool $isDone = true,
    ) {}

    /** @param  list<After>  $after */
    public function waitingFor(array $after): self
    {
        return new self(...[...get_object_vars($this), 'after' => $after]);
    }
}
