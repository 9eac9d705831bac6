<?php

declare(strict_types=1);

namespace Ondergrond\Search;

/** One design that holds, on the front of price against heat. */
final readonly class Choice
{
    /**
     * @param  array<string, float>  $sizes  by path, m
     * @param  float  $price  money, or m³ of insulation where there are no prices
     * @param  float  $guess  mean loss of the year, W, as it was judged
     * @param  float|null  $watts  the same by its own field; null before that is solved
     */
    public function __construct(
        public array $sizes,
        public float $price,
        public float $guess,
        public ?float $watts = null,
    ) {}

    public function confirmed(float $watts): self
    {
        return new self($this->sizes, $this->price, $this->guess, $watts);
    }

    /** Lost in all the year, kWh. */
    public function energy(): float
    {
        return 8.76 * ($this->watts ?? $this->guess);
    }

    /** @return array{sizes_m: array<string, float>, price: float, guess_w: float, mean_w: float|null, year_kwh: float} */
    public function toArray(): array
    {
        return ['sizes_m' => $this->sizes, 'price' => $this->price, 'guess_w' => $this->guess, 'mean_w' => $this->watts, 'year_kwh' => $this->energy()];
    }
}
