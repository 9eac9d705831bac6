<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Takeoff\Line;
use Ondergrond\Takeoff\OrderList;
use Ondergrond\Takeoff\Truck;

/** What a design asks for, in the shape of result files, and as a table. */
final class OrderFile
{
    /** @return array<string, mixed> money in the smallest unit of the currency */
    public static function toArray(OrderList $order): array
    {
        return [
            'currency' => $order->currency(),
            'lines' => array_map(static fn (Line $l): array => [
                'id' => $l->id, 'part' => $l->part, 'product' => $l->product, 'unit' => $l->unit->value, 'net' => $l->net,
                'waste' => $l->waste, 'quantity' => $l->quantity(), 'packs' => $l->packs(), 'pack' => $l->pack?->name,
                'price' => $order->price($l), 'cost' => $order->cost($l), 'note' => $l->note,
            ], $order->lines),
            'totals' => ['cost' => $order->total(), 'lines' => count($order->lines), 'unpriced' => count($order->unpriced())],
            'trucks' => array_map(static fn (Truck $t): array => [
                'pour' => $t->pour, 'm3' => $t->volume, 'load_m3' => $t->load, 'full' => $t->full(), 'rest_m3' => $t->rest(),
                'count' => $t->count(), 'caution' => $t->caution(),
            ], $order->trucks),
            'unpriced' => array_map(static fn (Line $l): string => $l->id, $order->unpriced()),
            'uncounted' => $order->uncounted,
        ];
    }

    /** @return list<list<string>> a heading and a row a line, prices left out where they are nobody's business */
    public static function rows(OrderList $order, bool $prices): array
    {
        $rows = [['part', 'product', 'unit', 'net', 'waste', 'quantity', 'packs', 'pack', 'note', ...($prices ? ['price', 'cost'] : [])]];
        foreach ($order->lines as $l) {
            $money = static fn (?int $cents): string => $cents === null ? '' : sprintf('%.2f', $cents / 100);
            $rows[] = [
                $l->part, $l->product, $l->unit->value, sprintf('%.3f', $l->net), sprintf('%.2f', $l->waste), sprintf(
                    '%.3f', $l->quantity(),
                ),
                $l->pack === null ? '' : (string) $l->packs(), $l->pack->name ?? '', $l->note,
                ...($prices ? [$money($order->price($l)), $money($order->cost($l))] : []),
            ];
        }

        return $rows;
    }
}
