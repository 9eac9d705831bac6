<?php

declare(strict_types=1);

namespace Ondergrond\Material;

/** What may be chosen from: the generic materials that ship, and products of one's own beside them. */
final readonly class Materials
{
    /** @param  array<string, Material>  $own  by slug; none has that of a generic one */
    private function __construct(private array $own) {}

    public static function generic(): self
    {
        return new self([]);
    }

    /** @param  iterable<Product>  $products  the first of a slug counts */
    public static function withProducts(iterable $products): self
    {
        $own = [];
        foreach ($products as $product) {
            $own[$product->slug] ??= $product->material();
        }

        return new self($own);
    }

    /** @throws \LogicException where a slug is taken */
    public function with(Material ...$own): self
    {
        $all = $this->own;
        foreach ($own as $material) {
            if ($this->find($material->slug) !== null) {
                throw new \LogicException("the slug {$material->slug} is taken");
            }
            $all[$material->slug] = $material;
        }

        return new self($all);
    }

    /** @return array<string, Material> by slug */
    public function all(): array
    {
        return [...Catalogue::all(), ...$this->own];
    }

    /** @return list<Material> that may be put there */
    public function for(Place $place): array
    {
        return array_values(array_filter($this->all(), static fn (Material $m): bool => $m->fits($place)));
    }

    public function find(string $slug): ?Material
    {
        return $this->own[$slug] ?? Catalogue::find($slug);
    }

    /** @throws UnknownMaterial */
    public function get(string $slug): Material
    {
        return $this->find($slug) ?? throw UnknownMaterial::named($slug);
    }

    /** Names all of its own: what was worked out with others is something else. Empty where there are none. */
    public function print(): string
    {
        $own = $this->own;
        ksort($own);

        return $own === [] ? '' : hash('sha256', serialize($own));
    }
}
