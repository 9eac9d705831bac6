<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Verdict\Verdict;

/** One thing that the table asks of a design. */
final readonly class FrostDemand
{
    /** What rounding of sold sizes may lack: 2 mm of a length, 2 % of an R. */
    private const SLACK = 0.02;

    /**
     * @param  string  $slug  its name in files
     * @param  float  $needed  m, or m²K/W
     * @param  float  $found  the same; infinite where it goes all round
     * @param  bool  $isLength  not an R
     */
    public function __construct(
        public string $slug,
        public string $label,
        public float $needed,
        public float $found,
        public bool $isLength,
    ) {}

    /** Close where it lacks no more than the rounding of sold sizes. */
    public function word(): Verdict
    {
        return match (true) {
            ! $this->holds() => Verdict::Fails,
            $this->found < $this->needed - 1e-6 => Verdict::Close,
            default => Verdict::Holds,
        };
    }

    public function holds(): bool
    {
        return $this->found >= $this->needed * (1 - self::SLACK) - ($this->isLength ? 0.002 : 0.0);
    }
}
