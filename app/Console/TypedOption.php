<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Units\UnreadableQuantity;
use Symfony\Component\Console\Input\InputInterface;

/** A figure behind an option, as people write it: bare numbers are metric. */
final class TypedOption
{
    /** @throws FaultyInput where it is missing or cannot be read */
    public static function quantity(InputInterface $input, string $name, Quantity $quantity): float
    {
        $typed = $input->getOption($name);
        $typed = is_string($typed) ? $typed : '';
        try {
            return QuantityParser::parse($typed, $quantity, UnitSystem::Metric);
        } catch (UnreadableQuantity) {
            $unit = $quantity->unit(UnitSystem::Metric)->symbol;
            throw FaultyInput::one(
                Fault::of('--'.$name, $typed === '' ? 'nothing' : "“{$typed}”", "a number, with its unit where it is not {$unit}"),
            );
        }
    }

    /** @throws FaultyInput where it cannot be read */
    public static function maybe(InputInterface $input, string $name, Quantity $quantity): ?float
    {
        return $input->getOption($name) === null ? null : self::quantity($input, $name, $quantity);
    }
}
