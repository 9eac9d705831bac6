<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** For parts whose properties are their constructor's parameters. */
trait Remade
{
    /** The same with other sizes, by the names of its constructor's parameters. */
    public function but(mixed ...$sizes): self
    {
        return new self(...[...get_object_vars($this), ...$sizes]);
    }
}
