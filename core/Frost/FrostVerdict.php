<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Design\Below;
use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Site\Site;
use Ondergrond\Site\Susceptibility;
use Ondergrond\Site\WinterUse;
use Ondergrond\Verdict\Verdict;

/**
 * Whether frost stays out of the ground under the bearings in the design winter: by depth, by the table for heated buildings
 * and, once they are run, by the fields of all sides. Of two answers the safer governs.
 */
final readonly class FrostVerdict
{
    /** A smaller margin is called close, m: starts and winters are not known better. */
    public const CLOSE = 0.05;

    /** A gauge needs a limit: bearings shallower than this are counted as so deep, m. */
    private const LEAST_LIMIT = 0.1;

    /**
     * @param  string|null  $reason  why frost cannot matter, or cannot be judged; null where it is judged
     * @param  OpenGround|null  $open  null where there is nothing to sum
     * @param  list<FrostProof>  $proofs  by side and use; none where the fields are not run yet
     */
    private function __construct(
        public Site $site,
        public Design $design,
        public DesignWinter $winter,
        public FrozenSoil $soil,
        public Susceptibility $susceptibility,
        public ?string $reason,
        public bool $isSafe,
        public ?OpenGround $open,
        public FrostTable $table,
        public array $proofs,
    ) {}

    public static function of(Site $site, Design $design): self
    {
        $winter = DesignWinter::of($site);
        $soil = FrozenSoil::of($site->soil, $site->frost);
        $susceptibility = $site->frost->susceptibility->of($site->soil);
        [$reason, $safe] = self::reason($site, $design, $winter, $soil, $susceptibility);
        $inside = $site->indoor - $site->indoorSwing;
        $heated = $site->frost->use === WinterUse::Heated && $design->space->kind === Below::Heated;

        return new self(
            $site, $design, $winter, $soil, $susceptibility, $reason, $safe, OpenGround::of($site, $winter, $soil),
            FrostTable::of($design, $winter, $heated, $inside), [],
        );
    }

    /** @return array{string|null, bool} why frost is not judged, and whether that is because it cannot matter */
    private static function reason(
        Site $site,
        Design $design,
        DesignWinter $winter,
        FrozenSoil $soil,
        Susceptibility $susceptibility,
    ): array {
        $ledge = $site->frost->ledge;
        $shallowest = self::shallowest($design);

        $canHeave = $susceptibility !== Susceptibility::None && $soil->latent > 0.0;

        return match (true) {
            $site->climate->source === ClimateSource::NotKnown && $canHeave => [
                'The climate is not known yet: no winter is run.',
                false,
            ],
            $winter->isPermafrost() => [
                'The mean of the year is at or below freezing: ground that may stay frozen through the summer is not judged here. Ask '
                    .'a geotechnical engineer.',
                false,
            ],
            ! $winter->freezes() => ['The design winter is too mild: nothing freezes that matters.', true],
            $susceptibility === Susceptibility::None => ['The ground does not heave when it freezes.', true],
            $soil->latent <= 0.0 => ['The ground is given as dry: without water nothing heaves.', true],
            $ledge !== null && $ledge <= $shallowest + 0.01 => ['The bearings stand on rock, which does not heave.', true],
            default => [null, false],
        };
    }

    /** @param  list<FrostProof>  $proofs */
    public function proved(array $proofs): self
    {
        return new self(
            $this->site, $this->design, $this->winter, $this->soil, $this->susceptibility, $this->reason, $this->isSafe,
            $this->open, $this->table, $proofs,
        );
    }

    /** Least depth of a bearing's ground below the ground outside, over all sides, m. */
    public function bearingDepth(): float
    {
        return self::shallowest($this->design);
    }

    private static function shallowest(Design $design): float
    {
        return min(array_map(static fn (Stretch $s): float => Bearing::of($s->design, $s->kind)->depth(), Stretch::all($design)));
    }

    /** Of frost in open ground, m; 0 where nothing freezes. */
    public function depth(): float
    {
        return $this->open?->depth() ?? 0.0;
    }

    /** What the shallowest bearing lies below frost in open ground, m; below 0 above it. */
    public function footingMargin(): ?float
    {
        return $this->open === null ? null : $this->bearingDepth() - $this->open->depth();
    }

    /** The proof that governs: of the site's own use, where frost comes closest. */
    public function closest(?WinterUse $use = null): ?FrostProof
    {
        $use ??= $this->site->frost->use;
        $of = array_values(array_filter($this->proofs, static fn (FrostProof $p): bool => $p->use === $use));
        usort($of, static fn (FrostProof $a, FrostProof $b): int => $a->margin <=> $b->margin);

        return $of[0] ?? null;
    }

    /** What the floor gives to the ground over the design winter, all sides together, kWh; null while a side is not run. */
    public function heat(WinterUse $use): ?float
    {
        $of = array_filter($this->proofs, static fn (FrostProof $p): bool => $p->use === $use);

        $lengths = array_column(Stretch::all($this->design), 'length', 'id');

        return count($of) < count($lengths) ? null : array_sum(
            array_map(static fn (FrostProof $p): float => $p->heat * ($lengths[$p->id()] ?? 0.0), $of),
        );
    }

    /** By these sums alone; what the rulebook finds may make it worse. */
    public function word(): Verdict
    {
        $closest = $this->closest();

        return match (true) {
            $this->reason !== null => $this->isSafe ? Verdict::Holds : Verdict::NotChecked,
            $closest !== null && ($closest->margin < 0.0 || $this->slabHeaves()), $this->tableFails() => Verdict::Fails,
            $closest === null, $this->frozenElsewhere() !== [] => Verdict::NotChecked,
            $closest->margin < $closest->close(), ! $this->coversCorners() => Verdict::Close,
            default => Verdict::Holds,
        };
    }

    /**
     * A section shows no corner, where frost comes from two sides: a footing below frost does without, else the table has to stand for
     * it.
     */
    public function coversCorners(): bool
    {
        return $this->reason !== null || $this->table->holds() === true || ($this->footingMargin() ?? 0.0) >= 0.0;
    }

    /**
     * Ground that freezes where no bearing stands, in the site's own use: most ice over all sides, m.
     *
     * @return array{slab?: float, neighbour?: float, stem?: float} none thinner than what is felt
     */
    public function frozenElsewhere(): array
    {
        $most = ['slab' => 0.0, 'neighbour' => 0.0, 'stem' => 0.0];
        foreach ($this->reason === null ? $this->proofs : [] as $p) {
            if ($p->use === $this->site->frost->use) {
                $most = [
                    'slab' => max($most['slab'], $p->slabIce),
                    'neighbour' => max($most['neighbour'], $p->neighbourIce),
                    'stem' => max($most['stem'], $p->stemIce),
                ];
            }
        }

        return array_filter($most, static fn (float $ice): bool => $ice > FrozenPlaces::THIN);
    }

    /** Whether ground that is known to heave freezes under the floor itself. */
    public function slabHeaves(): bool
    {
        return $this->susceptibility === Susceptibility::Strong && isset($this->frozenElsewhere()['slab']);
    }

    /** A shallow foundation that lacks what the table asks; one below frost does without it. */
    public function tableFails(): bool
    {
        return $this->reason === null && $this->table->holds() === false && ($this->footingMargin() ?? 0.0) < 0.0;
    }

    /** What the table says of this design: nothing where it is not for it, or where the foundation does without it. */
    public function tableWord(): Verdict
    {
        return match (true) {
            $this->table->holds() === null => Verdict::Shown,
            $this->tableFails() => Verdict::Fails,
            ! $this->table->holds() => Verdict::Shown,
            default => Verdict::gravest(
                Verdict::Holds, ...array_map(static fn (FrostDemand $d): Verdict => $d->word(), $this->table->demands),
            ),
        };
    }

    /** Which of field and table governs, and why; null while the fields are not run. */
    public function governs(): ?string
    {
        $field = $this->closest();
        if ($field === null || $this->reason !== null) {
            return null;
        }
        $holds = $field->margin >= 0.0;

        return match (true) {
            ($this->footingMargin() ?? -1.0) >= 0.0
                && $holds => 'Depth: the bearings lie below frost in open ground, and what is drawn agrees.',
            $this->table->why !== null => 'As drawn: '.$this->table->why.'.'.(
                $holds
                ? ' It shows no corner, where frost comes from two sides, so that it is close at best.'
                : ''
            ),
            $this->table->holds() === $holds => 'Table and drawing agree that it '.($holds ? 'holds.' : 'fails.'),
            $holds => 'The table: a section never shows a corner, where frost goes deepest, and the table allows for boards that are wet.',
            default => 'As drawn: the table does not see this floor, whose insulation keeps the heat from the edge, nor this ground.',
        };
    }

    /**
     * The share of the limit that frost has used, for a gauge: 1 where it reaches the ground under the bearing; null where it is not
     * known.
     */
    public function share(): ?float
    {
        $proof = $this->closest();
        if ($this->reason !== null || $proof === null) {
            return null;
        }
        $limit = max(self::LEAST_LIMIT, $proof->bearing->depth());

        return max(0.0, 1.0 - $proof->margin / $limit);
    }
}
