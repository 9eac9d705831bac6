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
     * @param  string  $frost  word of its frost verdict, once its winter is run; `not run` before
     * @param  float|null  $margin  of frost then, m; null where none comes near
     * @param  list<string>  $breaks  rules that hang on the field and that it breaks, once they were asked
     */
    public function __construct(
        public array $sizes,
        public float $price,
        public float $guess,
        public ?float $watts = null,
        public string $frost = self::NOT_RUN,
        public ?float $margin = null,
        public array $breaks = [],
    ) {}

    public const NOT_RUN = 'not run';

    /**
     * @param  list<string>  $breaks
     */
    public function proved(string $frost, ?float $margin, array $breaks): self
    {
        return new self($this->sizes, $this->price, $this->guess, $this->watts, $frost, $margin, $breaks);
    }

    /** Whether it holds, winter and field with it. */
    public function holds(): bool
    {
        return in_array($this->frost, ['holds', 'close'], true) && $this->breaks === [];
    }

    public function confirmed(float $watts): self
    {
        return new self($this->sizes, $this->price, $this->guess, $watts, $this->frost, $this->margin, $this->breaks);
    }

    /** Lost in all the year, kWh. */
    public function energy(): float
    {
        return 8.76 * ($this->watts ?? $this->guess);
    }

    /** @param  array<string, mixed>  $row  as it was kept; what earlier programs kept says nothing of frost */
    public static function fromArray(array $row): self
    {
        $margin = $row['margin_mm'] ?? null;

        return new self(
            $row['sizes_m'], $row['price'], $row['guess_w'], $row['mean_w'], $row['frost'] ?? self::NOT_RUN,
            $margin === null ? null : $margin / 1000, $row['breaks'] ?? [],
        );
    }

    /**
     * @return array{sizes_m: array<string, float>, price: float, guess_w: float, mean_w: float|null, all_year_kwh: float, frost: string,
     * margin_mm: float|null, breaks: list<string>, holds: bool}
     */
    public function toArray(): array
    {
        return [
            'sizes_m' => $this->sizes, 'price' => $this->price, 'guess_w' => $this->guess, 'mean_w' => $this->watts,
            'all_year_kwh' => $this->energy(),
            'frost' => $this->frost, 'margin_mm' => $this->margin === null ? null : round(1000 * $this->margin, 1),
            'breaks' => $this->breaks, 'holds' => $this->holds(),
        ];
    }
}
