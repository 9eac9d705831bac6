<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

/** A point that can be dragged anywhere. Paper knows no grips: only pages write them. */
final readonly class Grip extends Item
{
    /**
     * @param  string  $of  what moves: `corner:A`, `item:01…`, `item:01…:to`
     * @param  array{float, float}  $at  where it stands, m
     */
    public function __construct(
        public string $of,
        public array $at,
        public string $title,
    ) {
        parent::__construct(Role::Handle, null);
    }
}
