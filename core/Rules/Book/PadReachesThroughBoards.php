<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Design\Supports;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Rules\SupportRemedies;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class PadReachesThroughBoards extends Rule
{
    public function asks(): string
    {
        return 'A post’s own pad reaches through the floor’s boards.';
    }

    public function why(): string
    {
        return 'A pad that ends within the boards stands on what it was to spare.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::Load;
    }

    public function parts(): array
    {
        return [Part::Supports];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        foreach ($s->design->supports->kinds() as $name => $of) {
            [, $board] = $s->at->boardAt($s->design, $of->fromEdge());
            if ($of->foot() === SupportFoot::OwnPad && $of->height() < $board->thickness - 0.001) {
                $height = $s->stock->up($board->thickness);

                return $this->fix(
                    'The pad of '.Supports::label($name).' is %1$s thick and the boards are %2$s.',
                    Measure::size($of->height()), Measure::size($board->thickness),
                    Remedy::of(
                        Said::of('Make the pad %s thick.', Measure::size($height)),
                        static fn (Design $d): Design => SupportRemedies::changed($d, $name, $of->but(height: $height)),
                    ),
                );
            }
        }

        return null;
    }
}
