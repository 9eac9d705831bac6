<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Material\Kind;
use Ondergrond\Rules\Companions;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Soil;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class StoneDeep extends Rule
{
    /** m. */
    private const LEAST = 0.0995;

    public function asks(): string
    {
        return 'The bed under the floor is 4 in (100 mm) of stone or more.';
    }

    public function why(): string
    {
        return 'It breaks the capillary rise, drains, and gathers soil gas.';
    }

    public function source(): string
    {
        return 'IRC R506.2.2 and its exception (from memory)';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Stone];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::Note];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;

        // A bed of foam glass breaks the rise of water as stone does.
        $bed = $d->fieldBoard->material->kind === Kind::FoamGlass ? $d->fieldBoard->thickness : 0.0;
        if (! $d->slab->present() || $d->stone->thickness + $bed >= self::LEAST) {
            return null;
        }
        $said = $d->stone->present() ? 'The bed is %1$s; %2$s are wanted.' : 'No stone lies under the floor.';
        $sizes = [Measure::size($d->stone->thickness), Measure::size($s->stock->size(4, 100))];
        $remedy = Remedy::of(
            Said::of('Lay %s of clean stone.', Measure::size($s->stock->size(4, 100))),
            static fn (Design $d): Design => (new Companions($s->stock))->ofStone($d, $s->stock->size(4, 100)),
        );

        return $s->site->soil === Soil::SandOrGravel
            ? $this->note(rtrim($said, '.').'; on sand and gravel that drain the code does without.', ...[...$sizes, $remedy])
            : $this->fix($said, ...[...$sizes, $remedy]);
    }
}
