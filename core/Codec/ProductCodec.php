<?php

declare(strict_types=1);

namespace Ondergrond\Codec;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Materials;
use Ondergrond\Material\Product;

/** Products of one's own to and from the shape they have in project files ($defs/product of the schema). */
final class ProductCodec
{
    /** @return array<string, mixed> */
    public static function toArray(Product $product): array
    {
        return PartCodec::toArray($product);
    }

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws FaultyInput with every fault, pointers beginning at the product
     */
    public static function fromArray(array $data): Product
    {
        $faults = Schema::Project->partFaults($data, 'product');

        return $faults === [] ? self::fromValid($data) : throw FaultyInput::because($faults);
    }

    /**
     * @param  array<string, mixed>  $data  of the schema's shape
     *
     * @throws FaultyInput
     */
    public static function fromValid(array $data): Product
    {
        $faults = [];
        if (Catalogue::find($data['like']) === null) {
            $faults[] = Fault::of('/like', "“{$data['like']}”", implode(', ', array_keys(Catalogue::all())));
        }
        $byR = ($data['resistance_m2kw'] ?? null) !== null;
        if (($data['conductivity_w_mk'] ?? null) === null && ! $byR) {
            $faults[] = Fault::of('/conductivity_w_mk', 'neither λ nor R', 'λ, or R and the thickness it is said of');
        } elseif ($byR && ($data['thickness_m'] ?? null) === null) {
            $faults[] = Fault::of('/thickness_m', 'R of no thickness', 'the thickness that R is said of');
        } elseif ($byR && ($data['films'] ?? 'no') === 'yes' && $data['resistance_m2kw'] <= Product::FILMS + 0.01) {
            $faults[] = Fault::of('/resistance_m2kw', 'no more than air films alone', 'an R over 0.18 m²K/W, or one without films');
        } elseif ($byR && ($data['conductivity_w_mk'] ?? null) !== null) {
            $bare = $data['resistance_m2kw'] - (($data['films'] ?? 'no') === 'yes' ? Product::FILMS : 0.0);
            // A sheet rounds both.
            if (abs($data['thickness_m'] / $data['conductivity_w_mk'] / $bare - 1) > 0.1) {
                $faults[] = Fault::of(
                    '/resistance_m2kw', sprintf('R %.2f m²K/W, which λ does not give in that thickness', $data['resistance_m2kw']),
                    sprintf('%.2f m²K/W by its λ, or one of the two alone', $data['thickness_m'] / $data['conductivity_w_mk']),
                );
            }
        }
        foreach (['air_layer_m' => 's_d of no thickness', 'by_square' => 'the square metre of no thickness'] as $key => $found) {
            if (! in_array($data[$key] ?? null, [null, 'no'], true) && ($data['thickness_m'] ?? null) === null) {
                $faults[] = Fault::of('/thickness_m', $found, 'the thickness that it is said of');
            }
        }
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
        $usual = [
            'version' => 1, 'conductivity_w_mk' => null, 'resistance_m2kw' => null, 'thickness_m' => null, 'films' => 'no',
            'strength_kpa' => null, 'lasting_kpa' => null, 'mu' => null, 'air_layer_m' => null, 'hottest_c' => null, 'sold_m' => [],
            'sheet' => '', 'mark' => '', 'by_square' => 'no',
        ];

        return PartCodec::fromArray(Product::class, [...$usual, ...$data], Materials::generic());
    }
}
