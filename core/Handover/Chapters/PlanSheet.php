<?php

declare(strict_types=1);

namespace Ondergrond\Handover\Chapters;

use Ondergrond\Drawing\PlanDrawing;
use Ondergrond\Handover\Blocks\Picture;
use Ondergrond\Handover\Blocks\Table;
use Ondergrond\Handover\Chapter;
use Ondergrond\Handover\Dossier;
use Ondergrond\SetOut\Point;
use Ondergrond\SetOut\SetOut;
use Ondergrond\Units\Quantity;

/** The plan, and where everything in it is: what is found again behind a floor. */
final class PlanSheet implements Chapter
{
    public function title(): string
    {
        return 'Plan';
    }

    public function blocks(Dossier $of): array
    {
        $plan = $of->project->planOf($of->option);
        if ($plan === null) {
            return [];
        }
        $drawing = PlanDrawing::of($plan, $of->option->design, $of->option->layout, $of->format);
        $length = static fn (float $m): string => $of->format->format($m, Quantity::Length);
        $items = SetOut::of($plan, $of->option->design, $of->option->layout)->items;

        return [
            new Picture('Scale 1 : '.(int) $drawing->scale, $drawing),
            ...($items === [] ? [] : [new Table(
                'What is in the floor', ['', 'From two faces', 'Measured from', 'Level'],
                array_map(static fn (Point $p): array => [
                    $p->name, implode(', ', $p->off($of->format)), $p->face,
                    $p->level === null ? '' : $length($p->level),
                ], $items),
                [3],
            )]),
        ];
    }
}
