<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Design\Design;
use Ondergrond\Design\Side;
use Ondergrond\Ground\GroundField;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\Site;
use Ondergrond\Site\WinterUse;
use Ondergrond\Verdict\Verdict;

/**
 * What is said of a design's damp: vapour through every stack, mould and sweat at surfaces, water that is built in, water
 * that presses, and the slab's drying. Glaser's sum knows vapour alone: no capillary water, no air that leaks, no storage.
 */
final readonly class DampVerdict
{
    /** Hours that rooms are let cool in, 22 to 6 h as the hours of the rooms have it; common practice, no source. */
    private const NIGHT = 8;

    /**
     * @param  list<DampStack>|null  $stacks  null where the field is not solved yet
     * @param  list<Surface>|null  $surfaces  null with it
     * @param  float  $needed  f_Rsi
     * @param  int|null  $neededMonth  1 to 12
     * @param  list<Trap>  $traps
     * @param  Drying|null  $drying  null without a slab
     * @param  DrainDuty|null  $duty  null without drains
     */
    private function __construct(
        public Site $site,
        public Design $design,
        public DampAir $air,
        public ?array $stacks,
        public ?array $surfaces,
        public float $needed,
        public ?int $neededMonth,
        public array $traps,
        public Groundwater $water,
        public ?Drying $drying,
        public ?DrainDuty $duty,
    ) {}

    /** @param  array<string, GroundField>|null  $sides  by side, the common edge among them; null where they are not solved yet */
    public static function of(Site $site, Design $design, ?array $sides = null): self
    {
        $air = DampAir::of($site);
        [$needed, $month] = Surfaces::needed($air);

        return new self(
            $site, $design, $air, isset($sides[Side::Edge->value]) ? Stacks::of($sides[Side::Edge->value], $air) : null,
            $sides === null ? null : Surfaces::of($sides, $air), $needed, $month, Trap::all($site, $design, $air),
            Groundwater::of($site, $design), Drying::of($site, $design), DrainDuty::of($site, $design),
        );
    }

    /** The lowest f_Rsi of all surfaces; null where the field is not solved. */
    public function factor(): ?float
    {
        $all = array_map(static fn (Surface $s): float => $s->factor, $this->surfaces ?? []);

        return $all === [] ? null : min($all);
    }

    /** The surface that is worst for mould. */
    public function dampest(): ?Surface
    {
        $all = $this->surfaces ?? [];
        usort($all, static fn (Surface $a, Surface $b): int => $b->share() <=> $a->share());

        return $all[0] ?? null;
    }

    /** The surface that is worst for mould in a heating month; null where mould grows at none then. */
    public function mouldyInWinter(): ?Surface
    {
        $heating = $this->site->heatingMonths();
        $all = array_values(
            array_filter($this->surfaces ?? [], static fn (Surface $s): bool => array_intersect($s->atRisk(), $heating) !== []),
        );
        usort($all, static fn (Surface $a, Surface $b): int => $b->share() <=> $a->share());

        return $all[0] ?? null;
    }

    /** The stack that has used most of its limit. */
    public function wettest(): ?DampStack
    {
        $all = $this->stacks ?? [];
        usort($all, static fn (DampStack $a, DampStack $b): int => [$a->word()->rank(), $b->share()] <=> [$b->word()->rank(), $a->share()]);

        return $all[0] ?? null;
    }

    /** Hours of the year in which mould may grow somewhere. */
    public function hoursAtRisk(): int
    {
        return self::hours(array_map(static fn (Surface $s): array => $s->atRisk(), $this->surfaces ?? []));
    }

    /** The same where rooms are set back in the heating months: of a month that is no risk by day, its nights alone. */
    public function hoursAtRiskSetBack(): int
    {
        $always = array_merge(...array_map(static fn (Surface $s): array => $s->atRisk(), $this->surfaces ?? []));
        $nights = array_map(static fn (Surface $s): array => array_diff($s->atRiskSetBack(), $always), $this->surfaces ?? []);

        return $this->hoursAtRisk() + (int) round(self::NIGHT / 24 * self::hours($nights));
    }

    /**
     * @return array{Surface, int, float}|null surface, month and dew point over it, K, where humid air of the warm months comes nearest
     * to sweating
     */
    public function sweats(): ?array
    {
        $worst = null;
        foreach ($this->surfaces ?? [] as $surface) {
            foreach ($surface->muggy as $i => $over) {
                // In the cold it is the rooms' own air that condenses, which mould tells of.
                if ($this->air->outside[$i] >= DampAir::WARM && ($worst === null || $over > $worst[2])) {
                    $worst = [$surface, $i + 1, $over];
                }
            }
        }

        return $worst;
    }

    public function stacksWord(): Verdict
    {
        return $this->stacks === null ? Verdict::NotChecked : Verdict::gravest(
            Verdict::Holds,
            ...array_map(static fn (DampStack $s): Verdict => $s->word(), $this->stacks),
        );
    }

    public function surfacesWord(): Verdict
    {
        $word = $this->surfaces === null ? Verdict::NotChecked : Verdict::ofShare($this->dampest()?->share() ?? 0.0);

        // In summer alone a dryer does: close, not failed.
        return Verdict::gravest(
            $word === Verdict::Fails && $this->mouldyInWinter() === null ? Verdict::Close : $word, $this->setBackWord(),
        );
    }

    /** Of mould where rooms are let cool at night: where they are kept so, that is how they are; else it is close. */
    private function setBackWord(): Verdict
    {
        $share = max([0.0, ...array_map(static fn (Surface $s): float => $s->shareSetBack(), $this->surfaces ?? [])]);

        return match (true) {
            $share <= 1.0 + 1e-9 => Verdict::Holds,
            $this->site->frost->use === WinterUse::SetBack => Verdict::Fails,
            default => Verdict::Close,
        };
    }

    public function trapsWord(): Verdict
    {
        return array_filter($this->traps, static fn (Trap $t): bool => ! $t->holds()) === [] ? Verdict::Holds : Verdict::Fails;
    }

    /** Whether the slab is dry enough for its finish when that is laid. */
    public function dryingWord(): Verdict
    {
        $limit = $this->design->finish->strictest()->limit();
        if ($limit === null || $this->drying === null) {
            return Verdict::Holds;
        }

        return $this->design->finish->wait <= 0.0 ? Verdict::NotChecked : Verdict::ofShare(
            $this->drying->humidity($this->design->finish->wait) / $limit,
        );
    }

    /** @return array<string, Verdict> by what is judged */
    public function words(): array
    {
        return [
            'stacks' => $this->stacksWord(), 'surfaces' => $this->surfacesWord(), 'traps' => $this->trapsWord(),
            'water' => $this->water->word(), 'drying' => $this->dryingWord(),
        ];
    }

    /** The whole in a word. */
    public function word(): Verdict
    {
        return Verdict::gravest(...array_values($this->words()));
    }

    /** The share of the limit that is used, of stacks and surfaces; null where the field is not solved. */
    public function share(): ?float
    {
        return $this->stacks === null ? null : max($this->wettest()?->share() ?? 0.0, $this->dampest()?->share() ?? 0.0);
    }

    /** @param  list<array<int, int>>  $months  1 to 12 */
    private static function hours(array $months): int
    {
        return array_sum(array_map(Calendar::hours(...), array_unique(array_merge(...$months))));
    }
}
