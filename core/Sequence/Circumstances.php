<?php

declare(strict_types=1);

namespace Ondergrond\Sequence;

use Ondergrond\Design\BoltsSet;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Material\Kind;
use Ondergrond\Plan\Dig;
use Ondergrond\Plan\Item;
use Ondergrond\Site\Site;
use Ondergrond\Takeoff\Job;
use Ondergrond\Takeoff\OrderList;
use Ondergrond\Takeoff\PriceList;

/** What the tasks of a job hang on: which parts there are, and how much of each. */
final readonly class Circumstances
{
    /** m³ in an hour that a crew of five or six places; common practice, no source. */
    private const PLACED = 15.0;

    private OrderList $order;

    public function __construct(
        public Site $site,
        public Job $job,
        public Crews $crews = new Crews,
    ) {
        $this->order = OrderList::of($job, PriceList::none());
    }

    /** Whether any of them is to be built. */
    public function has(Part ...$parts): bool
    {
        foreach ($parts as $part) {
            if ($this->job->design->isNew($part)) {
                return true;
            }
        }

        return false;
    }

    /** Whether its basement stands already and the work is inside it. */
    public function isOld(): bool
    {
        return $this->job->design->standing->has(Part::Stem);
    }

    /** Whether it stands on walls in the ground rather than on a slab's edge. */
    public function hasWalls(): bool
    {
        return $this->has(Part::Stem) && ! $this->isOld();
    }

    public function hasSlab(): bool
    {
        return $this->has(Part::Slab) && ! $this->isOld();
    }

    /** Rock within reach of the dig. */
    public function meetsRock(): bool
    {
        $ledge = $this->site->frost->ledge;

        return $ledge !== null && -$this->job->at->dig > $ledge - 0.3;
    }

    public function isHeatedInSlab(): bool
    {
        return $this->job->design->heating->in === HeatedIn::Slab;
    }

    public function isHeatedInScreed(): bool
    {
        return $this->job->design->heating->in === HeatedIn::Screed;
    }

    public function isSheetBelow(): bool
    {
        return $this->has(Part::Sheet) && $this->job->design->sheet->position === SheetPosition::BelowBoards;
    }

    /** m². */
    public function floor(): float
    {
        return $this->job->design->footprint->area;
    }

    /** m. */
    public function round(): float
    {
        return $this->job->extent->length(0.0);
    }

    /** Height of the wall from its footing, m. */
    public function wall(): float
    {
        return max(0.0, $this->job->at->top - $this->job->at->stemFoot);
    }

    /** In the bank, its slopes counted, m³; without a plan as much as a third over floor times depth. */
    public function dug(): float
    {
        $plan = $this->job->plan;

        return $plan === null ? 1.3 * $this->floor() * $this->depth()
            : Dig::of($this->job->design)->volume($plan->atConcrete($this->job->design)->outline)['sloped'];
    }

    /** Dug from the ground outside to the dig level, m. */
    public function depth(): float
    {
        return max(0.0, -$this->job->at->dig);
    }

    /** Of a part's lines in that unit, or of its first. */
    public function quantity(Part $part): float
    {
        $sum = 0.0;
        foreach ($this->order->lines as $line) {
            $sum += $line->part === $part->value && $line->priced !== 'tape' && $line->priced !== 'boot' ? $line->net : 0.0;
        }

        return $sum;
    }

    /** m³ of concrete in a pour. */
    public function poured(string $pour): float
    {
        foreach ($this->order->trucks as $truck) {
            if ($truck->pour === $pour) {
                return $truck->volume;
            }
        }

        return 0.0;
    }

    /** Working hours that a pour takes. */
    public function placing(string $pour): float
    {
        return max(1.0, $this->poured($pour) / self::PLACED);
    }

    /** Working hours that so many person-hours take a crew of so many. */
    public function hours(float $personHours, int $crew): float
    {
        return $personHours / $crew / $this->crews->pace;
    }

    /** @param  class-string<Item>  ...$types  of items on the plan, together */
    public function count(string ...$types): int
    {
        return array_sum(array_map(fn (string $type): int => count($this->job->items->of($type)), $types));
    }

    /** The task in which anchor bolts come in; empty where there are none. */
    public function boltsAt(): string
    {
        $design = $this->job->design;
        if (! $this->has(Part::Anchors)) {
            return '';
        }
        $stem = $design->stem->present();
        $poured = $design->form->present() || $design->stem->material()->kind === Kind::Concrete;

        return match (true) {
            $design->anchors->set === BoltsSet::Drilled, $stem && ! $poured => 'bolts-drilled',
            $design->anchors->set === BoltsSet::Hung => $stem ? 'wall-courses' : 'bolts',
            default => $stem ? 'wall-straighten' : 'finish',
        };
    }
}
