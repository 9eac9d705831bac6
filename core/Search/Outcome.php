<?php

declare(strict_types=1);

namespace Ondergrond\Search;

/** What a search came to, or has come to so far. */
final readonly class Outcome
{
    /**
     * @param  int  $designs  in the space
     * @param  int  $judged  of them so far
     * @param  int  $hold  of those that hold
     * @param  array<string, int>  $broken  how many designs each rule or limit turned away, most first
     * @param  list<Choice>  $front  cheapest first, each with less heat than the one before
     * @param  int  $fields  solved so far
     * @param  bool  $finished  the front is confirmed by fields
     * @param  list<string>  $unpriced  materials that the price list lacks; where none is priced, price is m³ of insulation
     * @param  int  $tried  designs that were put to the field: what is listed is beaten by none of them
     * @param  int  $untried  designs that were not, though the guess puts them beside those listed or ahead
     */
    public function __construct(
        public int $designs,
        public int $judged,
        public int $hold,
        public array $broken,
        public array $front,
        public int $fields,
        public bool $finished,
        public bool $priced,
        public array $unpriced,
        public float $seconds,
        public int $tried = 0,
        public int $untried = 0,
    ) {}

    /** @param  array<string, mixed>  $kept */
    public static function fromArray(array $kept): self
    {
        return new self(
            $kept['designs'], $kept['judged'], $kept['hold'], $kept['broken'],
            array_values(array_map(Choice::fromArray(...), $kept['front'])), $kept['fields'], $kept['finished'], $kept['priced'],
            $kept['unpriced'], $kept['seconds'], $kept['tried'] ?? 0, $kept['untried'] ?? 0,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'designs' => $this->designs, 'judged' => $this->judged, 'hold' => $this->hold, 'broken' => $this->broken,
            'front' => array_map(
                static fn (Choice $c): array => $c->toArray(),
                $this->front,
            ), 'fields' => $this->fields, 'finished' => $this->finished,
            'priced' => $this->priced, 'unpriced' => $this->unpriced, 'seconds' => $this->seconds,
            'tried' => $this->tried, 'untried' => $this->untried,
        ];
    }
}
