<?php

declare(strict_types=1);

namespace Ondergrond\Heat;

use Ondergrond\Site\LimitMeant;
use Ondergrond\Verdict\Verdict;

/**
 * The site's limit for U against the standard's formula and against the section as drawn. Which of them decides is the
 * limit's own business; where it is not said and they stand on two sides of it, that is disputed.
 */
final readonly class FloorLimit
{
    /**
     * @param  float|null  $formula  the largest share of the limit by the formula; null where no limit is set
     * @param  float|null  $drawn  the same by the fields; null with it, or where they are not solved
     */
    private function __construct(
        public LimitMeant $meant,
        public ?float $formula,
        public ?float $drawn,
    ) {}

    /** @param  array<string, float>|null  $drawn  U by face as the fields find it, W/(m²K); null where they are not solved */
    public static function of(HeatVerdict $heat, ?array $drawn): self
    {
        $limit = $heat->floor->site->floorLimit;

        return new self(
            $heat->floor->site->floorLimitMeant,
            $heat->share,
            $limit === null || $drawn === null || $drawn === [] ? null : max($drawn) / $limit,
        );
    }

    public function word(): Verdict
    {
        if ($this->formula === null) {
            return Verdict::Shown;
        }

        return match ($this->meant) {
            LimitMeant::Without => Verdict::ofShare($this->formula),
            LimitMeant::With => $this->drawn === null ? Verdict::NotChecked : Verdict::ofShare($this->drawn),
            LimitMeant::NotSaid => match (true) {
                $this->drawn === null => $this->formula > 1.0 + 1e-9 ? Verdict::Fails : Verdict::NotChecked,
                ($this->formula > 1.0 + 1e-9) !== ($this->drawn > 1.0 + 1e-9) => Verdict::Disputed,
                default => Verdict::ofShare(max($this->formula, $this->drawn)),
            },
        };
    }

    /** Of the method that decides; of both the larger. */
    public function share(): ?float
    {
        return match ($this->meant) {
            LimitMeant::Without => $this->formula,
            LimitMeant::With => $this->drawn,
            LimitMeant::NotSaid => $this->formula === null ? null : max($this->formula, $this->drawn ?? 0.0),
        };
    }

    /** Which method decides, a few words. */
    public function method(): string
    {
        return match ($this->meant) {
            LimitMeant::Without => 'ISO 13370, without junctions',
            LimitMeant::With => 'the sections as drawn, with junctions',
            LimitMeant::NotSaid => $this->drawn === null ? 'ISO 13370; the sections are not solved' : 'ISO 13370 and the sections as drawn',
        };
    }
}
