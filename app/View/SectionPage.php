<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Option;
use App\Models\Project;
use App\Support\Fields;
use App\Support\Frosts;
use App\Support\Masses;
use Ondergrond\Assessor;
use Ondergrond\Design\Side;
use Ondergrond\Drawing\DampSheet;
use Ondergrond\Drawing\FrostSheet;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Heat\Junctions;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Judgement;
use Ondergrond\Units\QuantityFormatter;

/** What there is to see of one option: drawing of one side, log and verdicts. */
final readonly class SectionPage
{
    /**
     * @param  FieldHeat|null  $field  null while it is still to be solved
     * @param  Junctions|null  $junctions  null with it
     * @param  string  $vapour  vapour in the stacks likewise
     * @param  string  $sheet  the field as the page's script draws it, JSON; `null` while it is still to be solved
     */
    private function __construct(
        public Project $project,
        public Option $option,
        public QuantityFormatter $format,
        public HeatVerdict $heat,
        public ?FieldHeat $field,
        public ?Junctions $junctions,
        public LoadVerdict $load,
        public Judgement $judgement,
        public FrostPage $frost,
        public DampPage $damp,
        public MassPage $mass,
        public SectionLog $log,
        public View $view,
        public float $scale,
        public string $svg,
        public string $sheet,
        public string $vapour,
    ) {}

    public static function of(Project $project, Option $option, QuantityFormatter $format, View $view, ?Fields $fields = null, ?Frosts $frosts = null, ?Masses $masses = null): self
    {
        $proofs = $frosts?->known($project, $option) ?? [];
        $view = $view->within($option->design);
        $stretch = $view->stretchOf($option->design);
        $drawing = FrostSheet::ledge(SectionDrawing::of($stretch->design, $format, $stretch->kind, $view->detail, hatched: false), $project->site->frost->ledge, $format);
        if ($view->field === FieldWanted::None) {
            $heat = Assessor::formulas($project->site, $option->design);
            $field = $junctions = null;
            $load = LoadVerdict::of($project->site, $option->design);
            $judgement = Assessor::judge($project->site, $option->design, $project->units, $option->setAside(), $proofs);
            $frost = Assessor::frost($project->site, $option->design)->proved($proofs);
            $damp = Assessor::damp($project->site, $option->design);
        } else {
            $assessment = Assessor::assess($project->site, $option->design, $project->units, $option->setAside(), $proofs, $view->field === FieldWanted::Rough);
            if (! $assessment->field->isRough()) {
                $fields?->keep($project, $option, $assessment);
            }
            [$heat, $field, $junctions, $load, $judgement, $frost, $damp] = [$assessment->heat, $assessment->field, $assessment->junctions, $assessment->load, $assessment->judgement, $assessment->frost, $assessment->damp];
        }
        $drawing = DampSheet::over($drawing, $damp, $stretch->kind, $format);

        return new self(
            $project, $option, $format, $heat, $field, $junctions, $load, $judgement, new FrostPage($frost, $format, $judgement->rulings->on(Concern::Frost)), new DampPage($damp, $format, $judgement->rulings->on(Concern::Damp)),
            MassPage::of($project, $option, $masses?->cold($project, $option), $format, $judgement->rulings->on(Concern::Mass)),
            new SectionLog($option->design, $heat->counted, $format), $view,
            $drawing->scale, SvgWriter::inline($drawing), $field === null ? 'null' : FieldData::json($field, $stretch->id, $drawing, $format),
            $stretch->id === Side::Edge->value ? VapourData::json($damp, $drawing, $format) : 'null',
        );
    }
}
