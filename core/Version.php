<?php

declare(strict_types=1);

namespace Ondergrond;

/** What each export says it was made by. */
final class Version
{
    public const PROGRAM = '0.1.0';

    /** Raised whenever a formula, a constant or a convention in docs/methods.md changes an answer. */
    public const METHODS = 12;
}
