<?php

declare(strict_types=1);

namespace Ondergrond\Rules;

use Closure;
use Ondergrond\Design\Design;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\Said;

/** A change of the design that takes a finding away. */
final readonly class Remedy
{
    /** @param  Closure(Design): Design  $change  may throw FaultyInput where it cannot be built so */
    private function __construct(
        public Said $said,
        private Closure $change,
    ) {}

    /** @param  Closure(Design): Design  $change */
    public static function of(Said|string $said, Closure $change): self
    {
        return new self(is_string($said) ? Said::of($said) : $said, $change);
    }

    /** @throws \Ondergrond\Fault\FaultyInput where it cannot be built so */
    public function applied(Design $design): Design
    {
        $then = ($this->change)($design);
        // Where it is built otherwise along some of its edge, that has to be possible as well.
        Stretch::all($then);

        return $then;
    }
}
