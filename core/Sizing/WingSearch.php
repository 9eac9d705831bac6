<?php

declare(strict_types=1);

namespace Ondergrond\Sizing;

use Ondergrond\Assessor;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Stock;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Side;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Frost\FrostDemand;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Frost\FrostTable;
use Ondergrond\Frost\FrostVerdict;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Rules\TableWing;
use Ondergrond\Section\Layout;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\Site;
use Ondergrond\Site\WinterUse;
use Ondergrond\Units\UnitSystem;

/**
 * The least wing and edge board with which frost stays out by the field, no less than the table asks: for each thickness that is
 * sold the narrowest width is found by halving, since a wider wing never lets frost nearer; a thicker edge board follows only
 * where no wing holds alone.
 */
final class WingSearch
{
    /** Widths and thicknesses of wings, in and mm (common practice, no source). */
    private const WIDTHS = [[12, 300], [24, 600], [36, 900], [48, 1200], [60, 1500], [72, 1800], [96, 2400]];

    private const THICKNESSES = [[2, 50], [3, 80], [4, 100], [6, 150]];

    /** Of the edge board, where no wing does. */
    private const EDGES = [[2, 50], [4, 100], [6, 150], [8, 200]];

    /** A wing is half as wide again at corners, which no section sees (common practice, no source). */
    private const CORNER = 1.5;

    private const DEPTH = [10, 250];

    private const FALL = [2, 50];

    /** @var list<WingTry> */
    private array $tries = [];

    private ?WingTry $best = null;

    /** @var array{corner: string, corner_asks: list<string>, without_heat_mm: float|null, without_heat_side: string, without_heat_day: string|null}|null */
    private ?array $beside = null;

    /**
     * @param  callable(Stretch, WinterUse, callable(): void): FrostProof  $prove
     * @param  callable(WingOutcome): bool  $still  is told after each try and each few days of one; false to end
     */
    private function __construct(
        private readonly Stock $stock,
        private readonly Design $design,
        private readonly Material $board,
        private readonly bool $byTable,
        private readonly WinterUse $use,
        private $prove,
        private $still,
    ) {}

    /**
     * @param  callable(WingOutcome): bool  $still  is told now and then how far it is; false to end
     * @param  (callable(Stretch, WinterUse, callable(): void): FrostProof)|null  $prove  the field; null: that of the section
     * @param  bool  $wingAlone  changes no other size: what the table asks of depth and edge board is left to be found
     *
     * @throws FaultyInput where a wing cannot help
     */
    public static function run(
        Site $site,
        Design $design,
        UnitSystem $units,
        callable $still,
        ?callable $prove = null,
        bool $wingAlone = false,
    ): WingOutcome {
        [$floor, $board, $table] = self::least($site, $design, $units, $wingAlone);
        $drawn = $design->wing;
        $stock = new Stock($units);
        $prove ??= static fn (
            Stretch $stretch,
            WinterUse $use,
            callable $tick,
        ): FrostProof => Assessor::proof($site, $stretch, $use, $tick);
        $search = new self($stock, $design, $board, $table && ! $wingAlone, $site->frost->use, $prove, $still);
        try {
            $search->search($floor);
            $search->beside($site);
        } catch (Ended) {
            return $search->outcome(false);
        }

        return $search->outcome(true);
    }

    /**
     * Sizes besides the wing's that the search changes because the table asks it, so that they can be asked before.
     *
     * @return list<Change>
     *
     * @throws FaultyInput where a wing cannot help
     */
    public static function besides(Site $site, Design $design, UnitSystem $units): array
    {
        return Change::all($design, self::least($site, $design, $units, false)[0]);
    }

    /** Whether there is anything besides that has to be asked before. */
    public static function asks(Site $site, Design $design, UnitSystem $units): bool
    {
        try {
            return self::besides($site, $design, $units) !== [];
        } catch (FaultyInput) {
            return false;
        }
    }

    /**
     * The least that is tried: no wing, or what the table asks.
     *
     * @return array{Design, Material, bool} with the wing's board, and whether the table says anything
     *
     * @throws FaultyInput where a wing cannot help
     */
    private static function least(Site $site, Design $design, UnitSystem $units, bool $wingAlone): array
    {
        $verdict = FrostVerdict::of($site, $design);
        self::refuse($verdict, $design);
        $stock = new Stock($units);
        $table = $verdict->table->why === null;
        // A wing that is drawn lends its board and its depth, not its size: a smaller one may do.
        $drawn = $design->wing;
        $board = $drawn->present() && FrostTable::effective(
            $drawn->layer->material,
            1.0,
            true,
        ) > 0.0 ? $drawn->layer->material : Catalogue::get('xps-40psi');
        $bare = $design->with(
            [
                'wing' => $drawn->but(
                    layer: Layer::of($board, 0.0),
                    width: 0.0,
                    fall: 0.0,
                    cornerThickness: 0.0,
                    cornerWidth: 0.0,
                    cornerLength: 0.0,
                ),
            ],
        );
        $floor = $table ? TableWing::fitted($bare, $verdict->table->index, $stock, $board, $wingAlone) : $bare;
        if ($drawn->present() && $floor->wing->present()) {
            $floor = $floor->with(['wing' => $floor->wing->but(depth: $drawn->depth, fall: min($drawn->fall, 0.5 * $floor->wing->width))]);
        }

        return [$floor, $board, $table];
    }

    /** @throws FaultyInput */
    private static function refuse(FrostVerdict $verdict, Design $design): void
    {
        if ($verdict->reason !== null) {
            throw FaultyInput::one(Fault::of('/wing', 'frost that is not judged', lcfirst($verdict->reason)));
        }
        if ($design->deck->present() || $design->depth() > 0.3) {
            throw FaultyInput::one(
                Fault::of('/wing', 'a floor below the ground', 'a slab near the ground; a basement’s footing goes below frost'),
            );
        }
    }

    private function search(Design $floor): void
    {
        // What the table asks, or no wing at all, may do.
        if ($this->attempt($floor)) {
            return;
        }
        foreach ($this->edges($floor) as $edge) {
            foreach (self::THICKNESSES as $size) {
                $this->narrowest($edge, max($this->stock->size(...$size), $floor->wing->present() ? $floor->wing->layer->thickness : 0.0));
            }
            if ($this->best !== null) {
                return;
            }
        }
    }

    /** @return list<Design> with its own edge board first, then with thicker ones */
    private function edges(Design $floor): array
    {
        $board = $floor->edgeOutside;
        $designs = [$floor];
        foreach ($board->present() ? self::EDGES : [] as $size) {
            $thick = $this->stock->size(...$size);
            if ($thick > $board->layer->thickness + 0.001) {
                $designs[] = $floor->with(['edgeOutside' => $board->but(layer: $board->layer->thick($thick))]);
            }
        }

        return $designs;
    }

    private function narrowest(Design $edge, float $thickness): void
    {
        $designs = [];
        foreach (self::WIDTHS as $size) {
            $with = $this->withWing($edge, $thickness, $this->stock->size(...$size));
            if ($with !== null && ($this->best === null || WingTry::board($with) < WingTry::board($this->best->design) - 1e-6)) {
                $designs[] = $with;
            }
        }
        if ($designs === []) {
            return;
        }
        // The widest first: where it fails, all do.
        [$low, $high] = [0, count($designs) - 1];
        if (! $this->attempt($designs[$high])) {
            return;
        }
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->attempt($designs[$middle])) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }
    }

    /** Null where it cannot be built, or is less than what the design has. */
    private function withWing(Design $d, float $thickness, float $width): ?Design
    {
        $wing = $d->wing;
        if ($wing->present() && ($width < $wing->width - 0.001 || $thickness < $wing->layer->thickness - 0.001)) {
            return null;
        }
        $at = Layout::of($d);
        try {
            return $d->with(['wing' => $wing->but(
                layer: Layer::of($this->board, $thickness),
                width: $width,
                depth: $this->design->wing->present() ? $this->design->wing->depth : min(
                    $this->stock->size(...self::DEPTH),
                    max(0.0, $at->grade - $at->foot),
                ),
                fall: min($this->design->wing->present() ? $this->design->wing->fall : $this->stock->size(...self::FALL), 0.5 * $width),
                cornerThickness: max($wing->cornerThickness, $thickness),
                cornerWidth: min(4.0, max($wing->cornerWidth, $this->stock->up(self::CORNER * $width))),
                cornerLength: max($wing->cornerLength, $this->stock->up(self::CORNER * $width)),
            )]);
        } catch (FaultyInput) {
            return null;
        }
    }

    /** Where no wing is needed: what no section shows, and a winter before there is heat. */
    private function beside(Site $site): void
    {
        if ($this->best === null || $this->best->design->wing->present()) {
            return;
        }
        $design = $this->best->design;
        $verdict = FrostVerdict::of($site, $design);
        $cold = $this->worst($design, WinterUse::Unheated);
        $asks = array_values(
            array_filter($verdict->table->demands, static fn (FrostDemand $d): bool => str_starts_with($d->slug, 'corner')),
        );
        $this->beside = [
            'corner' => $verdict->coversCorners() ? (
                $verdict->table->why === null
                ? 'the table asks no more there than is drawn'
                : 'the bearing lies below frost'
            ) : 'no section shows a corner and no table covers it here: half as much again is common practice, no source',
            'corner_asks' => array_map(static fn (FrostDemand $d): string => $d->label, $asks),
            'without_heat_mm' => is_finite($cold->margin) ? round(1000 * $cold->margin, 1) : null,
            'without_heat_side' => $cold->id(),
            'without_heat_day' => Calendar::written($cold->day),
        ];
    }

    private function tick(): void
    {
        if (! ($this->still)($this->outcome(false))) {
            throw new Ended;
        }
    }

    /** The side on which frost comes closest, until one fails. */
    private function worst(Design $design, WinterUse $use): FrostProof
    {
        $worst = null;
        foreach (Stretch::all($design) as $stretch) {
            // No wing lies under the neighbour’s slab.
            if ($stretch->kind === Side::Neighbour) {
                continue;
            }
            $proof = ($this->prove)($stretch, $use, $this->tick(...));
            $worst = $worst === null || $proof->margin < $worst->margin ? $proof : $worst;
            if ($worst->margin < $worst->close()) {
                break;
            }
        }
        assert($worst !== null);

        return $worst;
    }

    /** Puts a design to the field. */
    private function attempt(Design $design): bool
    {
        $this->tries[] = $try = new WingTry($design, $this->worst($design, $this->use));
        if ($try->holds() && ($this->best === null || WingTry::board($design) < WingTry::board($this->best->design))) {
            $this->best = $try;
        }
        $this->tick();

        return $try->holds();
    }

    private function outcome(bool $complete): WingOutcome
    {
        return new WingOutcome(
            $this->tries, $this->best, 1 + count(self::THICKNESSES) * 4, $this->byTable, $complete, $this->beside,
            $this->best === null ? [] : Change::all($this->design, $this->best->design),
        );
    }
}
