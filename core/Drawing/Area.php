<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Material\Hatch;

/** A filled polygon with an outline. */
final readonly class Area extends Item
{
    /**
     * @param  list<array{float, float}>  $polygon m
     * @param  bool  $hatched  by whoever shows it; else its hatch follows as strokes
     * @param  bool  $stands  already, so that it is drawn fainter than what is to be built
     */
    public function __construct(
        ?string $part,
        public array $polygon,
        public Hatch $fill,
        public string $title,
        public bool $hatched = false,
        public bool $stands = false,
    ) {
        parent::__construct(Role::Area, $part);
    }
}
