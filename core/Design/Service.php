<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Size\Size;
use Ondergrond\Size\Steps;

/** Room kept free for pipes in the stone bed, measured from its top. A height of 0 means that none is kept. */
final readonly class Service implements DesignPart
{
    public function __construct(
        #[Size('height', sold: new Steps(1.5, 25, 1))]
        public float $height,
    ) {}

    public function present(): bool
    {
        return $this->height > 0.0;
    }
}
