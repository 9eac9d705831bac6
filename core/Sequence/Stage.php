<?php

declare(strict_types=1);

namespace Ondergrond\Sequence;

/** Tasks that belong together; all stages stand in Network::STAGES. */
interface Stage
{
    /** @return list<Task> those that are not done too: others may wait for what they wait for */
    public function tasks(Circumstances $of): array;
}
