<?php

declare(strict_types=1);

namespace Ondergrond\Section;

use Ondergrond\Design\BehindKind;
use Ondergrond\Design\Design;
use Ondergrond\Design\DrainMade;
use Ondergrond\Design\Part;
use Ondergrond\Design\Side;
use Ondergrond\Design\SupportFoot;
use Ondergrond\Material\Catalogue;

/** What a section shows and no field has: it stands here and there, or is thinner than any mesh. */
final readonly class Fittings
{
    /** Thickness of the plate under a wall, common practice, m. */
    private const PLATE = 0.04;

    /** Of a post or wall over the floor that is drawn, m. */
    private const STUMP = 0.3;

    /** Between the wires of a lath, and thickness of a screw, as drawn, m. */
    private const LATH = 0.03;

    private const SCREW = 0.005;

    /** Thickness of a hollow board that forms a footing, common practice, m. */
    private const FORM_BOARD = 0.06;

    /** Of concrete at the outer end of a ledge, m. */
    private const LIP = 0.1;

    private function __construct(
        private Design $d,
        private Side $side,
        private Layout $at,
        private Window $window,
    ) {}

    public static function of(Design $design, Side $side, Layout $at, Window $window): self
    {
        return new self($design, $side, $at, $window);
    }

    /** @return list<Region|null> */
    public function regions(): array
    {
        return [
            ...$this->ledge(), ...$this->behindCover(), ...$this->formBoards(), ...$this->supports(), ...$this->anchors(), ...$this->bars(),
        ];
    }

    /**
     * Lath behind a cover, and the screws that hold it, drawn only.
     *
     * @return list<Region|null>
     */
    private function behindCover(): array
    {
        [$cover, $at] = [$this->d->cover, $this->at];
        if (! $cover->present()) {
            return [];
        }
        $metal = Catalogue::get('steel-bar');
        [$foot, $top, $t] = [$at->grade - $cover->depthBelowGrade, $at->top, $cover->layer->thickness];
        $regions = [];
        $lath = array_filter($cover->kinds(), static fn (BehindKind $k): bool => $k->holdsRender()) !== [];
        for ($y = $foot + self::LATH / 2; $lath && $y < $top; $y += self::LATH) {
            $regions[] = Region::ring(Part::Cover, $metal, $at->boardFace + $t / 3, $y, min(0.004, $t / 3));
        }
        for ($y = $top - 0.1; $cover->held->embedment() !== null && $y > $foot; $y -= $cover->screwsApart) {
            $length = $cover->screw > 0.0 ? $cover->screw : $t;
            $regions[] = Region::box(
                Part::Cover, $metal, $at->boardFace + $t - $length, $y - self::SCREW / 2, $at->boardFace + $t, $y + self::SCREW / 2,
            )?->drawnOnly();
        }

        return $regions;
    }

    /** @return list<Region|null> the core goes out to the form's face and past it where brick starts */
    private function ledge(): array
    {
        [$form, $at] = [$this->d->form, $this->at];
        if (! $form->present() || $form->ledge <= 0.0 || ! $this->d->stem->present() || $this->side === Side::Neighbour) {
            return [];
        }
        $top = min($at->top, $at->grade + $form->ledgeHeight);
        $foot = max($at->formFoot, $top - $form->course);

        return [(new Region(
            Part::Form, $this->d->stem->layer->material,
            [[0.0, $foot], [$form->outside + $form->ledge, $top - self::LIP], [$form->outside + $form->ledge, $top], [0.0, $top]],
        ))->drawnOnly()];
    }

    /** @return list<Region|null> hollow boards that formed the footing's sides and stay as its drains */
    private function formBoards(): array
    {
        [$d, $at] = [$this->d, $this->at];
        if ($d->drains->made !== DrainMade::FormBoards) {
            return [];
        }
        $board = fn (float $x): ?Region => Region::box(
            Part::Drains, Catalogue::get('dimple-membrane'), $x, $at->foot, $x + self::FORM_BOARD, $at->stemFoot,
        )?->drawnOnly();

        return [
            $d->drains->outer > 0.0 ? $board($at->toe) : null,
            $d->drains->inner > 0.0 ? $board($at->inner - $at->toe - self::FORM_BOARD) : null,
        ];
    }

    /**
     * Posts and bearing walls in their typical place, with hard board or pad under each; they stand here and there, so that
     * no field of the edge has them.
     *
     * @return list<Region|null>
     */
    private function supports(): array
    {
        [$d, $at] = [$this->d, $this->at];
        if ($this->side === Side::Neighbour || $this->side->isWhole()) {
            return [];
        }
        $regions = [];
        foreach ($d->supports->kinds() as $of) {
            $x = -$of->fromEdge();
            $half = $of->width() / 2;
            [, $board] = $at->boardAt($d, $of->fromEdge());
            $regions[] = match ($of->foot()) {
                SupportFoot::Slab => null,
                SupportFoot::HardBoard => Region::box(
                    Part::Supports, $of->board(), $x - $half, $at->boarded - $board->thickness, $x + $half, $at->boarded,
                ),
                SupportFoot::OwnPad => Region::box(
                    Part::Supports, $d->slab->layer->material, $x - $half, $at->under - $of->height(), $x + $half, $at->under,
                ),
            };
            $regions[] = Region::box(
                Part::Supports, Catalogue::get('softwood'), $x - $of->plate() / 2, $at->slab, $x + $of->plate() / 2,
                min($this->window->up, $at->floor + self::STUMP),
            );
        }

        return array_map(static fn (?Region $r): ?Region => $r?->drawnOnly(), $regions);
    }

    /** @return list<Region|null> */
    private function anchors(): array
    {
        [$d, $at] = [$this->d, $this->at];
        if (! $d->anchors->present() || $this->side === Side::Neighbour || $this->side === Side::Door) {
            return [];
        }
        $x = -max(0.05, $d->wall->insideThickness() / 2);

        return [Region::box(
            Part::Anchors, Catalogue::get('steel-bar'), $x - $d->anchors->bolt / 2, $at->top - $d->anchors->deep,
            $x + $d->anchors->bolt / 2, $at->top + self::PLATE + 0.02,
        )?->drawnOnly()];
    }

    /**
     * Bars along footing or beam, dowels, and bars in the wall: too thin for any field.
     *
     * @return list<Region|null>
     */
    private function bars(): array
    {
        [$d, $at, $bars] = [$this->d, $this->at, $this->d->edgeSteel];
        if (! $bars->present() || $this->side === Side::Neighbour) {
            return [];
        }
        $regions = [];
        $made = Catalogue::get($d->steel->made->material());
        $stem = $d->stem->present();
        $middle = $at->inner / 2;
        [$x0, $x1] = $stem ? [$middle - $d->footing->width / 2, $middle + $d->footing->width / 2] : [$at->inner, 0.0];
        $top = $stem ? $at->stemFoot : $at->slab;
        $heights = $bars->mats > 1.0 ? [$at->foot + $bars->cover, $top - $d->steel->cover] : [$at->foot + $bars->cover];
        $round = $bars->bar > 0.0 && ($d->footing->present() || ! $stem) ? (int) $bars->count : 0;
        for ($i = 0; $i < $round; $i++) {
            $x = $round === 1 ? ($x0 + $x1) / 2 : $x0 + $bars->cover + $i * ($x1 - $x0 - 2 * $bars->cover) / ($round - 1);
            foreach ($heights as $y) {
                $regions[] = Region::ring(Part::EdgeSteel, $made, $x, $y, $bars->bar);
            }
        }
        if (! $stem) {
            return $regions;
        }
        $upright = static fn (float $x, float $bar, float $from, float $to): ?Region => Region::box(
            Part::EdgeSteel, $made, $x - $bar / 2, $from, $x + $bar / 2, $to,
        )?->drawnOnly();
        $wall = $at->inner + $bars->wallCover + $bars->wallBar / 2;

        return [
            ...$regions,
            $bars->dowel <= 0.0 || ! $d->footing->present() ? null : $upright(
                $middle, $bars->dowel, $at->foot + $bars->cover, min($at->top, $at->stemFoot + max($bars->lap, 0.4)),
            ),
            $bars->wallBar > 0.0 ? $upright($wall, $bars->wallBar, $at->stemFoot, $at->top - $bars->wallCover) : null,
        ];
    }
}
