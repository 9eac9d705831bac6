<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Register\OpenPoint;
use Ondergrond\Register\Register;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/** A register in the shape of result files; sentences are metric there. */
final class RegisterFile
{
    /** @return array{open: int, points: list<array<string, mixed>>} */
    public static function toArray(Register $register): array
    {
        $format = new QuantityFormatter(UnitSystem::Metric);

        return [
            'open' => count($register->open()),
            'points' => array_map(static fn (OpenPoint $p): array => [
                'id' => $p->id, 'hold' => $p->holdId(), 'from' => $p->origin->value, 'at' => $p->at, 'what' => $p->text($format),
                'trade' => $p->trade, 'due' => $p->due === '' ? 'before the pour' : $p->due, 'severity' => $p->severity->value ?? 'open',
                'open' => $p->isOpen(), 'changed' => $p->isOther, 'settled_how' => $p->settled?->text, 'settled_by' => $p->settled?->who,
                'settled_at' => $p->settled?->at,
            ], array_values($register->points)),
        ];
    }
}
