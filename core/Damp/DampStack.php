<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Verdict\Verdict;

/** A stack of a design through its year, with what is said of it. */
final readonly class DampStack
{
    /** Most that may lie in a stack, kg/m²: where both sides take up water, and where one does not (DIN 4108-3, from memory). */
    public const LIMIT = 1.0;

    public const LIMIT_TIGHT = 0.5;

    /** Less than this that stays each year is a trace, kg/m²; common practice, no source. */
    public const TRACE = 0.005;

    /** What stays is judged by what it comes to in so many years: by the limit where it harms, by the higher one where it does not. */
    public const YEARS = 10;

    /**
     * @param  array{array{float, float}, array{float, float}}  $line  from its inside face to its outer one, m in the section
     * @param  string  $beyond  what lies outside it
     */
    public function __construct(
        public StackPlace $place,
        public string $label,
        public array $line,
        public string $beyond,
        public VapourStack $stack,
        public DampYear $year,
    ) {}

    /**
     * @return array{int, float}|null the cut that holds the most of its limit and how much that is, as a share; null where nothing
     * condenses
     */
    private function worst(): ?array
    {
        $worst = null;
        foreach ($this->year->held as $cut => $months) {
            $left = $months[(($this->year->start ?? 1) + 10) % 12];
            $share = max(
                max([0.0, ...$months]) / $this->limit($cut),
                self::YEARS * $left / ($this->suffers($cut) ? $this->limit($cut) : self::LIMIT),
            );
            $worst = $worst === null || $share > $worst[1] ? [$cut, $share] : $worst;
        }

        return $worst;
    }

    /** What may lie at a cut, kg/m². */
    public function limit(int $cut): float
    {
        [$in, $out] = $this->beside($cut);
        $limit = $in !== $out && $in?->soaks === true && $out?->soaks === true ? self::LIMIT : self::LIMIT_TIGHT;

        return min($limit, $in->most ?? INF, $out->most ?? INF);
    }

    /** Whether water that stays there harms what it lies in. */
    private function suffers(int $cut): bool
    {
        [$in, $out] = $this->beside($cut);

        return $in?->suffers === true || $out?->suffers === true;
    }

    /** @return array{VapourLayer|null, VapourLayer|null} what lies on either side of a cut */
    private function beside(int $cut): array
    {
        $layer = $this->stack->layer[$cut];
        $out = $this->stack->layers[$layer] ?? null;

        return [$this->stack->border[$cut] ? $this->stack->layers[$layer - 1] ?? null : $out, $out];
    }

    /** Where most of it lies; null where nothing condenses. */
    public function where(): ?string
    {
        $worst = $this->worst();

        return $worst === null ? null : $this->stack->place($worst[0]);
    }

    /** @return array{float, float}|null where most of it lies in the section, m; null where nothing condenses */
    public function plane(): ?array
    {
        $worst = $this->worst();
        if ($worst === null) {
            return null;
        }
        [[$x0, $y0], [$x1, $y1]] = $this->line;
        $whole = array_sum(array_map(static fn (VapourLayer $l): float => $l->thickness, $this->stack->layers));
        $share = $whole > 0.0 ? $this->stack->depth($worst[0]) / $whole : 0.0;

        return [$x0 + $share * ($x1 - $x0), $y0 + $share * ($y1 - $y0)];
    }

    /** Of its limit used: by what lies in it at most, or by what stays in ten years. */
    public function share(): float
    {
        return $this->worst()[1] ?? 0.0;
    }

    /** Whether more than a trace stays over the year, so that it grows from year to year. */
    public function isKept(): bool
    {
        return $this->year->left > self::TRACE;
    }

    /** Whether water lies in it at any time of the year. */
    public function isEverWet(): bool
    {
        return $this->year->peak > self::TRACE;
    }

    /** Water that stays is close at best, however little it is. */
    public function word(): Verdict
    {
        $word = Verdict::ofShare($this->share());

        return $word === Verdict::Holds && $this->isKept() ? Verdict::Close : $word;
    }
}
