<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Site\AnnualWave;
use Ondergrond\Site\Site;
use WeakMap;

/**
 * The winter that a foundation has to stand, day by day. The smooth year through the monthly means is cooled about its coldest
 * day by a raised cosine of eight months until its index is that of the design winter: the summers before and after stay as
 * they are. The same index with warmer shoulders and a colder middle would freeze less deep.
 */
final class DesignWinter
{
    /** Half the width of the window, days. */
    private const HALF = 121;

    /** Below this nothing is frozen that matters, °C·d. */
    public const LEAST = 10.0;

    /**
     * @param  AnnualWave  $outdoor  of the monthly means
     * @param  non-empty-list<float>  $normal  365 daily means of a normal year from 1 January, °C
     * @param  non-empty-list<float>  $design  the same about the design winter
     * @param  float  $smooth  index of the smooth normal year, °C·d
     * @param  float  $mean  mean index of the winters, °C·d
     * @param  float  $index  of the design winter, °C·d
     * @param  FreezingIndex  $season  of the design winter's days
     * @param  float  $cooled  what the coldest day is cooled by, K
     * @param  string  $method  how the index was come by
     * @param  float|null  $office  index whose winter freezes the open ground as deep as the building office asks, °C·d; null where
     *   it asks nothing, or where the ground holds no water to freeze
     */
    private function __construct(
        public readonly AnnualWave $outdoor,
        public readonly array $normal,
        public readonly array $design,
        public readonly float $smooth,
        public readonly float $mean,
        public readonly float $index,
        public readonly FreezingIndex $season,
        public readonly float $cooled,
        public readonly string $method,
        public readonly ?float $office = null,
    ) {}

    /** Between these the coldest day is cooled, K; how near the index comes, °C·d; tries at most. */
    private const COOLING = [-40.0, 120.0];

    private const NEAR = 0.01;

    private const MOST_TRIES = 60;

    /** Indices that a frost depth may stand for, °C·d; how near the depth comes, m; tries at most. */
    private const ASKED = [0.1, 6000.0];

    private const DEPTH_NEAR = 0.0005;

    private const DEPTH_TRIES = 40;

    /** @var array<int, float>|null */
    private static ?array $window = null;

    /** @var WeakMap<Site, self>|null those that were worked out, for as long as their sites are there */
    private static ?WeakMap $kept = null;

    public static function of(Site $site): self
    {
        self::$kept ??= new WeakMap;

        return self::$kept[$site] ??= self::workedOut($site);
    }

    /** Day from 1 January, beginning at 0, about which a normal year is warmest. */
    public function summer(): int
    {
        return FreezingIndex::warmest($this->normal);
    }

    /** Its index in kelvin hours. */
    public function kelvinHours(): float
    {
        return FreezingIndex::kelvinHours($this->index);
    }

    private static function workedOut(Site $site): self
    {
        $basis = $site->frost;
        $outdoor = $site->climate->wave();
        $normal = Seasons::smooth($site->climate->monthly);
        $record = count($basis->winters) >= ExtremeWinter::FEWEST ? $basis->winters : [];
        $mean = $record === [] ? Seasons::meanIndex($normal, $basis->spread) : array_sum($record) / count($record);
        $extreme = $record === [] ? ExtremeWinter::fromMean(
            $mean,
            $basis->variation,
            $basis->years,
        ) : ExtremeWinter::fromRecord($record, $basis->years);
        $office = $basis->officeDepth === null ? null : self::freezing($site, $normal, $outdoor, $basis->officeDepth);
        $known = array_filter([$basis->designIndex, $office], static fn (?float $of): bool => $of !== null);
        $index = $known === [] ? $extreme->index : max($known);
        $cooled = self::cooling($normal, $outdoor, $index);
        $design = self::cool($normal, $outdoor, $cooled);

        return new self(
            $outdoor, $normal, $design, FreezingIndex::ofYear($normal)->value, $mean, $index, FreezingIndex::ofYear($design), $cooled,
            self::method($basis->designIndex, $office) ?? $extreme->method.(
                $record === []
                ? '; mean of winters that stray from the monthly means'
                : ''
            ), $office,
        );
    }

    /** Of an index and a depth that are both given the colder governs; null where neither is. */
    private static function method(?float $given, ?float $office): ?string
    {
        return match (true) {
            $office === null => $given === null ? null : 'given',
            $given === null => 'by the building office’s frost depth in this ground',
            $office > $given => 'by the building office’s frost depth in this ground, which asks more than the index that is given',
            default => 'given; the building office’s frost depth in this ground asks less',
        };
    }

    /**
     * The index under which the open ground freezes so deep, the season as long as it then is. Depth goes nearly as the root of
     * the index, so that few tries do.
     *
     * @param  non-empty-list<float>  $normal
     * @param  float  $depth  m
     * @return float|null  °C·d; null where the ground holds no water to freeze
     */
    private static function freezing(Site $site, array $normal, AnnualWave $outdoor, float $depth): ?float
    {
        $soil = FrozenSoil::of($site->soil, $site->frost);
        if ($soil->latent <= 0.0) {
            return null;
        }
        $index = 300.0;
        for ($n = 0; $n < self::DEPTH_TRIES; $n++) {
            $year = self::cool($normal, $outdoor, self::cooling($normal, $outdoor, $index));
            $now = OpenGround::under($site, $soil, $index, max(1, FreezingIndex::ofYear($year)->days), $outdoor->mean)->depth();
            if (abs($now - $depth) < self::DEPTH_NEAR) {
                break;
            }
            $index = min(self::ASKED[1], max(self::ASKED[0], $index * ($depth / $now) ** 2));
        }

        return $index;
    }

    /** Whether anything freezes. */
    public function freezes(): bool
    {
        return $this->index >= self::LEAST;
    }

    /** Whether the ground may stay frozen through summers. */
    public function isPermafrost(): bool
    {
        return $this->outdoor->mean <= 0.0;
    }

    /** The coldest day of the year, counted from 1 January as 0. */
    public function coldestDay(): int
    {
        return self::middle($this->outdoor);
    }

    /**
     * By the rule of false position, since the index grows with the cooling (Illinois variant; Dowell and Jarratt 1971, from memory).
     *
     * @param  non-empty-list<float>  $normal
     * @return float K on the coldest day
     */
    private static function cooling(array $normal, AnnualWave $outdoor, float $index): float
    {
        $off = static fn (float $by): float => FreezingIndex::ofYear(self::cool($normal, $outdoor, $by))->value - $index;
        [$low, $high] = self::COOLING;
        [$below, $above] = [$off($low), $off($high)];
        $side = 0;
        for ($n = 0; $n < self::MOST_TRIES && $below < 0.0 && $above > 0.0; $n++) {
            $try = ($low * $above - $high * $below) / ($above - $below);
            $now = $off($try);
            if (abs($now) < self::NEAR) {
                return $try;
            }
            if ($now < 0.0) {
                [$low, $below] = [$try, $now];
                $above *= $side === -1 ? 0.5 : 1.0;
                $side = -1;
            } else {
                [$high, $above] = [$try, $now];
                $below *= $side === 1 ? 0.5 : 1.0;
                $side = 1;
            }
        }

        return $below >= 0.0 ? $low : $high;
    }

    /**
     * @param  non-empty-list<float>  $normal
     * @return non-empty-list<float>
     */
    private static function cool(array $normal, AnnualWave $outdoor, float $by): array
    {
        $middle = self::middle($outdoor);
        foreach (self::window() as $away => $weight) {
            $normal[($middle + $away) % Seasons::DAYS] -= $by * $weight;
            if ($away > 0) {
                $normal[($middle - $away + Seasons::DAYS) % Seasons::DAYS] -= $by * $weight;
            }
        }

        return array_values($normal);
    }

    /** @return array<int, float> by days from the coldest */
    private static function window(): array
    {
        return self::$window ??= array_map(
            static fn (int $away): float => (1 + cos(M_PI * $away / self::HALF)) / 2,
            range(0, self::HALF - 1),
        );
    }

    private static function middle(AnnualWave $outdoor): int
    {
        // Month 1.0 is the middle of January.
        return ((int) round(($outdoor->coldest - 0.5) * Seasons::DAYS / 12) % Seasons::DAYS + Seasons::DAYS) % Seasons::DAYS;
    }
}
