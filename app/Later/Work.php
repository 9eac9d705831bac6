<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;

/** Something of an option that takes too long to be waited for: worked out by the queue, kept by all it hangs on. */
interface Work
{
    public function isKnown(Project $project, Option $option): bool;

    /**
     * Works it out and keeps it.
     *
     * @param  callable(): void  $still  to be called now and then
     *
     * @throws Outdated out of it, where the option has changed meanwhile
     */
    public function workOut(Project $project, Option $option, callable $still): void;
}
