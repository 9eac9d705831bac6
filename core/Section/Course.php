<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\BehindKind;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\FloorFinish;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetEdge;
use Ondergrond\Design\SheetPosition;

/** Something thin that is drawn as a line: a sheet, a membrane, a course; or the line that holds the air. */
final readonly class Course
{
    /** Between two layers behind a cover as they are drawn, m. */
    private const BEHIND = 0.002;

    /**
     * @param  Part|null  $part  null for the airtight line, which is made of several
     * @param  non-empty-list<array{float, float}>  $path  m, from inside outward or from below upward
     */
    private function __construct(
        public ?Part $part,
        public array $path,
    ) {}

    /** @return list<self> */
    public static function all(Design $d, Layout $at, float $left, Window $window): array
    {
        $courses = [];
        $sheet = self::sheet($d, $at, $left);
        if ($d->sheet->present()) {
            $courses[] = new self(Part::Sheet, $sheet);
        }
        $wall = -$d->wall->insideThickness();
        if ($d->upperSheet->present()) {
            $y = $at->boardTop($d);
            $end = $at->buildUpEnd;
            $courses[] = new self(Part::UpperSheet, [[$left, $y], [$end, $y], [$end, $at->floor]]);
        }
        // A slab that is the floor has nothing on it.
        if ($d->finish->present() && $d->finish->kind !== FloorFinish::Ground) {
            $courses[] = new self(Part::Finish, [[$left, $at->floor], [min($at->buildUpEnd, $at->room), $at->floor]]);
        }
        if ($d->footing->present() && $d->footing->course === Done::Yes && $d->stem->present()) {
            $courses[] = new self(Part::Footing, [[$at->inner, $at->stemFoot], [0.0, $at->stemFoot]]);
        }
        if ($d->form->present() && $d->stem->present()) {
            array_push($courses, ...self::blocks($d, $at));
        }
        if ($d->membrane->present()) {
            $courses[] = new self(
                Part::Membrane,
                [[$at->toe, $at->stemFoot], [$at->formFace, $at->stemFoot], [$at->formFace, $at->membraneTop]],
            );
        }
        $sheets = array_values(array_filter($d->cover->kinds(), static fn (BehindKind $k): bool => $k->shedsWater()));
        foreach ($d->cover->present() ? $sheets : [] as $i => $kind) {
            $x = $at->boardFace + ($i + 0.5) * self::BEHIND;
            $courses[] = new self(Part::Cover, [[$x, $at->grade - $d->cover->depthBelowGrade], [$x, $at->top]]);
        }
        if ($d->dpc->present()) {
            array_push($courses, ...self::course($d, $at, min($at->inner, $wall)));
        }
        if ($d->shield->present()) {
            $courses[] = new self(
                Part::Shield,
                [[$at->inner / 2, $at->top], [$at->outermost, $at->top], [$at->outermost + $d->shield->drip, $at->top - $d->shield->drip]],
            );
        }
        if ($d->sheet->present()) {
            $courses[] = new self(null, self::airtight($d, $at, $sheet, $window->up));
        }

        return $courses;
    }

    public function mirrored(float $x): self
    {
        return new self($this->part, array_map(static fn (array $p): array => [2 * $x - $p[0], $p[1]], $this->path));
    }

    /** @return list<self> where one course of a form's blocks ends and the next begins, on both its faces */
    private static function blocks(Design $d, Layout $at): array
    {
        $lines = [];
        for ($y = $at->formFoot + $d->form->course; $y < $at->top - 0.01; $y += $d->form->course) {
            foreach ([[$at->inner - $d->form->inside, $at->inner], [0.0, $d->form->outside]] as [$from, $to]) {
                if ($to > $from) {
                    $lines[] = new self(Part::Form, [[$from, $y], [$to, $y]]);
                }
            }
        }

        return $lines;
    }

    /**
     * The damp-proof course: across a solid wall; in a wall of leaves one in each, the inner led down to the floor's sheet where
     * it is joined, and a tray between them that falls outward.
     *
     * @param  float  $inner  the wall's face to the room, m
     * @return list<self>
     */
    private static function course(Design $d, Layout $at, float $inner): array
    {
        $y = $at->course($d);
        $outer = max(0.0, $d->wall->outsideThickness());
        if (! $d->stem->hasLeaves()) {
            return [new self(Part::Dpc, [[$inner, $y], [$outer, $y]])];
        }
        $high = $y + $d->dpc->innerStep;
        [$in, $out] = [$at->inner + $d->stem->leaves[0]->thickness, -($d->stem->leaves[1]->thickness ?? 0.0)];
        $down = $d->dpc->joined === Done::Yes && $d->sheet->present() && $high > $at->slab
            ? [[$at->slabEnd, $at->slab], [$at->inner, $at->slab], [$at->inner, $high]]
            : [[$inner, $high]];

        return $d->dpc->tray === Done::Yes
            ? [new self(Part::Dpc, [...$down, [$in, $high], [$out, $y], [$outer, $y]])]
            : [new self(Part::Dpc, [...$down, [$in, $high]]), new self(Part::Dpc, [[$out, $y], [$outer, $y]])];
    }

    /**
     * The sheet of the floor, turned up at its edge unless it is cut off there.
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function sheet(Design $d, Layout $at, float $left): array
    {
        $stem = $d->stem->present();
        $up = match (true) {
            $d->sheet->edge === SheetEdge::CutOff => [],
            $stem => [[$at->tray, $at->slab]],
            default => [[0.0, $at->foot], [0.0, $at->slab]],
        };
        if ($d->sheet->position === SheetPosition::AboveBoards) {
            // Where stone lies on it, it comes up at the edge to the slab's underside.
            $over = $at->boarded < $at->under ? [[$at->tray, $at->boarded], [$at->tray, $at->under]] : [[$at->tray, $at->under]];

            return $stem ? [[$left, $at->boarded], ...$over, ...$up] : [
                [$left, $at->boarded], ...($at->boarded < $at->under ? $over : []),
                [$at->inner, $at->under],
                [$at->inner, $at->foot],
                ...$up,
            ];
        }
        $zone = max($left, $at->zone);
        $field = $at->boarded - $d->fieldBoard->thickness;
        $strip = $d->perimeterBoard->present() ? $at->boarded - $d->perimeterBoard->layer->thickness : $field;
        $foot = $at->foot - $d->edgeUnder->thickness;

        return $stem
            ? [[$left, $field], [$zone, $field], [$zone, $strip], [$at->tray, $strip], ...$up]
            : [[$left, $field], [$zone, $field], [$zone, $strip], [$at->tray, $strip], [$at->tray, $foot], [0.0, $foot], ...$up];
    }

    /**
     * Along the sheet, up the inner face of the stem's concrete where it is a room's wall, to the sheathing of the wall.
     *
     * @param  non-empty-list<array{float, float}>  $sheet
     * @return non-empty-list<array{float, float}>
     */
    private static function airtight(Design $d, Layout $at, array $sheet, float $up): array
    {
        return $d->stem->present()
            ? [...$sheet, [$at->inner, $at->slab], [$at->inner, $at->top], [0.0, $at->top], [0.0, $up]]
            : [...$sheet, [0.0, $up]];
    }
}
