<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Blocks;

use Ondergrond\Handover\Block;

/** One line under another. */
final readonly class Lines implements Block
{
    /** @param  list<string>  $lines */
    public function __construct(public array $lines) {}
}
