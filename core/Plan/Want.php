<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

/** So much of one thing that is bought for an item. */
final readonly class Want
{
    /**
     * @param  float  $amount  pieces, m or m³, as it is sold
     * @param  float  $size  that tells one from another, m; 0 where there is one
     */
    public function __construct(
        public Supply $what,
        public float $amount,
        public float $size = 0.0,
        public string $note = '',
    ) {}
}
