<?php

declare(strict_types=1);

namespace App\View;

use App\Building\BuildingJob;
use App\Models\Project;
use Illuminate\Support\Facades\Gate;
use Ondergrond\Plan\Trade;
use Ondergrond\Register\OpenPoint;
use Ondergrond\Register\Origin;
use Ondergrond\Register\Register;
use Ondergrond\Site\TimeZones;
use Ondergrond\Units\QuantityFormatter;

/** The register of what must be settled before the pour. */
final readonly class RegisterPage
{
    private function __construct(
        public Project $project,
        public BuildingJob $job,
        public QuantityFormatter $format,
        public Register $register,
        public string $today,
        public bool $may,
        public bool $settles,
    ) {}

    public static function of(Project $project, QuantityFormatter $format): self
    {
        $job = BuildingJob::of($project);

        return new self(
            $project, $job, $format, $job->register(), TimeZones::day(now(), $project->site->timeZone), Gate::allows('inspect', $project),
            Gate::allows('pass', $project),
        );
    }

    /** @return list<string> */
    public function trades(): array
    {
        return array_map(static fn (Trade $t): string => $t->label(), Trade::cases());
    }

    /** Where it is put right. */
    public function link(OpenPoint $point): ?string
    {
        return match ($point->origin) {
            Origin::Plan => route('plan.show', $this->project).($point->at === 'plan' ? '#plan-remarks' : '#'.strtr($point->at, ':', '-')),
            Origin::Section => route('section.show', [$this->project, $this->job->option]),
            Origin::Hand => null,
        };
    }

    public function word(OpenPoint $point): string
    {
        return match (true) {
            ! $point->isOpen() => 'settled',
            $point->isOther => 'open again',
            $point->isLate($this->today) => 'late',
            default => $point->severity->value ?? 'open',
        };
    }
}
