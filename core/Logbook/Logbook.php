<?php

declare(strict_types=1);

namespace Ondergrond\Logbook;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Sequence\HoldPoint;

/** All entries of a job in the order they were made, and what they add up to. */
final readonly class Logbook
{
    /** @var list<Entry> by when they were made */
    public array $entries;

    /** @param  array<array-key, Entry>  $entries */
    public function __construct(array $entries = [])
    {
        $entries = array_values($entries);
        usort($entries, static fn (Entry $a, Entry $b): int => [
            strtotime($a->at), $a->counter, $a->id,
        ] <=> [strtotime($b->at), $b->counter, $b->id]);
        $this->entries = $entries;
    }

    /** @return list<Entry> without those that another corrects */
    public function standing(): array
    {
        $replaced = array_flip(array_filter(array_column($this->entries, 'replaces'), static fn (string $id): bool => $id !== ''));

        return array_values(array_filter($this->entries, static fn (Entry $e): bool => ! isset($replaced[$e->id])));
    }

    public function find(string $id): ?Entry
    {
        foreach ($this->entries as $entry) {
            if ($entry->id === $id) {
                return $entry;
            }
        }

        return null;
    }

    /**
     * How each hold point stands.
     *
     * @param  array<string, HoldItem>  $items  by id
     * @return array<string, HoldState> by hold point
     */
    public function holds(array $items): array
    {
        $standing = $this->standing();
        $states = [];
        foreach (HoldPoint::cases() as $hold) {
            $own = array_filter($items, static fn (HoldItem $i): bool => $i->hold === $hold);
            if ($own === []) {
                continue;
            }
            $latest = [];
            $pass = null;
            $reopened = false;
            foreach ($standing as $entry) {
                if (isset($own[$entry->about->hold]) && $entry->source->isEvidence()) {
                    $latest[$entry->about->hold] = $entry;
                    // What is found out after the pass opens it again.
                    if ($pass !== null && $entry->said()->state === State::Out && ! in_array(
                        $entry->about->hold, $pass->passing->over ?? [], true,
                    )) {
                        [$pass, $reopened] = [null, true];
                    }
                }
                if ($entry->passing?->hold === $hold && $entry->source->isEvidence()) {
                    [$pass, $reopened] = [$entry, false];
                }
            }
            $states[$hold->value] = new HoldState($hold, $own, $latest, $pass, $reopened);
        }

        return $states;
    }

    /**
     * Asked before a pass is written down.
     *
     * @throws FaultyInput where it is passed already, or something is open and neither a reason nor a competent person is named
     */
    public static function mayPass(HoldState $state, Passing $passing): void
    {
        $open = [...$state->missing(), ...$state->failing()];
        $faults = [];
        if ($state->isPassed()) {
            $faults[] = Fault::of('/pass', "{$state->hold->label()}, passed by {$state->pass?->who}", 'a point that is still open');
        } elseif (array_diff($open, $passing->over) !== []) {
            $faults[] = Fault::of(
                '/pass/over', 'a pass that does not name what is open',
                implode(', ', array_map(static fn (string $id): string => $state->items[$id]->label, $open)),
            );
        } elseif ($open !== [] && mb_strlen(trim($passing->reason)) < 3) {
            $faults[] = Fault::of('/pass/reason', 'no reason', 'why it is passed though something is open, 3 letters and more');
        } elseif ($state->forCompetent() !== [] && (trim($passing->competent) === '' || trim($passing->document) === '')) {
            $faults[] = Fault::of(
                '/pass/competent', 'no competent person, or nothing of theirs',
                'a name and a document with its date, for: '
                    .implode(', ', array_map(static fn (string $id): string => $state->items[$id]->label, $state->forCompetent())),
            );
        }
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
    }
}
