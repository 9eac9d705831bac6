<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Field\Fine;
use Ondergrond\Field\Freezing;
use Ondergrond\Field\Patch;
use Ondergrond\Field\Problem;
use Ondergrond\Ground\GroundField;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Ground\SpaceAir;
use Ondergrond\Section\Layout;
use Ondergrond\Site\WinterUse;

/** A side's section for the winter: the problem of its yearly field with ground that freezes, and what acts on it each day. */
final readonly class WinterSection
{
    /** Largest cells about the bearing, m: upright as the front goes down, across where it goes round the edge. */
    private const UP = 0.025;

    private const ACROSS = 0.06;

    /** How far beyond the bearing cells are that small, m. */
    private const BEYOND = 0.25;

    /** Deeper down and farther out, where frost has failed the bearing or does not matter to it, m. */
    private const COARSE_UP = 0.1;

    private const COARSE_ACROSS = 0.2;

    /**
     * @param  array<string, array{float, float, float}>  $waves  by boundary name: share of the mean difference, swing re and im, K
     * @param  float  $shift  of the mean of ground that freezes each winter against ground that never does, K
     */
    private function __construct(
        public Problem $problem,
        private GroundField $ground,
        private DesignWinter $winter,
        private array $waves,
        private float $shift,
    ) {}

    /**
     * @param  GroundField  $ground  the side's field through the year
     * @param  float  $depth  of frost in open ground, m
     * @param  float  $finer  so many times smaller cells
     */
    public static function of(GroundField $ground, DesignWinter $winter, FrozenSoil $soil, float $depth, float $finer = 1.0): self
    {
        $yearly = $ground->solution->problem;
        $freezing = $soil->substance('ground');
        $patches = array_map(
            static fn (Patch $p): Patch => $p->substance?->name === 'ground' ? Patch::polygon($freezing, $p->polygon) : $p,
            $yearly->patches,
        );
        $waves = [];
        foreach ($yearly->boundaries as $b) {
            $waves[$b->name] ??= [(float) $b->temperature, $b->amplitude->re, $b->amplitude->im];
        }
        $at = Layout::of($ground->design, $ground->side);
        $bearing = Bearing::of($ground->design, $ground->side);
        $wing = $ground->design->wing;
        $reach = max($at->outermost, $at->boardFace + ($wing->present() ? $wing->width : 0.0)) + self::BEYOND;
        $near = max($bearing->soil, $at->grade - $depth);
        $fine = [
            new Fine(
                $bearing->x0 - self::BEYOND, $near - self::BEYOND, max($bearing->x1, $at->outermost) + self::BEYOND,
                min($at->grade, $near + self::BEYOND), self::ACROSS / $finer, self::UP / $finer,
            ),
            new Fine(
                $bearing->x0 - self::BEYOND, $at->grade - $depth, $reach, $at->grade, self::COARSE_ACROSS / $finer,
                self::COARSE_UP / $finer,
            ),
        ];

        return new self(
            Problem::of($patches, $yearly->boundaries, fine: $fine), $ground, $winter, $waves,
            self::shift($winter, $soil, $ground->site->frost->surface->freezingFactor($ground->site->frost->snow)),
        );
    }

    /**
     * Ground that freezes gives its heat away better than it takes it up, so that its mean lies below the surface's: what has no
     * swing is the mean of ∫λ dT (Kirchhoff's transform; the thermal offset of Romanovsky and Osterkamp 1995, from memory).
     *
     * @return float K
     */
    private static function shift(DesignWinter $winter, FrozenSoil $soil, float $factor): float
    {
        $warm = $cold = 0.0;
        foreach ($winter->normal as $t) {
            $warm += max(0.0, $t) / Seasons::DAYS;
            $cold += $factor * min(0.0, $t) / Seasons::DAYS;
        }

        return $warm + $cold * $soil->frozen / $soil->thawed - $winter->outdoor->mean;
    }

    /**
     * @param  int  $day  of the year, from 1 January as 0
     * @param  bool  $design  the design winter, not a normal one
     * @param  Freezing  $freezing  as it stands, for the air of an unheated space below
     * @return array<string, float> °C by boundary name
     */
    public function day(int $day, bool $design, WinterUse $use, Freezing $freezing): array
    {
        $site = $this->ground->site;
        $d = $day % Seasons::DAYS;
        $air = $design ? $this->winter->design[$d] : $this->winter->normal[$d];
        $below = $this->ground->space === null ? $air : $this->spaceAir($freezing, $air);
        $phase = 2 * M_PI * ($d - $this->winter->coldestDay()) / Seasons::DAYS;
        $beyond = [];
        foreach ($this->waves as $name => [$share, $re, $im]) {
            $inside = $this->winter->outdoor->mean + $this->ground->difference() * $share + $re * cos($phase) - $im * sin($phase);
            $beyond[$name] = match (true) {
                $name === SectionProblem::GROUND => $air < 0.0 ? $air * $site->frost->surface->freezingFactor($site->frost->snow) : $air,
                in_array($name, SectionProblem::SPACE, true) => $below,
                $name === SectionProblem::WALL_OUTSIDE, $use === WinterUse::Unheated => $air,
                $use === WinterUse::SetBack && $air < $site->heatingLimit => min($inside, $site->frost->setBack),
                default => $inside,
            };
        }

        return $beyond;
    }

    /**
     * As warm as leaves nothing over of what it gets from deck, floor and walls and loses with the air that changes (ISO 13789:2007,
     * 6.3), °C.
     */
    private function spaceAir(Freezing $freezing, float $outside): float
    {
        [$conductance, $heat] = $freezing->felt(SectionProblem::SPACE);
        $air = SpaceAir::airChange($this->ground->design);

        return ($heat + $air * $outside) / ($conductance + $air);
    }

    /**
     * Where the days begin: the yearly field, or without heat the ground that no building has warmed (Kusuda and Achenbach 1965),
     * each about the mean of ground that freezes.
     *
     * @param  int  $day  of the year
     * @return float °C
     */
    public function start(float $x, float $y, int $day, WinterUse $use): float
    {
        $since = 12 * ($day - $this->winter->coldestDay()) / Seasons::DAYS;
        if ($use !== WinterUse::Unheated) {
            $outside = 1.0 - ($this->ground->solution->temperatureAt($x, $y) ?? 0.0);

            return (
                $this->ground->temperatureAt($x, $y, $this->winter->outdoor->coldest + $since)
                ?? $this->winter->outdoor->mean
            ) + $this->shift * $outside;
        }
        $depth = max(0.0, Bearing::of($this->ground->design, $this->ground->side)->grade - $y);

        return $this->shift + UndisturbedGround::temperature(
            $this->winter->outdoor,
            $this->diffusivity(),
            $depth,
            $since * Seasons::DAYS / 12,
        );
    }

    /** Of thawed ground, m²/day. */
    private function diffusivity(): float
    {
        foreach ($this->problem->patches as $patch) {
            if ($patch->substance?->name === 'ground') {
                return $patch->substance->conductivity / (float) $patch->substance->capacity * 86_400;
            }
        }

        return 0.05;
    }
}
