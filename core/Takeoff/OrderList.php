<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

use Ondergrond\Design\Part;

/** All that a design asks for, with prices where there are any. Money in the smallest unit of the price list's currency. */
final readonly class OrderList
{
    /**
     * @param  list<Line>  $lines  in the order they are laid
     * @param  list<Truck>  $trucks  one a pour
     * @param  list<string>  $uncounted  what stands in the design and has no line, with the reason
     */
    private function __construct(
        public array $lines,
        public array $trucks,
        public array $uncounted,
        private PriceList $prices,
    ) {}

    public static function of(Job $job, PriceList $prices): self
    {
        $lines = $uncounted = [];
        foreach (Part::cases() as $part) {
            $own = PartLines::of($part, $job);
            $lines = [...$lines, ...$own];
            if ($own === [] && $part->of($job->design)->present()) {
                $uncounted[] = $part->label().': '.match (true) {
                    $job->design->standing->has($part) => 'stands already',
                    $part->described()->unordered !== '' => $part->described()->unordered,
                    $part === Part::Pads => 'no post stands on the plan',
                    $part === Part::Supports && $job->design->supports->areBuilt() => 'how many there are is not said',
                    $part === Part::Supports => 'they stand on the slab',
                    default => 'nothing of it along the edge',
                };
            }
        }
        $lines = [...$lines, ...ItemLines::of($job)];
        $pours = [];
        foreach ($lines as $line) {
            if ($line->pour !== '' && $line->unit === Unit::CubicMetre && $line->pour !== 'screed') {
                $pours[$line->pour] = ($pours[$line->pour] ?? 0.0) + $line->needed();
            }
        }
        $load = $job->isMetric() ? Truck::EUROPEAN : Truck::AMERICAN;

        return new self(
            $lines,
            array_map(static fn (string $pour, float $m3): Truck => new Truck($pour, $m3, $load), array_keys($pours), $pours),
            $uncounted,
            $prices,
        );
    }

    /** Of one unit of the line, in the smallest unit of money; null where nobody has quoted it. */
    public function price(Line $line): ?int
    {
        $price = $this->prices->perCubicMetre[$line->priced] ?? $this->prices->perUnit[$line->priced] ?? null;

        return $price === null ? null : (int) round(100 * $price * $line->perUnit);
    }

    public function cost(Line $line): ?int
    {
        $price = $this->prices->perCubicMetre[$line->priced] ?? $this->prices->perUnit[$line->priced] ?? null;

        return $price === null ? null : (int) round(100 * $price * $line->perUnit * $line->quantity());
    }

    /** Of all that has a price. */
    public function total(): int
    {
        return array_sum(array_map(fn (Line $l): int => $this->cost($l) ?? 0, $this->lines));
    }

    /** @return list<Line> that nobody has quoted */
    public function unpriced(): array
    {
        return array_values(array_filter($this->lines, fn (Line $l): bool => $this->cost($l) === null));
    }

    public function currency(): string
    {
        return $this->prices->currency;
    }

    public function find(string $id): ?Line
    {
        foreach ($this->lines as $line) {
            if ($line->id === $id) {
                return $line;
            }
        }

        return null;
    }
}
