<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Blocks;

use Ondergrond\Handover\Block;

/** A paragraph. */
final readonly class Writing implements Block
{
    public function __construct(public string $text) {}
}
