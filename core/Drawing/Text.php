<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

/** A piece of writing. */
final readonly class Text extends Item
{
    /**
     * @param  array{float, float}  $at  m
     * @param  'start'|'middle'|'end'  $anchor  which end of the writing stands there
     * @param  float  $turn  degrees against the clock
     * @param  string|null  $field  the size that it states, named as in project files, where it may be typed over
     */
    public function __construct(
        Role $role,
        ?string $part,
        public array $at,
        public string $text,
        public string $anchor = 'middle',
        public float $turn = 0.0,
        public ?string $field = null,
    ) {
        parent::__construct($role, $part);
    }

    /** @param  array{float, float}  $at  m */
    public function movedTo(array $at): self
    {
        return new self($this->role, $this->part, $at, $this->text, $this->anchor, $this->turn, $this->field);
    }
}
