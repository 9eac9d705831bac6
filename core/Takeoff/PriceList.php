<?php

declare(strict_types=1);

namespace Ondergrond\Takeoff;

use Ondergrond\Design\Design;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Materials;

/** What materials cost, as somebody has been quoted; laid in place or bought, as they choose, but the same for all. */
final readonly class PriceList
{
    private const HIGHEST = 1_000_000.0;

    /**
     * @param  array<string, float>  $perCubicMetre  by material
     * @param  array<string, float>  $perUnit  by good, for each of its units
     */
    private function __construct(
        public string $currency,
        public array $perCubicMetre,
        public array $perUnit = [],
    ) {}

    public static function none(): self
    {
        return new self('', []);
    }

    /**
     * @param  array<array-key, mixed>  $data  `currency`, `per_m3` by material and `per_unit` by good, as in price files
     * @param  Materials|null  $materials  that may have a price; null: the generic ones
     *
     * @throws FaultyInput for an unknown material or a price that is none
     */
    public static function fromArray(array $data, ?Materials $materials = null): self
    {
        $materials ??= Materials::generic();
        $faults = [];
        $currency = is_string($data['currency'] ?? '') ? $data['currency'] ?? '' : null;
        if ($currency === null || mb_strlen($currency) > 8) {
            $faults[] = Fault::of('/currency', $currency === null ? 'no words' : "“{$currency}”", 'up to 8 characters, such as EUR');
        }
        $per = $data['per_m3'] ?? [];
        $prices = [];
        foreach (is_array($per) ? $per : [] as $slug => $price) {
            if ($materials->find((string) $slug) === null) {
                $faults[] = Fault::of("/per_m3/{$slug}", "“{$slug}”", 'a material of the catalogue');
            } elseif (! is_int($price) && ! is_float($price) || $price < 0 || $price > self::HIGHEST) {
                $faults[] = Fault::of(
                    "/per_m3/{$slug}",
                    is_scalar($price) ? (string) $price : gettype($price),
                    'a price for a cubic metre, 0 to 1 000 000',
                );
            } else {
                $prices[(string) $slug] = (float) $price;
            }
        }
        $each = [];
        $per = $data['per_unit'] ?? [];
        foreach (is_array($per) ? $per : [] as $slug => $price) {
            if (Good::tryFrom((string) $slug) === null) {
                $faults[] = Fault::of("/per_unit/{$slug}", "“{$slug}”", implode(', ', array_column(Good::cases(), 'value')));
            } elseif (! is_int($price) && ! is_float($price) || $price < 0 || $price > self::HIGHEST) {
                $faults[] = Fault::of(
                    "/per_unit/{$slug}", is_scalar($price) ? (string) $price : gettype($price), 'a price, 0 to 1 000 000',
                );
            } else {
                $each[(string) $slug] = (float) $price;
            }
        }
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }

        return new self($currency, $prices, $each);
    }

    /** @return array{currency: string, per_m3: array<string, float>, per_unit: array<string, float>} */
    public function toArray(): array
    {
        return ['currency' => $this->currency, 'per_m3' => $this->perCubicMetre, 'per_unit' => $this->perUnit];
    }

    public function isEmpty(): bool
    {
        return $this->perCubicMetre === [];
    }

    /** What the materials come to; those without a price are left out, see `missing`. */
    public function cost(Design $design): float
    {
        return array_sum(
            array_map(fn (Item $i): float => ($this->perCubicMetre[$i->material->slug] ?? 0.0) * $i->volume(), Takeoff::of($design)),
        );
    }

    /** @return list<string> names of materials of the design that have no price */
    public function missing(Design $design): array
    {
        $names = [];
        foreach (Takeoff::of($design) as $item) {
            if (! isset($this->perCubicMetre[$item->material->slug])) {
                $names[$item->material->slug] = $item->material->name;
            }
        }

        return array_values($names);
    }
}
