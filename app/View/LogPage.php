<?php

declare(strict_types=1);

namespace App\View;

use App\Building\BuildingJob;
use App\Models\Project;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\Gate;
use Ondergrond\AsBuilt\BoardLeftOut;
use Ondergrond\Design\Part;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\HoldItem;
use Ondergrond\Logbook\HoldState;
use Ondergrond\Logbook\State;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\QuantityFormatter;

/** The hold points of a job with what is to be read at each, and what was read so far. */
final readonly class LogPage
{
    /** Of the log, the newest first; all of it on asking. */
    private const NEWEST = 30;

    /**
     * @param  array<string, HoldState>  $holds
     * @param  list<Entry>  $entries  newest first
     */
    private function __construct(
        public Project $project,
        public BuildingJob $job,
        public QuantityFormatter $format,
        public array $holds,
        public array $entries,
        public int $count,
        public bool $may,
        public bool $passes,
    ) {}

    public static function of(Project $project, QuantityFormatter $format, bool $all): self
    {
        $job = BuildingJob::of($project);
        $entries = array_reverse($job->log->entries);

        return new self(
            $project, $job, $format, $job->holds(), $all ? $entries : array_slice($entries, 0, self::NEWEST), count($entries),
            Gate::allows('inspect', $project), Gate::allows('pass', $project),
        );
    }

    /** The first that nobody has passed. */
    public function next(): ?HoldState
    {
        foreach ($this->holds as $hold) {
            if (! $hold->isPassed()) {
                return $hold;
            }
        }

        return null;
    }

    /** @return array<string, HoldItem> what is read here; the register has a page of its own */
    public function read(HoldState $hold): array
    {
        return array_filter($hold->items, static fn (HoldItem $i): bool => $i->kind !== EntryKind::Settled);
    }

    /** How many points the register has before it. */
    public function registered(HoldState $hold): int
    {
        return count($hold->items) - count($this->read($hold));
    }

    public function unsettled(HoldState $hold): int
    {
        return count(array_diff_key($hold->items, $this->read($hold), $hold->latest));
    }

    public function said(Entry $entry): string
    {
        return $entry->said()->words->in($this->format);
    }

    public function state(HoldState $hold, HoldItem $item): ?State
    {
        return isset($hold->latest[$item->id]) ? $hold->latest[$item->id]->said()->state : null;
    }

    /** What is wanted of an item, in words. */
    public function wanted(HoldItem $item): string
    {
        $quantity = $item->kind->quantity();
        $said = fn (float $v): string => $quantity === null ? (string) round($v, 2) : $this->format->format($v, $quantity);
        $plain = in_array($item->kind->value, ['seen', 'photograph', 'note', 'weather'], true);

        return match (true) {
            $plain => '',
            $item->kind->value === 'pressure' => sprintf('over %.0f h', $item->min ?? 48),
            $item->min !== null && $item->max !== null => "{$said($item->min)} to {$said($item->max)}",
            $item->min !== null => "at least {$said($item->min)}",
            $item->max !== null => "at most {$said($item->max)}",
            default => '',
        };
    }

    public function field(HoldItem $item): string
    {
        return strtr($item->id, ':', '-');
    }

    public function moment(string $at): string
    {
        return (new DateTimeImmutable($at))->setTimezone(new DateTimeZone($this->project->site->timeZone))->format('j M H:i');
    }

    public function label(Entry $entry): string
    {
        foreach ($this->holds as $hold) {
            if (isset($hold->items[$entry->about->hold])) {
                return $hold->items[$entry->about->hold]->label;
            }
        }

        return $entry->kind->label().($entry->about->part === '' ? '' : ', '.(Part::tryFrom($entry->about->part)?->label() ?? ''));
    }

    /** @return array<string, string> */
    public function walls(): array
    {
        $walls = ['' => 'everywhere'];
        foreach ($this->job->option->plan()?->outline->sides() ?? [] as $id => $side) {
            $walls["wall:{$id}"] = "wall {$side->from}–{$side->to}";
        }
        if (count($walls) === 1) {
            foreach (Stretch::all($this->job->option->design) as $stretch) {
                $walls[$stretch->id] = $stretch->label;
            }
        }

        return $walls;
    }

    /** @return array<string, string> boards that can be missing along a wall */
    public function boards(): array
    {
        $boards = [];
        foreach (BoardLeftOut::PARTS as $part) {
            if ($part->of($this->job->option->design)->present()) {
                $boards[$part->value] = $part->label();
            }
        }

        return $boards;
    }
}
