<?php

declare(strict_types=1);

namespace App\Forms;

use Illuminate\Validation\ValidationException;
use LogicException;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Site\Climate;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Site\YearFrom;
use Ondergrond\Units\KeyEnding;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/** A climate from the few figures that somebody typed of it. */
final readonly class KnownClimate
{
    private const FIELDS = [
        'extremes' => ['warmest_c', 'coldest_c', 'mean_c'],
        'sum' => ['degree_days_c_d', 'base_c', 'mean_c'],
    ];

    private const WORDS = [
        'warmest_c' => 'warmest month', 'coldest_c' => 'coldest month', 'mean_c' => 'mean of the year',
        'degree_days_c_d' => 'degree-days', 'base_c' => 'below',
    ];

    public function __construct(private QuantityFormatter $format) {}

    /**
     * @param  string  $kind  `months`, `extremes` or `sum` (degree-days)
     * @param  array<array-key, mixed>  $typed  of the fields of that kind
     * @param  Climate  $before  whose name and given design day stay
     * @param  float  $spread  by which days stray from their month, K
     *
     * @throws ValidationException at the fields, which begin with `known.`
     */
    public function climate(string $kind, array $typed, Climate $before, float $spread): Climate
    {
        [$months, $source, $from] = match ($kind) {
            'months' => [$this->months($typed), ClimateSource::Own, ''],
            'extremes', 'sum' => $this->worked($kind, $typed, $spread),
            default => throw ValidationException::withMessages(
                ['known' => 'Choose what you know: the months, three figures, degree-days.'],
            ),
        };
        $design = $before->designGiven;

        // A name or a design day that was invented, or came with a file, is none of this climate.
        $isPeoples = in_array($before->source, [ClimateSource::Own, ClimateSource::Estimated], true);
        $stays = $isPeoples || $before->source === ClimateSource::File;

        return new Climate(
            $isPeoples ? $before->name : 'The site’s climate',
            $months,
            $stays && $design !== null && $design <= min($months) ? $design : null,
            $source, $from,
        );
    }

    /**
     * @param  array<array-key, mixed>  $typed
     * @return non-empty-list<float>
     *
     * @throws ValidationException
     */
    private function months(array $typed): array
    {
        $field = 'known.months.monthly_mean_c';
        $text = $typed['monthly_mean_c'] ?? null;
        $months = (new TypedSite($this->format))->listed(is_string($text) ? $text : '', 'climate.monthly_mean_c', $field);
        if (count($months) !== 12) {
            throw ValidationException::withMessages([$field => count($months).' figures. Allowed: twelve, January first, spaces between.']);
        }
        foreach ($months as $t) {
            if ($t < Climate::COLDEST_MONTH || $t > Climate::WARMEST_MONTH) {
                throw ValidationException::withMessages([
                    $field => Fault::range('/mean_c', $t, Climate::COLDEST_MONTH, Climate::WARMEST_MONTH)
                        ->allowedIn($this->format, Quantity::Temperature),
                ]);
            }
        }

        return $months;
    }

    /**
     * @param  'extremes'|'sum'  $kind
     * @param  array<array-key, mixed>  $typed
     * @return array{non-empty-list<float>, ClimateSource, string}
     *
     * @throws ValidationException
     */
    private function worked(string $kind, array $typed, float $spread): array
    {
        $of = $errors = [];
        foreach (self::FIELDS[$kind] as $key) {
            try {
                $text = $typed[$key] ?? '';
                $of[] = QuantityParser::parse(
                    is_string($text) ? $text : '', self::quantity($key), $this->format->system, $this->format->mark,
                );
            } catch (UnreadableQuantity $e) {
                $errors["known.{$kind}.{$key}"] = $e->getMessage();
            }
        }
        $month = $typed['month'] ?? '1';
        if (! is_string($month) || preg_match('~^([1-9]|1[0-2])$~', $month) !== 1) {
            $errors["known.{$kind}.month"] = 'Choose a month.';
        }
        if ($errors !== [] || count($of) !== 3) {
            throw ValidationException::withMessages($errors);
        }
        $words = array_map(
            fn (string $key, float $value): string => self::WORDS[$key].' '.$this->format->format($value, self::quantity($key)),
            self::FIELDS[$kind], $of,
        );
        try {
            $months = $kind === 'extremes'
                ? YearFrom::extremes($of[0], $of[1], $of[2], (int) $month)
                : YearFrom::degreeDays($of[0], $of[1], $of[2], (int) $month, $spread);
        } catch (FaultyInput $e) {
            throw ValidationException::withMessages(FaultMessages::of($e, $this->format, "known.{$kind}."));
        }

        return [$months, ClimateSource::Estimated, 'from '.implode(', ', $words)];
    }

    private static function quantity(string $key): Quantity
    {
        return KeyEnding::of($key)?->quantity() ?? throw new LogicException("no quantity of {$key}");
    }
}
