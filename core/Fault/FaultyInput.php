<?php

declare(strict_types=1);

namespace Ondergrond\Fault;

use DomainException;

/** Input that cannot be used, with every fault found in it. */
final class FaultyInput extends DomainException
{
    /** @param  non-empty-list<Fault>  $faults */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", array_map(static fn (Fault $f): string => $f->line(), $faults)));
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function because(array $faults): self
    {
        return new self($faults);
    }

    public static function one(Fault $fault): self
    {
        return new self([$fault]);
    }

    /** The same of something that holds it: pointers begin with that. */
    public function at(string $pointer): self
    {
        return new self(array_map(static fn (Fault $f): Fault => $f->at($pointer), $this->faults));
    }
}
