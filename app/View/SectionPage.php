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
use Ondergrond\Drawing\QuestionMarks;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\SvgSmall;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Heat\Junctions;
use Ondergrond\Load\LoadVerdict;
use Ondergrond\Plan\PlannedSupports;
use Ondergrond\Project\SetAside;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Judgement;
use Ondergrond\Rules\OpenQuestion;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Safety\Hazard;
use Ondergrond\Section\Level;
use Ondergrond\Section\Levels;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\QuantityFormatter;

/** What there is to see of one option: drawing of one side, log and verdicts. */
final readonly class SectionPage
{
    /**
     * @param  FieldHeat|null  $field  null while it is still to be solved
     * @param  Junctions|null  $junctions  null with it
     * @param  string  $small  the whole section, small, with a frame round what is shown
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
        public string $small,
        public string $sheet,
        public string $vapour,
    ) {}

    /** @param  bool  $asks  whether what the site leaves open is marked on the drawing: for those who answer it */
    public static function of(
        Project $project, Option $option, Assessed $said, QuantityFormatter $format, View $view, bool $asks = true,
    ): self {
        $view = $view->within($option->design);
        $stretch = $view->stretchOf($option->design);
        [$field, $damp, $judgement] = [$said->field, $said->damp, $said->judgement];
        $drawing = FrostSheet::ledge(
            SectionDrawing::of($stretch->design, $format, $stretch->kind, $view->detail, hatched: false),
            $project->site->frost->ledge,
            $format,
        );
        $drawing = QuestionMarks::over(
            DampSheet::over($drawing, $damp, $stretch->kind, $format), $asks ? OpenQuestion::marks($project->site) : [],
        );

        return new self(
            $project, $option, $format, $said->heat, $field, $said->junctions, $said->load, $judgement,
            new FrostPage($said->frost, $format, $judgement->rulings->on(Concern::Frost)),
            new DampPage($damp, $format, $judgement->rulings->on(Concern::Damp), $project->seen()),
            new MassPage($project->site, $option->design, $said->mass, $format, $judgement->rulings->on(Concern::Mass)),
            new SectionLog($option->design, $said->heat->counted, $format, $project->materials(), self::placed($option)), $view,
            $drawing->scale, SvgWriter::bench($drawing),
            SvgSmall::of(
                SectionDrawing::shapes($stretch->design, $format->system, $stretch->kind), SectionDrawing::seen($drawing),
            ), $field === null ? 'null' : FieldData::json(
                $field,
                $stretch->id,
                $drawing,
                $format,
            ),
            $stretch->id === Side::Edge->value ? VapourData::json($damp, $drawing, $format) : 'null',
        );
    }

    /** @return array<string, int> how often each kind of post and bearing wall stands on the plan */
    private static function placed(Option $option): array
    {
        $plan = $option->design->supports->present() ? $option->plan() : null;

        return $plan === null ? [] : PlannedSupports::placed($option->design->supports, $plan->items->and($option->layout()));
    }

    /** @return list<Stretch> */
    public function stretches(): array
    {
        return Stretch::all($this->option->design);
    }

    /** @return list<Level> of the stretch that is shown, from the top down */
    public function levels(): array
    {
        $stretch = $this->view->stretchOf($this->option->design);

        return Levels::of($stretch->design, $stretch->kind);
    }

    /** Under the deck, m; null where there is none. */
    public function headroom(): ?float
    {
        return Levels::headroom($this->option->design);
    }

    /** The footing's top over the dug floor, m; null where there is none. */
    public function footingAboveDig(): ?float
    {
        return Levels::footingAboveDig($this->option->design);
    }

    /** @return list<Core> the five verdicts at a glance */
    public function cores(): array
    {
        $cores = new Cores($this->format);
        $rulings = $this->judgement->rulings;

        return [
            $cores->heat(
                $this->heat, $this->field, $rulings->on(Concern::Heat),
            ), $cores->frost($this->frost), $cores->damp($this->damp), $cores->mass($this->mass),
            $cores->load($this->load, $rulings->on(Concern::Load)),
        ];
    }

    /** @return list<OpenQuestion> what the site leaves open, the weightiest first */
    public function questions(): array
    {
        return OpenQuestion::of($this->project->site);
    }

    /** What a rule asks that is set aside and finds nothing now. */
    public function asks(SetAside $idle): string
    {
        return Rulebook::find($idle->rule)?->asks() ?? $idle->rule.': no longer in the rulebook';
    }

    /** @return list<Hazard> to be minded when it is built */
    public function hazards(): array
    {
        return Hazard::at($this->project->site, $this->option->design);
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
