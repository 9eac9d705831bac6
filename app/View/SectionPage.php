<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessor;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Heat\FieldHeat;
use Ondergrond\Heat\HeatVerdict;
use Ondergrond\Units\QuantityFormatter;

/** What there is to see of one option: drawing, log and verdicts. */
final readonly class SectionPage
{
    private function __construct(
        public Project $project,
        public Option $option,
        public QuantityFormatter $format,
        public HeatVerdict $heat,
        public FieldHeat $field,
        public SectionLog $log,
        public float $scale,
        public string $svg,
        public string $sheet,
    ) {}

    public static function of(Project $project, Option $option, QuantityFormatter $format): self
    {
        $assessment = Assessor::assess($project->site, $option->design);
        [$heat, $field] = [$assessment->heat, $assessment->field];
        $drawing = SectionDrawing::of($option->design, $format);

        return new self(
            $project, $option, $format, $heat, $field,
            new SectionLog($option->design, $heat->counted, $format),
            $drawing->scale, SvgWriter::inline($drawing), FieldData::json($field, $drawing, $format),
        );
    }
}
