<?php

declare(strict_types=1);

namespace App\View;

use App\Later\Assessed;
use App\Later\Kind;
use App\Models\Option;
use App\Models\Project;
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

    public static function of(Project $project, Option $option, Assessed $said, QuantityFormatter $format, View $view): self
    {
        $view = $view->within($option->design);
        $stretch = $view->stretchOf($option->design);
        [$field, $damp, $judgement] = [$said->field, $said->damp, $said->judgement];
        $drawing = FrostSheet::ledge(
            SectionDrawing::of($stretch->design, $format, $stretch->kind, $view->detail, hatched: false),
            $project->site->frost->ledge,
            $format,
        );
        $drawing = DampSheet::over($drawing, $damp, $stretch->kind, $format);

        return new self(
            $project, $option, $format, $said->heat, $field, $said->junctions, $said->load, $judgement,
            new FrostPage($said->frost, $format, $judgement->rulings->on(Concern::Frost)),
            new DampPage($damp, $format, $judgement->rulings->on(Concern::Damp)),
            new MassPage($project->site, $option->design, $said->mass, $format, $judgement->rulings->on(Concern::Mass)),
            new SectionLog($option->design, $said->heat->counted, $format), $view,
            $drawing->scale, SvgWriter::inline($drawing), $field === null ? 'null' : FieldData::json(
                $field,
                $stretch->id,
                $drawing,
                $format,
            ),
            $stretch->id === Side::Edge->value ? VapourData::json($damp, $drawing, $format) : 'null',
        );
    }

    /**
     * What follows after all else, and where it is asked for.
     *
     * @param  int  $of  the revision that is shown
     * @return array<string, string> addresses by kind
     */
    public function later(int $of): array
    {
        $kinds = [Kind::Costs, ...($this->frost->left() > 0 ? [Kind::Winters] : []), ...($this->mass->isTold() ? [] : [Kind::Cooling])];

        return array_combine(
            array_column($kinds, 'value'),
            array_map(fn (Kind $k): string => route('later.show', [$this->project, $this->option, $k->value, 'of' => $of]), $kinds),
        );
    }
}
