<?php

declare(strict_types=1);

namespace App\View;

use App\Later\KnownMass;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\FloorHeating\Output;
use Ondergrond\Mass\MassStack;
use Ondergrond\Mass\MassVerdict;
use Ondergrond\Mass\Question\CoastDown;
use Ondergrond\Mass\Question\NightSetBack;
use Ondergrond\Mass\Room;
use Ondergrond\Rules\Ruling;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\Site;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\Unit;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Verdict;

/** What a floor stores, how long that lasts and what heats it, in words. */
final readonly class MassPage
{
    private const TITLES = [
        'heating-stops' => 'Heating stops on the coldest day',
        'night-set-back' => 'Let cool at night',
        'warm-up' => 'Warming up from cold',
        'clear-winter-day' => 'A clear winter day',
        'surplus-power' => 'Surplus power into the floor',
        'heat-spell' => 'A week of heat',
        'year' => 'The whole year',
    ];

    /** From six in the morning a building may be late by this and still be let cool at night, h. */
    private const LATE = 2.0;

    /** Less of a swing than this does not come through a stack. */
    private const NOTHING = 0.001;

    public function __construct(
        public Site $site,
        public Design $design,
        public KnownMass $mass,
        public QuantityFormatter $format,
        public Ruling $ruling,
    ) {}

    /** Whether all of it is simulated. */
    public function isWhole(): bool
    {
        return $this->mass->isWhole();
    }

    /** Whether it is known how long the rooms stay warm. */
    public function isTold(): bool
    {
        return $this->mass->told !== null;
    }

    /** @return array<string, string> titles of what is answered, by slug */
    public function questions(): array
    {
        return array_intersect_key(self::TITLES, $this->mass->told->answers ?? []);
    }

    public static function title(string $slug): string
    {
        return self::TITLES[$slug] ?? $slug;
    }

    /** The answer in a sentence or two. */
    public function said(string $slug): string
    {
        $f = $this->mass->told->answers[$slug] ?? null;
        $metric = $this->format->system === UnitSystem::Metric;

        return $f === null ? 'Nothing heats this floor.' : match ($slug) {
            'heating-stops' => $this->stops($f),
            'night-set-back' => $this->nights($f),
            'warm-up' => $f['warm_h'] === null
                ? sprintf(
                    'From %s the rooms are not warm within twenty days: what heats them gives %s.',
                    $this->warm($f['start_c']),
                    $this->format->format((float) $f['heater_w_m2'], Quantity::HeatFlux),
                )
                : sprintf(
                    'From %s the rooms are warm after %s at %s; that takes %s.', $this->warm($f['start_c']),
                    self::time($f['warm_h']), $this->format->format((float) $f['heater_w_m2'], Quantity::HeatFlux), $this->kwh($f['kwh']),
                ),
            'clear-winter-day' => $this->clearDay($f),
            'surplus-power' => sprintf(
                'At %s the floor takes %s in %s before it or the room is too warm, in %s; %s in %s.',
                $this->format->format((float) $f['power_kw'], Quantity::PeakPower), $this->kwh($f['takes_kwh']), self::time($f['takes_h']),
                $this->month(), $this->kwh($f['mild_takes_kwh']), $this->month(3),
            )
                .($f['without_heating_h'] === null ? '' : ' Afterwards no heating is needed for '.self::time($f['without_heating_h']).'.'),
            'heat-spell' => sprintf(
                'In a week of clear days of %s the rooms %s and reach %s; on a light floor they %s and reach %s.',
                $this->warm($f['outside_c']),
                $this->passes($f['hours_to_too_warm'], $f['too_warm_c']), $this->warm($f['warmest_c']), $this->passes(
                    $f['light_hours_to_too_warm'],
                    $f['too_warm_c'],
                ), $this->warm($f['light_warmest_c']),
            ),
            'year' => sprintf(
                'Heating takes %s in the year, %s for a square %s; sun brings %s, surplus power %s, people and lamps %s. %s go into '
                    .'the ground. Too warm for %.0f hours; at most %s.',
                $this->kwh($f['heat_kwh']),
                $metric ? $this->kwh($f['heat_kwh_m2']) : $this->kwh((float) $f['heat_kwh_m2'] * Unit::FOOT ** 2),
                $metric ? 'metre' : 'foot', $this->kwh($f['sun_kwh']), $this->kwh($f['surplus_kwh']), $this->kwh($f['gains_kwh']),
                $this->kwh($f['ground_kwh']), $f['hours_too_warm'], $this->warm($f['warmest_c']),
            ),
            default => '',
        };
    }

    /** @param  array<string, float|null>  $f */
    private function stops(array $f): string
    {
        $hours = [];
        foreach ([16, 10, 5] as $t) {
            $h = $f['hours_to_'.$t];
            $hours[] = $this->warm((float) $t).' '.(
                $h === null
                ? 'not within twenty days'
                : ($h <= 0.0 ? 'at once' : 'after '.self::time($h))
            );
        }
        $light = $f['light_hours_to_10'];

        return ltrim($this->noticed($f).' ').sprintf(
            'Outside it stays at %s. The rooms, at %s, are at %s.',
            $this->warm($this->site->climate->design()),
            $this->warm($f['start_c']),
            implode(', at ', $hours),
        )
            .(
                $light === null
                ? ''
                : sprintf(
                    ' On a light floor they would be at %s after %s. The floor gives up %s in the first day, %s in three.',
                    $this->warm(10.0), self::time($light), $this->kwh($f['gave_24_kwh']), $this->kwh($f['gave_72_kwh']),
                )
            );
    }

    /**
     * How long until somebody notices, on an ordinary winter day and on the design day, a sentence.
     *
     * @param  array<string, float|null>  $f
     */
    public function noticed(array $f): string
    {
        $after = fn (?float $h): string => $h === null ? 'not within twenty days' : ($h <= 0.0 ? 'at once' : 'after '.self::time($h));

        // Where they are kept no warmer than that, nobody notices by it.
        $cool = ($f['start_c'] ?? 0.0) <= CoastDown::NOTICED + 0.05;

        return ($f['ordinary_outside_c'] ?? null) === null || $cool ? '' : sprintf(
            'In an ordinary winter, %s outside, somebody notices at %s %s; on the design day, %s, %s.',
            $this->warm($f['ordinary_outside_c']), $this->warm((float) CoastDown::NOTICED), $after($f['ordinary_hours_to_18'] ?? null),
            $this->warm($this->site->climate->design()), $after($f['hours_to_18'] ?? null),
        );
    }

    /** What insulation inside parts the rooms from, a sentence; empty where nothing does. */
    public function parted(): string
    {
        $parted = $this->mass->stored->parted();

        return $parted === null ? '' : sprintf(
            '%s parts the rooms from the wall behind it, which holds %s for a %s: it comes and goes too slowly to keep them warm for a day.',
            $parted[0] === Part::Form ? 'The form’s inner face' : 'The lining', $this->perDegree($parted[1]), $this->degree(),
        );
    }

    /** @param  array<string, float|null>  $f */
    private function nights(array $f): string
    {
        $saves = ($f['saving_share'] ?? 0.0) >= NightSetBack::WORTH;
        $late = $f['late_h'];

        return sprintf(
            '%s Let cool by %s the rooms fall to %s and take %s a day instead of %s, %.0f %% less; %s.',
            $saves && $late !== null && $late <= self::LATE ? 'Worth it.' : 'Hardly worth it.',
            $this->format->format(
                (float) $f['set_back_k'],
                Quantity::TemperatureDifference,
            ), $this->warm($f['coolest_c']), $this->kwh($f['kwh_day_set_back']), $this->kwh($f['kwh_day']), 100 * ($f['saving_share']
                ?? 0.0),
            $late === null ? 'on some days they are not warm again before night' : (
                $late <= 0.0
                ? 'they are warm again at six'
                : 'they are warm again '
                .self::time($late)
                .' after six'
            ),
        );
    }

    /** @param  array<string, float|null>  $f */
    private function clearDay(array $f): string
    {
        return sprintf(
            'In %s it brings %s more than a covered one. At %d o’clock the floor holds %s of that. %s.',
            $this->month(), $this->kwh($f['sun_kwh']), $f['fullest_h'], $this->kwh($f['stored_kwh']),
            $f['half_back_h'] === null ? 'None of it saves heating' : sprintf(
                'It comes back as %s of heating that is not needed, half of it %s',
                $this->kwh($f['heating_saved_kwh']),
                $f['half_back_h'] < 1.0 ? 'by then' : 'within the '.self::time($f['half_back_h']).' after',
            ),
        );
    }

    private function passes(?float $hours, ?float $limit): string
    {
        return $hours === null ? 'never pass '.$this->warm($limit) : sprintf('pass %s after %s', $this->warm($limit), self::time($hours));
    }

    /** Of the coldest month, or so many after it. */
    private function month(int $after = 0): string
    {
        return Calendar::NAMES[($this->site->climate->coldest() + $after) % 12];
    }

    public function warm(?float $celsius): string
    {
        // A number and its degrees stay on one line.
        return $celsius === null ? '–' : str_replace(' °', "\u{a0}°", $this->format->format($celsius, Quantity::Temperature));
    }

    public function kwh(?float $kwh): string
    {
        if ($kwh === null) {
            return '–';
        }
        $unit = Quantity::Stored->unit($this->format->system);

        return abs($kwh) >= 100.0
            ? $this->format->mark->written(sprintf("%.0f\u{a0}%s", $unit->fromSi($kwh), $unit->symbol))
            : $this->format->format($kwh, Quantity::Stored);
    }

    /** Of each degree that the reader’s thermometer shows, from kWh/K. */
    public function perDegree(float $kwh): string
    {
        return $this->kwh($kwh * $this->format->system->degree());
    }

    /** What that degree is called. */
    public function degree(): string
    {
        return $this->format->system === UnitSystem::Metric ? 'kelvin' : 'degree';
    }

    /** `40 min`, `18 h`, `3 days`: no finer than is known. */
    public static function time(?float $hours): string
    {
        return match (true) {
            $hours === null => '–',
            $hours < 1.0 => sprintf("%d\u{a0}min", max(5, 5 * round($hours * 12))),
            $hours < 48.0 => sprintf("%d\u{a0}h", round($hours)),
            default => sprintf("%s\u{a0}days", rtrim(rtrim(sprintf('%.1f', $hours / 24), '0'), '.')),
        };
    }

    /**
     * What a stack does with a swing of so many hours, as the page's table has it.
     *
     * @return array{swing: string, admittance: string, kappa: string, surface: string, through: string, lag: string}
     */
    public function dynamic(MassStack $stack, int $hours): array
    {
        $d = $stack->dynamic(3600.0 * $hours);
        $reaches = $d->decrement >= self::NOTHING;

        return [
            'swing' => $hours === 24 ? 'a day' : self::time($hours),
            'admittance' => $this->format->number($d->admittance, Quantity::Transmittance),
            'kappa' => $this->kappa($d->inner),
            'surface' => $this->kappa($stack->dynamic(3600.0 * $hours, true)->inner),
            'through' => $reaches ? $this->format->mark->written(sprintf('%.1f', 100 * $d->decrement))."\u{a0}%" : 'nothing',
            'lag' => $reaches ? self::time($d->lag / 3600) : '–',
        ];
    }

    /** From J/(m²·K). */
    public function kappa(float $joule): string
    {
        return $this->format->number($joule / 1000, Quantity::Capacity);
    }

    /** @return list<int> hours of the swings that stacks are asked about */
    public function swings(): array
    {
        return MassVerdict::PERIODS;
    }

    public function edgeLimit(): string
    {
        return $this->warm(Output::EDGE);
    }

    public function bathLimit(): string
    {
        return $this->warm(Output::BATH);
    }

    /** What heat comes to in the rooms, as it is simulated. */
    public function room(): Room
    {
        return Room::of($this->site, $this->design);
    }

    /** The one thing to know. */
    public function found(): string
    {
        if ($this->mass->heated !== null && $this->ruling->word === Verdict::Fails) {
            return $this->heated();
        }
        $hours = $this->mass->told?->cooling();

        return $hours === null
            ? sprintf(
                'The floor holds %s for a %s. How long that lasts is being worked out.',
                $this->perDegree($this->mass->stored->store()),
                $this->degree(),
            )
            : sprintf(
                'Without heating on the coldest day the rooms are at %s %s.',
                $this->warm(10.0),
                $hours[10] === null ? 'not within twenty days' : 'after '.self::time($hours[10]),
            );
    }

    /** What is said of the heated floor, a sentence. */
    public function heated(): string
    {
        $h = $this->mass->heated;

        return $h === null ? '' : sprintf(
            'On the design day it gives %s; the rooms take %s. Where it is warmest it gets %s; %s is the most.',
            $this->format->format($h->output, Quantity::HeatFlux), $this->format->format($h->need, Quantity::HeatFlux),
            $this->warm($h->warmest), $this->warm($h->limit()),
        );
    }
}
