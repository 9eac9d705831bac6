<?php

declare(strict_types=1);

namespace Ondergrond\Glossary;

/** A word of the trade, as this program uses it. */
final readonly class Term
{
    /** @param  string  $symbol  as formulas write it, with its unit; empty where there is none */
    public function __construct(
        public string $word,
        public string $meaning,
        public string $symbol = '',
    ) {}
}
