<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessor;
use Ondergrond\Damp\DampVerdict;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Heat\Junctions;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Rules\Judgement;

/** What is said of an option, as far as that was asked for and is known. */
final readonly class Assessed
{
    /**
     * @param  FieldHeat|null  $field  null where no field was asked for
     * @param  Junctions|null  $junctions  null with it
     */
    private function __construct(
        public HeatVerdict $heat,
        public ?FieldHeat $field,
        public ?Junctions $junctions,
        public LoadVerdict $load,
        public Judgement $judgement,
        public FrostVerdict $frost,
        public DampVerdict $damp,
        public KnownMass $mass,
    ) {}

    /** With winters and hours as far as they are known; a field that was solved to its accuracy is kept. */
    public static function of(Project $project, Option $option, FieldWanted $wanted, Fields $fields, Winters $winters, Hours $hours): self
    {
        [$site, $design, $aside] = [$project->site, $option->design, $option->setAside()];
        $proofs = $winters->known($project, $option);
        $mass = $hours->soFar($project, $option);
        if ($wanted === FieldWanted::None) {
            return new self(
                Assessor::formulas($site, $design), null, null, LoadVerdict::of($site, $design),
                Assessor::judge($site, $design, $project->units, $aside, $proofs),
                Assessor::frost($site, $design)->proved($proofs), Assessor::damp($site, $design), $mass,
            );
        }
        $all = Assessor::assess($site, $design, $project->units, $aside, $proofs, $wanted === FieldWanted::Rough);
        if (! $all->field->isRough()) {
            $fields->keep($project, $option, $all);
        }

        return new self($all->heat, $all->field, $all->junctions, $all->load, $all->judgement, $all->frost, $all->damp, $mass);
    }
}
