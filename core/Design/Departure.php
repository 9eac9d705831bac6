<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** Where, along some of its edge, a design is built otherwise than along the rest of that kind. */
final readonly class Departure
{
    /**
     * @param  string  $id  without dots; no other stretch of the design has it
     * @param  Side  $kind  which it is else like, and whose length it takes its own from
     * @param  float  $length  m
     * @param  array<string, DesignPart>  $parts  what is otherwise there, by the properties of a design
     */
    public function __construct(
        public string $id,
        public string $label,
        public Side $kind,
        public float $length,
        public array $parts,
    ) {}
}
