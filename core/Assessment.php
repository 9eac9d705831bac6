<?php

declare(strict_types=1);

namespace Ondergrond;

use Ondergrond\Damp\DampVerdict;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Heat\Junctions;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Rules\Judgement;

/** Everything that is said of one design on its site. */
final readonly class Assessment
{
    public function __construct(
        public HeatVerdict $heat,
        public FieldHeat $field,
        public Junctions $junctions,
        public LoadVerdict $load,
        public Judgement $judgement,
        public FrostVerdict $frost,
        public DampVerdict $damp,
    ) {}
}
