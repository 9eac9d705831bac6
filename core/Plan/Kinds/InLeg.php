<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Remark;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** What may come up in the hollow leg of furniture, which then says how closely it has to stand. */
trait InLeg
{
    use Placed;

    /** As a pipe can be set, to either side, m; common practice, no source. */
    private const CLOSEST = 0.003;

    /** In a furniture leg: what its hollow leaves on each side, less the lean and the furniture's own. */
    public function tolerance(): float
    {
        return $this->hollow > 0.0 ? ($this->hollow - $this->diameter) / 2 - $this->lean - $this->own : $this->at->tolerance;
    }

    /** @return list<Remark> */
    private function close(): array
    {
        return $this->tolerance() >= self::CLOSEST ? [] : [new Remark('tolerance', Severity::Fix, Said::of(
            'leaves %s to either side: nobody sets a pipe so closely', Measure::size(max(0.0, $this->tolerance())),
        ))];
    }
}
