<?php

declare(strict_types=1);

namespace Ondergrond\Gain;

/** What a candidate does. */
final readonly class Step
{
    private const NOT_RUN = 'not run';

    /**
     * @param  string  $path  of the size that changes
     * @param  float  $from  m
     * @param  float  $to  m
     * @param  float  $watts  saved as the mean of the year, by the field; negative where it loses more
     * @param  float  $volume  of insulation it takes more, m³
     * @param  float|null  $cost  it takes more, where all prices that it hangs on are given
     * @param  list<string>  $settles  rules whose findings go
     * @param  list<string>  $brings  rules whose findings come, other than *not checked*
     * @param  string  $frost  what is known of frost without its winter: `fails the table`, `not run`, or `no matter`
     */
    public function __construct(
        public string $path,
        public float $from,
        public float $to,
        public float $watts,
        public float $volume,
        public ?float $cost,
        public array $settles,
        public array $brings,
        public string $frost,
    ) {}

    /** Saved in all the year, kWh. */
    public function energy(): float
    {
        return 8.76 * $this->watts;
    }

    /** @param  array<string, mixed>  $row  as it was kept; what earlier programs kept says nothing of frost */
    public static function fromArray(array $row): self
    {
        return new self(
            $row['path'], $row['from_m'], $row['to_m'], $row['mean_w'], $row['insulation_m3'], $row['cost'], $row['settles'],
            $row['brings'], $row['frost'] ?? self::NOT_RUN,
        );
    }

    /** Whether frost is still to be looked at. */
    public function leavesFrost(): bool
    {
        return in_array($this->frost, [self::NOT_RUN, 'fails the table', 'not judged'], true);
    }

    /** @return array{path: string, from_m: float, to_m: float, mean_w: float, all_year_kwh: float, insulation_m3: float, cost: float|null, settles: list<string>, brings: list<string>, frost: string} */
    public function toArray(): array
    {
        return [
            'path' => $this->path, 'from_m' => $this->from, 'to_m' => $this->to, 'mean_w' => $this->watts,
            'all_year_kwh' => $this->energy(),
            'insulation_m3' => $this->volume, 'cost' => $this->cost, 'settles' => $this->settles, 'brings' => $this->brings,
            'frost' => $this->frost,
        ];
    }
}
