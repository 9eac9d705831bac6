<?php

declare(strict_types=1);

namespace Ondergrond;

use Ondergrond\Damp\DampVerdict;
use Ondergrond\FloorHeating\HeatedFloor;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Heat\Junctions;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Mass\MassVerdict;
use Ondergrond\Rules\Judgement;

/** Everything that is said of one design on its site. */
final readonly class Assessment
{
    /** @param  HeatedFloor|null  $heatedFloor  null where nothing heats the floor */
    public function __construct(
        public HeatVerdict $heat,
        public FieldHeat $field,
        public Junctions $junctions,
        public LoadVerdict $load,
        public Judgement $judgement,
        public FrostVerdict $frost,
        public DampVerdict $damp,
        public MassVerdict $mass,
        public ?HeatedFloor $heatedFloor,
    ) {}
}
