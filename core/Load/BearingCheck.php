<?php

declare(strict_types=1);

namespace Ondergrond\Load;

use Ondergrond\Design\Part;
use Ondergrond\Design\Supports;
use Ondergrond\Material\Material;
use Ondergrond\Verdict\Verdict;

/** What one board carries, against what it may carry for a day and for fifty years. */
final readonly class BearingCheck
{
    /** Of the strength at 10 % strain, for a load that stays: creep within 2 % in 50 years (common practice, no source). */
    public const LONG = 3.0;

    /** For a load that comes and goes (common practice, no source). */
    public const SHORT = 2.0;

    /**
     * @param  string  $where  `field`, `perimeter`, `on-slab`, `edge`, `post`, or a kind of support: `post-1`, `strip-1`
     * @param  Part  $part  whose board it is
     * @param  float  $permanent  stress that stays: dead load and the part of the live load that does, kPa
     * @param  float  $total  with all of the live load, kPa
     * @param  float  $width  that the load has spread to at the board, m; 0 where it lies everywhere
     * @param  string  $method  how the stress was found, a clause
     * @param  float|null  $springs  the stress by the other school, slab on springs, kPa
     * @param  bool  $given  whether the load was given; else this is the parts' own weight alone
     */
    public function __construct(
        public string $where,
        public Part $part,
        public Material $material,
        public float $permanent,
        public float $total,
        public float $width,
        public string $method,
        public bool $given,
        public ?float $springs = null,
    ) {}

    /** What it lies under, in a table. */
    public function label(): string
    {
        return match ($this->where) {
            'field' => 'middle board',
            'perimeter' => 'perimeter board',
            'on-slab' => 'board on the slab',
            'edge' => 'under the bearing',
            'post' => 'under a post',
            default => 'under '.Supports::label($this->where),
        };
    }

    /** kPa; null where a data sheet must tell. */
    public function allowableLong(): ?float
    {
        return $this->material->product->lasting ?? ($this->material->strength === null ? null : $this->material->strength / self::LONG);
    }

    /** kPa; null where a data sheet must tell. */
    public function allowableShort(): ?float
    {
        return $this->material->strength === null ? null : $this->material->strength / self::SHORT;
    }

    /** The larger share of what is allowed; null where no strength is known. */
    public function share(): ?float
    {
        [$long, $short] = [$this->allowableLong(), $this->allowableShort()];

        return $long === null || $short === null ? null : max($this->permanent / $long, $this->total / $short);
    }

    /** Whether a board lies under a post or a bearing whose strength nobody states: none may. */
    public function isUnknown(): bool
    {
        return $this->material->strength === null && ! in_array($this->where, ['field', 'perimeter', 'on-slab'], true);
    }

    /** Strength at 10 % strain that would do, kPa. */
    public function needed(): float
    {
        return max($this->permanent * self::LONG, $this->total * self::SHORT);
    }

    public function word(): Verdict
    {
        $share = $this->share();

        return match (true) {
            $share !== null && $share > 1.0 + 1e-9, $this->isUnknown() => Verdict::Fails,
            $share === null, ! $this->given => Verdict::NotChecked,
            default => Verdict::ofShare($share),
        };
    }
}
