<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Fitted;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Conduit;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Mend;
use Ondergrond\Plan\Passes;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A pipe through the sheet under the slab without a boot. */
final class SleeveWithoutBoot implements Clash
{
    public static function finds(): string
    {
        return 'A pipe through the sheet under the slab without a boot.';
    }

    public static function reason(): string
    {
        return 'A hole in the sheet round a pipe lets in as much damp and soil gas as metres of open seam.';
    }

    public static function source(): string
    {
        return 'ASTM E1643, from memory: every pipe through the sheet is sealed to it';
    }

    public static function in(Around $in): iterable
    {
        if (! $in->design->sheet->present()) {
            return;
        }
        foreach ([...$in->all(Sleeve::class), ...$in->all(Conduit::class)] as $id => $pipe) {
            if ($pipe->boot === Fitted::Yes || ($pipe instanceof Sleeve && $pipe->passes === Passes::Edge)) {
                continue;
            }
            $isOpen = $pipe->boot === Fitted::No;
            yield "item:{$id}" => new Found($isOpen ? Severity::Fix : Severity::NotChecked, Said::of(
                $isOpen ? 'goes through the sheet without a boot' : 'goes through the sheet; whether a boot seals it there is not said',
            ), new Mend(Said::of('Put a boot round it'), [$id => $pipe->but(boot: Fitted::Yes)]));
        }
    }
}
