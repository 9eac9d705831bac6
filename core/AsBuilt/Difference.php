<?php

declare(strict_types=1);

namespace Ondergrond\AsBuilt;

use Ondergrond\Assessment;
use Ondergrond\Assessor;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Project\SetAside;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Judged;
use Ondergrond\Site\Site;
use Ondergrond\Units\UnitSystem;

/** What the deviations of a job cost: the same judged as drawn and as built. */
final readonly class Difference
{
    /** What two designs of the same site say may differ by so much in round-off. */
    private function __construct(
        private Site $site,
        public Assessment $before,
        public Assessment $after,
    ) {}

    /**
     * @param  list<SetAside>  $setAside
     * @param  list<FrostProof>  $before  winters of the design as drawn
     * @param  list<FrostProof>  $after  and as built
     */
    public static function of(
        Site $site,
        AsBuilt $built,
        UnitSystem $units,
        array $setAside = [],
        array $before = [],
        array $after = [],
        bool $roughly = false,
    ): self {
        $drawn = Assessor::assess($site, $built->drawn, $units, $setAside, $before, $roughly);

        return new self(
            $site,
            $drawn,
            $built->deviates() ? Assessor::assess($site, $built->design, $units, $setAside, $after, $roughly) : $drawn,
        );
    }

    /** kWh a year by the fields, all months. */
    public function annual(): float
    {
        return $this->after->field->allYear - $this->before->field->allYear;
    }

    /** W on the design day at most: as if all that is lost more followed the air outside. By the fields. */
    public function designDay(): float
    {
        return ($this->after->field->steadyCoefficient - $this->before->field->steadyCoefficient)
            * ($this->site->indoor - $this->site->climate->design());
    }

    /** Mean of the year by the fields, W. */
    public function mean(): float
    {
        return $this->after->field->mean - $this->before->field->mean;
    }

    /** Of the design winter, m; null where no winter was run. */
    public function margin(): ?float
    {
        [$before, $after] = [$this->before->frost->closest(), $this->after->frost->closest()];

        return $before === null || $after === null || ! is_finite($before->margin) || ! is_finite($after->margin)
            ? null
            : $after->margin - $before->margin;
    }

    /** @return list<Judged> found as built and not as drawn */
    public function brought(): array
    {
        $had = self::ids($this->before);

        return array_values(array_filter(
            $this->after->judgement->findings, static fn (Judged $j): bool => ! in_array($j->finding->rule->id(), $had, true),
        ));
    }

    /** @return list<Judged> found as drawn and not as built */
    public function taken(): array
    {
        $has = self::ids($this->after);

        return array_values(array_filter(
            $this->before->judgement->findings, static fn (Judged $j): bool => ! in_array($j->finding->rule->id(), $has, true),
        ));
    }

    /** @return list<array{concern: Concern, before: string, after: string}> verdicts that read otherwise */
    public function verdicts(): array
    {
        $other = [];
        foreach (Concern::cases() as $concern) {
            if ($concern === Concern::None) {
                continue;
            }
            $before = $this->before->judgement->rulings->on($concern)->word->value;
            $after = $this->after->judgement->rulings->on($concern)->word->value;
            if ($before !== $after) {
                $other[] = ['concern' => $concern, 'before' => $before, 'after' => $after];
            }
        }

        return $other;
    }

    /** @return list<string> */
    private static function ids(Assessment $of): array
    {
        return array_map(static fn (Judged $j): string => $j->finding->rule->id(), $of->judgement->findings);
    }
}
