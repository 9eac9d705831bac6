<?php

declare(strict_types=1);

namespace App\Forms;

use App\Models\Firm;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Ondergrond\Codec\ProductCodec;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Product;
use Ondergrond\Size\Parameter;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/** A product of the firm's own as its page sends it. */
final readonly class TypedProduct
{
    /** What is not typed. */
    private const GIVEN = ['slug', 'version'];

    public function __construct(private QuantityFormatter $format) {}

    /**
     * What its page shows of it.
     *
     * @return array<string, string> texts by key
     */
    public function shown(?Product $product): array
    {
        $texts = [];
        $data = $product === null ? ['like' => 'xps-25psi', 'films' => 'no', 'by_square' => 'no'] : ProductCodec::toArray($product);
        foreach (self::typed() as $p) {
            $value = $data[$p->key] ?? null;
            $quantity = $p->size?->quantity;
            $texts[$p->key] = match (true) {
                $value === null => '',
                is_array($value) && $quantity !== null => implode('; ', array_map(
                    fn (float $v): string => $this->format->format($v, $quantity), $value,
                )),
                $quantity !== null && is_numeric($value) => $this->format->format((float) $value, $quantity),
                default => is_scalar($value) ? (string) $value : '',
            };
        }

        return $texts;
    }

    /** @return list<Parameter> what is typed, in order */
    public static function typed(): array
    {
        return array_values(array_filter(
            Parameter::of(Product::class), static fn (Parameter $p): bool => ! in_array($p->key, self::GIVEN, true),
        ));
    }

    /**
     * @param  array<array-key, mixed>  $texts
     * @param  Product|null  $before  that it is a later version of; null: a new one
     *
     * @throws ValidationException with a message at each field
     */
    public function read(array $texts, ?Product $before, Firm $firm): Product
    {
        $name = is_string($texts['name'] ?? null) ? trim($texts['name']) : '';
        $data = ['slug' => $before->slug ?? self::slug($name, $firm), 'version' => (int) ($before->version ?? 0) + 1];
        $errors = [];
        $shown = $this->shown($before);
        $stored = $before === null ? [] : ProductCodec::toArray($before);
        foreach (self::typed() as $p) {
            // What is not sent stays as it is shown.
            $text = is_string($texts[$p->key] ?? null) ? trim($texts[$p->key]) : $shown[$p->key];
            try {
                // What still reads as it was written keeps its last digit.
                $data[$p->key] = $before !== null && $text === $shown[$p->key] ? $stored[$p->key] : $this->value($p, $text);
            } catch (UnreadableQuantity $e) {
                $errors["product.{$p->key}"][] = $e->getMessage();
            }
        }
        try {
            $product = $errors === [] ? ProductCodec::fromArray($data) : null;
        } catch (FaultyInput $e) {
            $product = null;
            foreach ($e->faults as $fault) {
                $key = explode('/', ltrim($fault->pointer, '/'))[0];
                $quantity = ($this->parameter($key))?->size?->quantity;
                $errors["product.{$key}"][] = $quantity === null
                    ? "Allowed: {$fault->allowed}." : $fault->allowedIn($this->format, $quantity);
            }
        }

        return $product ?? throw ValidationException::withMessages($errors);
    }

    private function parameter(string $key): ?Parameter
    {
        foreach (self::typed() as $p) {
            if ($p->key === $key) {
                return $p;
            }
        }

        return null;
    }

    /** @throws UnreadableQuantity */
    private function value(Parameter $p, string $text): mixed
    {
        $quantity = $p->size?->quantity;
        if ($quantity === null) {
            return $text;
        }
        $read = fn (string $one): float => QuantityParser::parse($one, $quantity, $this->format->system, $this->format->mark);
        if ($p->type === 'array') {
            $all = array_filter(array_map(trim(...), explode(';', $text)), static fn (string $s): bool => $s !== '');

            return array_map($read, array_values($all));
        }

        return $text === '' && $p->isNullable ? null : $read($text);
    }

    /** One that no other of the firm's has. */
    private static function slug(string $name, Firm $firm): string
    {
        $word = mb_substr(Str::slug($name), 0, 50);
        $slug = $base = Product::MARK.($word === '' ? 'product' : $word);
        for ($n = 2; isset($firm->products[$slug]); $n++) {
            $slug = "{$base}-{$n}";
        }

        return $slug;
    }
}
