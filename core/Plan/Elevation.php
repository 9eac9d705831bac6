<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Section\Layout;

/**
 * One wall from outside, from left to right as one stands before it: heights over the ground at the common edge, lengths along the
 * outer face of the concrete; m.
 */
final readonly class Elevation
{
    /** A door reaches so high over the floor, a window so high over its sill, at most; common practice, no source. */
    private const DOOR = 2.1;

    private const WINDOW = 0.9;

    /** Courses of blocks; common practice, no source (8 in with their joint). */
    private const BLOCK = 0.2032;

    private const BLOCK_LONG = 0.4064;

    /** Forms of foam; common practice, no source (4 ft). */
    private const FORM_LONG = 1.2192;

    /**
     * @param  string  $wall  `A–B`
     * @param  string  $left  the corner at the left
     * @param  float  $grade  ground at the left
     * @param  float  $gradeTo  ground at the right
     * @param  float  $foot  underside of beam or footing
     * @param  float|null  $footing  top of the footing; null where there is none
     * @param  float  $top  of beam or stem
     * @param  float  $floor  finished floor inside
     * @param  float  $slab  top of the slab inside
     * @param  float|null  $membrane  top of the coat; null without one
     * @param  float|null  $board  foot of the board outside; null without one
     * @param  array{float, float}|null  $cover  foot and top of what covers the board; null without one
     * @param  list<float>  $courses  heights of the joints between courses of forms or blocks, the lowest course's foot first
     * @param  float  $unit  length of a form or a block; 0 without courses
     * @param  list<array{name: string, from: float, to: float, sill: float, head: float}>  $openings
     * @param  list<Passage>  $passages
     * @param  float  $thick  of the concrete
     */
    private function __construct(
        public string $wall,
        public string $left,
        public string $right,
        public float $length,
        public float $grade,
        public float $gradeTo,
        public float $foot,
        public ?float $footing,
        public float $top,
        public float $floor,
        public float $slab,
        public ?float $membrane,
        public ?float $board,
        public ?array $cover,
        public array $courses,
        public float $unit,
        public array $openings,
        public array $passages,
        public float $thick,
    ) {}

    /** @return array<string, self> of each wall, by the corner that it begins at */
    public static function all(Plan $plan, Design $design, Items $layout): array
    {
        $plan = $plan->atConcrete($design);
        $sleeves = $plan->items->and($layout)->of(Sleeve::class);
        $all = [];
        foreach ($plan->outline->sides() as $id => $side) {
            $all[$id] = self::of($plan, $design, $id, $side, array_filter(
                $sleeves, static fn (Sleeve $s): bool => $s->passes === Passes::Edge && $plan->outline->nearest(
                    $s->at->x, $s->at->y,
                ) === $side,
            ));
        }

        return $all;
    }

    /** @param  array<string, Sleeve>  $sleeves  of that wall, by id */
    private static function of(Plan $plan, Design $design, string $id, WallLine $side, array $sleeves): self
    {
        $wall = $plan->corners[$id]->wall;
        $at = Layout::of($design, $wall->kind === WallKind::WalkOut && $design->walkout->present() ? Side::Walkout : Side::Edge);
        $isMirrored = self::isMirrored($side);
        $along = static fn (float $m): float => $isMirrored ? $side->length() - $m : $m;
        $openings = [];
        foreach ($plan->openings as $opening) {
            if ($opening->wall === $id) {
                $ends = [$along($opening->from), $along($opening->from + $opening->width)];
                $sill = $opening->kind->isDoor() ? $at->floor : $opening->sill;
                $openings[] = [
                    'name' => $opening->kind->label(), 'from' => min($ends), 'to' => max($ends), 'sill' => $sill,
                    'head' => $sill + ($opening->kind->isDoor() ? self::DOOR : self::WINDOW),
                ];
            }
        }
        $thick = -$at->inner;
        $passages = [];
        foreach ($sleeves as $sleeveId => $sleeve) {
            $passages[] = Passage::of($sleeveId, $sleeve, $along($side->alongOf($sleeve->at->x, $sleeve->at->y)), $thick, $design, $at);
        }
        usort($passages, static fn (Passage $a, Passage $b): int => $a->along <=> $b->along);
        $coverTop = $design->cover->layer->present() ? max($at->membraneTop, $at->grade) : 0.0;

        // A walk-out wall stands on its own, lower ground.
        [$from, $to] = [$at->grade + $wall->grade, $at->grade + $wall->gradeTo];

        return new self(
            "{$side->from}–{$side->to}", $isMirrored ? $side->to : $side->from, $isMirrored ? $side->from : $side->to, $side->length(),
            $isMirrored ? $to : $from, $isMirrored ? $from : $to, $at->foot - $wall->step,
            $design->stem->present() ? $at->stemFoot - $wall->step : null, $at->top, $at->floor, $at->slab,
            $design->membrane->present() ? $at->membraneTop : null, $design->edgeOutside->layer->present() ? $at->boardFoot : null,
            $design->cover->layer->present() ? [$at->grade - $design->cover->depthBelowGrade, min($at->top, $coverTop)] : null,
            ...self::courses($design, $at, $wall->step), ...[$openings, $passages, $thick],
        );
    }

    /** Where the outline is walked with the clock, whoever stands outside sees its walls from their end. */
    private static function isMirrored(WallLine $side): bool
    {
        [[$dx, $dy], [$nx, $ny]] = [$side->direction(), $side->inward()];

        return $dx * $ny - $dy * $nx < 0.0;
    }

    /** @return array{list<float>, float} */
    private static function courses(Design $design, Layout $at, float $step): array
    {
        [$from, $high, $long] = match (true) {
            $design->form->present() => [$at->formFoot, $design->form->course, self::FORM_LONG],
            $design->stem->present() && str_contains($design->stem->layer->material->slug,
                'block') => [$at->stemFoot - $step, self::BLOCK, self::BLOCK_LONG],
            default => [0.0, 0.0, 0.0],
        };
        $courses = [];
        for ($y = $from; $high > 0.0 && $y < $at->top - 1e-6; $y += $high) {
            $courses[] = $y;
        }

        return [$courses, $courses === [] ? 0.0 : $long];
    }
}
