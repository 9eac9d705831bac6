<?php

declare(strict_types=1);

namespace Ondergrond;

use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;

/** Everything that is said of one design on its site. */
final readonly class Assessment
{
    public function __construct(
        public HeatVerdict $heat,
        public FieldHeat $field,
    ) {}
}
