<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\Design;
use Ondergrond\Design\FormStart;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Side;
use Ondergrond\Design\WalkoutWall;

/**
 * The lines that a section is drawn on, m: heights from the ground outside upward, x outward from the outer face of the
 * edge's concrete, so that most of them are negative.
 */
final readonly class Layout
{
    /** A permanent form that starts at grade begins this far below it, common practice, m. */
    private const FORM_BELOW_GRADE = 0.3;

    /** Over lower ground a stem wall stands out of it at least so far, m. */
    private const OUT_OF_GROUND = 0.15;

    /** m. */
    private const FINGER = 0.02;

    /** Walls lower than this are a curb and get no lining, m. */
    private const CURB = 0.3;

    /**
     * @param  float  $grade  ground outside on this side
     * @param  float  $floor  top of the finished floor
     * @param  float  $under  underside of the slab
     * @param  float  $boarded  top of the boards under it, and of the sheet that lies on them: stone may lie between
     * @param  float  $boards  underside of the deepest board under it
     * @param  float  $bed  top of the stone, under the blinding
     * @param  float  $dig  what the floor is dug to: the stone is thinnest under the thickest board
     * @param  float  $foot  underside of the beam or the footing
     * @param  float  $trench  what is dug there
     * @param  float  $stemFoot  underside of the stem, the footing's top
     * @param  float  $top  of the stem, or of the slab where there is none; the wall stands there
     * @param  float  $formFoot  where a permanent form begins
     * @param  float  $boardFoot  of the outside board; it stands on the footing where that reaches out under it
     * @param  float  $insideFoot  of the board inside the edge
     * @param  float  $membraneTop  of the membrane on this side
     * @param  float  $toe  how far the footing reaches out past the stem, to either side
     * @param  float  $inner  inner face of beam or stem
     * @param  float  $lined  inner face of all that stands against the stem
     * @param  float  $tray  where the boards under the slab end
     * @param  float  $slabEnd  where the slab ends
     * @param  float  $buildUpEnd  where what lies on the slab ends
     * @param  float  $zone  where the perimeter boards begin
     * @param  float  $formFace  outer face of a permanent form
     * @param  float  $boardFace  outer face of the outside board
     * @param  float  $outermost  of all that stands at the edge
     * @param  float  $room  face that the room begins at
     * @param  bool  $lining  whether the inside lining is there on this side
     */
    private function __construct(
        public float $grade,
        public float $floor,
        public float $slab,
        public float $under,
        public float $boarded,
        public float $boards,
        public float $bed,
        public float $dig,
        public float $foot,
        public float $trench,
        public float $stemFoot,
        public float $top,
        public float $formFoot,
        public float $boardFoot,
        public float $insideFoot,
        public float $membraneTop,
        public float $toe,
        public float $inner,
        public float $lined,
        public float $tray,
        public float $slabEnd,
        public float $buildUpEnd,
        public float $zone,
        public float $formFace,
        public float $boardFace,
        public float $outermost,
        public float $room,
        public bool $lining,
    ) {}

    public static function of(Design $d, Side $side = Side::Edge): self
    {
        $lower = $side === Side::Walkout;
        $grade = $lower ? -$d->walkout->drop : 0.0;
        $slab = $d->slab->topAboveGrade;
        $under = $d->slab->underside();
        $boarded = $under - $d->stoneOver->thickness;
        $boards = $boarded - max($d->fieldBoard->thickness, $d->perimeterBoard->thickness());
        $bed = $boards - $d->blinding->thickness;
        $stem = $d->stem->present();
        $foot = match (true) {
            $stem => $grade - ($lower ? $d->walkout->footingDepth : $d->footing->depthBelowGrade),
            default => $slab - $d->edgeBeam->depth,
        };
        $stemFoot = $stem ? $foot + $d->footing->height : $foot;
        $top = match (true) {
            $stem && $lower && $d->walkout->wall === WalkoutWall::Same => $d->stem->topAboveGrade,
            $stem && $lower => max($slab, $grade + self::OUT_OF_GROUND, $stemFoot + 0.1),
            $stem => $d->stem->topAboveGrade,
            default => $slab,
        };
        $toe = $d->footing->present() ? max(0.0, ($d->footing->width - $d->stem->layer->thickness) / 2) : 0.0;
        $width = $stem ? $d->stem->layer->thickness : $d->edgeBeam->width;
        $formFoot = $d->form->starts === FormStart::Footing ? $stemFoot : max($stemFoot, min($grade - self::FORM_BELOW_GRADE, $top));
        // The form's inner face stands beside slab and build-up only where it goes down to them; below its foot they meet the wall.
        $beside = static fn (float $height): float => -$width - ($formFoot < $height ? $d->form->inside : 0.0);
        $face = -$width - $d->form->inside;
        $lining = $d->lining->present() && $top - $d->finishedFloor() > self::CURB;
        $lined = $face - ($lining ? $d->lining->thickness() : 0.0);
        $tray = $beside($slab) - $d->edgeInside->layer->thickness;
        $boardFace = $d->form->outside + $d->edgeOutside->layer->thickness;

        return new self(
            grade: $grade,
            floor: $d->finishedFloor(),
            slab: $slab,
            under: $under,
            boarded: $boarded,
            boards: $boards,
            bed: $bed,
            dig: $bed - $d->stone->thickness,
            foot: $foot,
            trench: $foot - $d->edgeUnder->thickness - ($stem ? 0.0 : $d->stone->thickness),
            stemFoot: $stemFoot,
            top: $top,
            formFoot: $formFoot,
            boardFoot: max($grade - $d->edgeOutside->depthBelowGrade, match (true) {
                ! $stem => -INF,
                $toe > $d->form->outside => $stemFoot,
                default => $foot,
            }),
            insideFoot: match (true) {
                $d->edgeInside->depth > 0.0 => max($stemFoot, $slab - $d->edgeInside->depth),
                $stem => max($stemFoot, min($bed - $d->stone->thickness, $under)),
                default => $foot,
            },
            membraneTop: $lower ? min($top, $grade + max(0.0, $d->membrane->topAboveGrade)) : $d->membrane->topAboveGrade,
            toe: $toe,
            inner: -$width,
            lined: $lined,
            tray: $tray,
            slabEnd: $stem ? $tray : 0.0,
            // On a stem at the stem or its lining, on a beam at the wall, which stands on the slab.
            buildUpEnd: $stem ? ($lining ? $lined : $beside($d->finishedFloor())) : -$d->wall->insideThickness(),
            zone: $tray - $d->perimeterBoard->span(),
            formFace: $d->form->outside,
            boardFace: $boardFace,
            outermost: max(
                $boardFace + $d->drainage->layer->thickness,
                $boardFace + $d->cover->layer->thickness,
                $d->wall->outsideThickness(),
            ),
            room: -$d->wall->insideThickness() + $d->roomShare() * min(0.0, $lined + $d->wall->insideThickness()),
            lining: $lining,
        );
    }

    /**
     * Width of the air shut in behind the lining where the form above it does not reach down, m; 0 where there is none or it is open to
     * the room.
     */
    public function cavity(Design $design, float $y): float
    {
        return $this->lining && $y < $this->formFoot && $design->lining->gapAboveFloor <= 0.0 ? $design->form->inside : 0.0;
    }

    /**
     * Foot of the inside lining, m: what reaches the floor stands on the slab, and the floor's build-up ends at it; what stops short of
     * the floor by more than a finger stands on nothing.
     */
    public function liningFoot(Design $design): float
    {
        $gap = $design->lining->gapAboveFloor;

        return $this->floor + $gap - ($this->floor - $this->slab - $design->mat->layer->thickness) * max(0.0, 1.0 - $gap / self::FINGER);
    }

    /** @return array{Part, Layer} the board under the slab so far in from the outer face of the edge */
    public function boardAt(Design $design, float $fromEdge): array
    {
        return $design->perimeterBoard->present() && $fromEdge < -$this->zone
            ? [Part::Perimeter, $design->perimeterBoard->layer] : [Part::Field, $design->fieldBoard];
    }

    /** Height of the mat's top, on which boards lie, m. */
    public function matTop(Design $design): float
    {
        return $this->slab + $design->mat->layer->thickness;
    }

    /** Height of the top of the boards on the slab, m. */
    public function boardTop(Design $design): float
    {
        return $this->matTop($design) + $design->boardAbove->thickness;
    }

    /** Where the mat ends, m: behind the face of what lines the wall, at the wall itself at most. */
    public function matEnd(Design $design): float
    {
        $wall = $this->lining ? $this->inner - $design->form->inside : $this->buildUpEnd;

        return min($wall, $this->buildUpEnd + $design->mat->behind);
    }

    /** Height of the damp-proof course, m: over lower ground a wall of wood begins lower, and its course with it. */
    public function course(Design $design): float
    {
        $height = $this->grade + $design->dpc->heightAboveGrade;

        return $this->grade < 0.0 ? min($height, $this->top) : $height;
    }

    /** Where a door's leaf begins, m: over a deck its sill lies on the joists, and what stands before them on the stem is the wall. */
    public function sill(Design $design): float
    {
        return max($this->top, $design->deck->present() ? $design->deck->topAboveGrade : -INF);
    }

    /** Underside of the deck, m; null where there is none. */
    public static function deckUnderside(Design $design): ?float
    {
        return $design->deck->present() ? $design->deck->topAboveGrade - $design->deck->thickness() : null;
    }
}
