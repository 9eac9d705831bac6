<?php

declare(strict_types=1);

namespace Ondergrond\Design;

/** A part some of whose sizes say nothing as it stands: those of a pipe where the heat comes from a cable. */
interface Idle
{
    /** @return list<string> names of its constructor's parameters that say nothing now; `material`: that of its layer */
    public function idle(): array;
}
