<?php

declare(strict_types=1);

namespace App\Later;

use App\Jobs\WorkOut;
use App\Models\Option;
use App\Models\Project;
use Illuminate\Contracts\Container\Container;

/** Asks the queue for what is not known yet. */
final readonly class Later
{
    public function __construct(private Container $container) {}

    /** Whether it is known; where it is not, it is asked for. */
    public function ask(Kind $kind, Project $project, Option $option): bool
    {
        if ($this->work($kind)->isKnown($project, $option)) {
            return true;
        }
        WorkOut::dispatch($kind, $option->id, Content::of($kind, $project, $option));

        // Without a worker beside it, it has been worked out at once.
        return $this->work($kind)->isKnown($project, $option);
    }

    public function work(Kind $kind): Work
    {
        return $this->container->make($kind->work());
    }
}
