<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Frost\FreezingIndex;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\Climate;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Site\FrostBasis;

/** A climate out of a weather file: months, design day and the freezing index of each whole winter. */
final readonly class ImportedClimate
{
    /** Days and months of a file lie within these, °C; what lies outside is another unit. */
    public const COLDEST = -75.0;

    public const WARMEST = 55.0;

    /**
     * @param  list<float>  $winters  °C·d
     * @param  list<string>  $notes  what was done to the data, sentences
     */
    private function __construct(
        public Climate $climate,
        public array $winters,
        public array $notes,
    ) {}

    /**
     * @param  non-empty-array<string, float>  $days  daily means by date, 2001-12-31, in order without gaps, °C
     * @param  float|null  $design  °C; null: the coldest day
     * @param  list<string>  $notes
     *
     * @throws FaultyInput where a month of the year is missing
     */
    public static function fromDays(string $name, array $days, ?float $design, array $notes): self
    {
        $sums = $counts = array_fill(1, 12, 0.0);
        foreach ($days as $date => $mean) {
            $month = (int) substr($date, 5, 2);
            $sums[$month] += $mean;
            $counts[$month]++;
        }
        $monthly = self::months($sums, $counts);
        $summer = self::summer($monthly);
        $winters = [];
        foreach ($days as $date => $mean) {
            $winters[self::winter($date, $summer)][] = $mean;
        }
        $whole = array_filter($winters, static fn (array $w): bool => count($w) >= array_sum(Calendar::DAYS));

        return new self(
            new Climate($name, $monthly, min($design ?? min($days), ...$monthly), ClimateSource::File),
            ...self::latest(
                count($days) < 400 ? [] : array_values(array_map(static fn (array $w): float => FreezingIndex::ofDays($w)->value, $whole)),
                $notes,
            ),
        );
    }

    /**
     * Days between the middles of months are taken on a straight line; what days stray from it is not known.
     *
     * @param  non-empty-array<string, float>  $months  monthly means by month, 2001-12, in order without gaps, °C
     * @param  list<string>  $notes
     *
     * @throws FaultyInput where a month of the year is missing
     */
    public static function fromMonths(string $name, array $months, array $notes): self
    {
        $sums = $counts = array_fill(1, 12, 0.0);
        $values = array_values($months);
        foreach (array_keys($months) as $i => $date) {
            $month = (int) substr($date, 5, 2);
            $sums[$month] += $values[$i];
            $counts[$month]++;
        }
        $monthly = self::months($sums, $counts);
        $summer = self::summer($monthly);
        $winters = [];
        foreach (array_keys($months) as $i => $date) {
            $month = (int) substr($date, 5, 2);
            $length = Calendar::DAYS[$month - 1];
            for ($d = 0; $d < $length; $d++) {
                $share = ($d + 0.5) / $length - 0.5;
                $other = $values[$share < 0 ? max(0, $i - 1) : min(count($values) - 1, $i + 1)];
                $winters[self::winter($date, $summer)][] = $values[$i] + abs($share) * ($other - $values[$i]);
            }
        }
        $whole = array_filter($winters, static fn (array $w): bool => count($w) === array_sum(Calendar::DAYS));

        return new self(
            new Climate($name, $monthly, null, ClimateSource::File),
            ...self::latest(
                array_values(array_map(static fn (array $w): float => FreezingIndex::ofDays($w)->value, $whole)),
                [
                    ...$notes,
                    'From monthly means: the freezing index of mild winters comes out too low, and the design day is not in the file.',
                ],
            ),
        );
    }

    /**
     * As many as a site holds.
     *
     * @param  list<float>  $winters  the oldest first
     * @param  list<string>  $notes
     * @return array{list<float>, list<string>}
     */
    private static function latest(array $winters, array $notes): array
    {
        $most = FrostBasis::MOST_WINTERS;
        $count = count($winters);

        return $count <= $most ? [$winters, $notes] : [
            array_slice($winters, -$most),
            [...$notes, "The file holds {$count} winters: the latest {$most} are kept, as many as a site holds."],
        ];
    }

    /**
     * The month, 1 to 12, that winters are cut at: the warmest, of two alike the one nearer to the height of the year's wave.
     *
     * @param  non-empty-list<float>  $monthly  twelve, °C
     */
    private static function summer(array $monthly): int
    {
        return 1 + (new Climate('', $monthly))->warmest();
    }

    /** The year in which a day's winter begins: each goes from the warmest month up to the next. */
    private static function winter(string $date, int $summer): int
    {
        return (int) substr($date, 0, 4) - ((int) substr($date, 5, 2) < $summer ? 1 : 0);
    }

    /**
     * @param  array<int, float>  $sums
     * @param  array<int, float>  $counts
     * @return non-empty-list<float> twelve
     */
    private static function months(array $sums, array $counts): array
    {
        $missing = array_keys(array_filter($counts, static fn (float $n): bool => $n <= 0.0));
        if ($missing !== []) {
            throw FaultyInput::one(
                Fault::of(
                    '',
                    'no '.implode(', ', array_map(static fn (int $m): string => Calendar::MONTHS[$m - 1], $missing)),
                    'a file with all twelve months',
                ),
            );
        }

        return array_map(static fn (int $m): float => round($sums[$m] / $counts[$m], 3), range(1, 12));
    }

    /** @throws FaultyInput where it cannot be °C */
    public static function refuseOtherUnits(float $low, float $high, string $where): void
    {
        if ($low < self::COLDEST || $high > self::WARMEST) {
            throw FaultyInput::one(
                Fault::of(
                    $where,
                    sprintf('temperatures from %.4g to %.4g', $low, $high),
                    sprintf('°C, from %.0f to %.0f; these look like %s', self::COLDEST, self::WARMEST, $low > 150 ? 'kelvin' : '°F'),
                ),
            );
        }
    }
}
