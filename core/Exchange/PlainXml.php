<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Units\Letters;
use XMLWriter;

/** The writer of PHP, which would let through letters that XML does not allow or that turn what is read. */
final class PlainXml extends XMLWriter
{
    public function text(string $content): bool
    {
        return parent::text(Letters::plain($content));
    }

    public function writeElement(string $name, ?string $content = null): bool
    {
        return parent::writeElement($name, $content === null ? null : Letters::plain($content));
    }

    public function writeAttribute(string $name, string $value): bool
    {
        return parent::writeAttribute($name, Letters::plain($value));
    }
}
