<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** Room kept free for pipes in the stone bed, measured from its top. A height of 0 means that none is kept. */
final readonly class Service implements DesignPart
{
    public function __construct(public float $height) {}

    public function present(): bool
    {
        return $this->height > 0.0;
    }
}
