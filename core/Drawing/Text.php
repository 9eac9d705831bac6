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
     */
    public function __construct(
        Role $role,
        ?string $part,
        public array $at,
        public string $text,
        public string $anchor = 'middle',
        public float $turn = 0.0,
    ) {
        parent::__construct($role, $part);
    }
}
