<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Ondergrond\Codec\ProductCodec;
use Ondergrond\Material\Materials;
use Ondergrond\Material\Product;
use Ondergrond\Takeoff\PriceList;

/**
 * @property int $id
 * @property string $name
 * @property array<string, mixed> $prices  as in price files
 * @property array<string, array<string, mixed>> $products  of its own, by slug, as in project files
 * @property-read Collection<int, User> $members
 */
final class Firm extends Model
{
    public const LONGEST_NAME = 120;

    protected $fillable = ['name', 'prices', 'products'];

    protected $attributes = ['prices' => '{}', 'products' => '{}'];

    protected $casts = ['prices' => 'array', 'products' => 'array'];

    /** What may be chosen from: the generic materials, and the firm's own products once it has any. */
    public function materials(): Materials
    {
        return Materials::withProducts($this->ownProducts());
    }

    /** @return array<string, Product> by slug, in the order of their names */
    public function ownProducts(): array
    {
        $all = array_map(ProductCodec::fromValid(...), $this->products);
        uasort($all, static fn (Product $a, Product $b): int => strcoll($a->name, $b->name));

        return array_column($all, null, 'slug');
    }

    /** A product as it is from now on; projects keep the version they took. */
    public function keep(Product $product): void
    {
        $this->update(['products' => [...$this->products, $product->slug => ProductCodec::toArray($product)]]);
    }

    public function priceList(): PriceList
    {
        return PriceList::fromArray($this->prices, $this->materials());
    }

    /** @return HasMany<User, $this> */
    public function members(): HasMany
    {
        return $this->hasMany(User::class)->orderBy('name');
    }

    /** @return HasMany<Project, $this> */
    public function projects(): HasMany
    {
        return $this->hasMany(Project::class);
    }

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class)->latest()->orderBy('id');
    }

    /** A firm without an owner could never get one again. */
    public function lastOwner(User $member): bool
    {
        return $member->role->owns() && $this->members()->where('role', Role::Owner)->count() === 1;
    }
}
