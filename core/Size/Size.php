<?php

declare(strict_types=1);

namespace Ondergrond\Size;

use Attribute;
use Ondergrond\Units\KeyEnding;
use Ondergrond\Units\Quantity;

/**
 * All that is known of one size or choice, said at the parameter it belongs to; its range stands in the schema. Files, log,
 * site form, history, faults and the tables of docs/formats.md read it there.
 */
#[Attribute(Attribute::TARGET_PARAMETER | Attribute::TARGET_PROPERTY)]
final readonly class Size
{
    /**
     * @param  string  $label  as every page names it; of a part's size without the name of the part
     * @param  string|null  $key  in files; null: the parameter's name, with `_m` where it is a number
     * @param  Quantity|null  $quantity  where the key's ending does not say it
     * @param  Sold|null  $sold  what stepping goes through
     * @param  array<string, string>|null  $words  the answers by value, where their type does not say them
     * @param  class-string<Choices>|null  $from  where the answers stand in a table
     * @param  string  $each  what one of a list is called; `#` stands for its number, `*` for the month
     * @param  string  $hint  what to know while typing it
     * @param  bool  $mayBeUnsaid  null is an answer; told by the parameter's type
     * @param  class-string|null  $of  what a list is one of; null: layers, or numbers
     */
    public function __construct(
        public string $label,
        public ?string $key = null,
        public ?Quantity $quantity = null,
        public ?Sold $sold = null,
        public ?array $words = null,
        public ?string $from = null,
        public string $each = '',
        public string $hint = '',
        public bool $mayBeUnsaid = false,
        public ?string $of = null,
    ) {}

    /**
     * The same with what its parameter says of it.
     *
     * @param  array<string, string>|null  $words  the answers by value
     */
    public function at(string $key, ?array $words = null, bool $mayBeUnsaid = false): self
    {
        return new self(
            $this->label, $key, $this->quantity ?? KeyEnding::of($key)?->quantity(), $this->sold, $this->words ?? $words,
            $this->from, $this->each, $this->hint, $mayBeUnsaid, $this->of,
        );
    }

    /** @return array<string, string>|null the answers by value; null where it is typed */
    public function choices(): ?array
    {
        return $this->from === null ? $this->words : $this->from::words();
    }
}
