<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\CoverBacking;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Verdict\Severity;

final class RenderBuiltUp extends Rule
{
    public function asks(): string
    {
        return 'Render on foam has a wrap, felt and lath behind it.';
    }

    public function why(): string
    {
        return 'Keyed to foam or paper it cracks, and water behind it cannot run out.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Damp;
    }

    public function parts(): array
    {
        return [Part::Cover];
    }

    public function weights(): array
    {
        return [Severity::Fix, Severity::NotChecked];
    }

    public function judge(Subject $s): ?Finding
    {
        $d = $s->design;
        if (! $d->cover->present() || $d->cover->layer->material->slug !== 'cement-render') {
            return null;
        }

        return match ($d->cover->backing) {
            CoverBacking::NotSaid => $this->notChecked('What lies behind the render is not said.', unsaid: 'cover.backing'),
            CoverBacking::Direct => $this->fix('The render sits straight on the foam.', remedy: self::usual()),
            CoverBacking::SlipLayer => null,
            CoverBacking::Layers => $d->cover->behind !== [] ? null
                : $this->fix('No layer is listed behind the render.', remedy: self::usual()),
        };
    }

    private static function usual(): Remedy
    {
        return Remedy::of('Put wrap, felt and lath behind it.', static fn (Design $d): Design => $d->with([
            'cover' => $d->cover->but(backing: CoverBacking::SlipLayer),
        ]));
    }
}
