<?php

declare(strict_types=1);

namespace Ondergrond\Register;

use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\HoldItem;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Remark;
use Ondergrond\Plan\Trade;
use Ondergrond\Rules\Judgement;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/**
 * What must be settled before the pour, whose it is, by when, and how it was settled: worked out from what is open on section and plan and
 * from what was written by hand. What the design no longer says is gone; what was settled and says something else since is open again.
 */
final readonly class Register
{
    /** Notes are known and decided by whoever builds; these are settled first. */
    private const SETTLED_FIRST = [Severity::Stop, Severity::Fix, Severity::NotChecked];

    /** @param  array<string, OpenPoint>  $points  by id, open ones first, gravest first among them */
    private function __construct(public array $points) {}

    /**
     * @param  Judgement  $judgement  of the section
     * @param  array<string, list<Remark>>  $review  of the plan, by place; empty without one
     * @param  Items  $items  of plan and layout
     */
    public static function of(Judgement $judgement, array $review, Items $items, Logbook $log): self
    {
        $points = [];
        foreach ($judgement->findings as $judged) {
            $finding = $judged->finding;
            if ($judged->isOpen() && in_array($finding->severity, self::SETTLED_FIRST, true)) {
                $points[] = new OpenPoint(
                    self::id('section', $finding->rule->id()), Origin::Section, $finding->said, Trade::Installer->label(),
                    severity: $finding->severity,
                );
            }
        }
        foreach ($review as $place => $remarks) {
            $item = $items->all[substr($place, 5)] ?? null;
            foreach ($remarks as $remark) {
                if (in_array($remark->severity, self::SETTLED_FIRST, true)) {
                    $points[] = new OpenPoint(
                        self::id($place, $remark->id), Origin::Plan, $remark->said,
                        ($item?->at()->trade ?? Trade::Installer)->label(), severity: $remark->severity, at: $place,
                        name: $item?->at()->name ?? '',
                    );
                }
            }
        }
        $settled = [];
        foreach ($log->standing() as $entry) {
            if ($entry->kind === EntryKind::OpenPoint) {
                $points[] = new OpenPoint(
                    strtolower($entry->id), Origin::Hand, Said::of(str_replace('%', '%%', $entry->text)), $entry->about->trade,
                    $entry->about->due,
                );
            } elseif ($entry->kind === EntryKind::Settled && $entry->source->isEvidence()) {
                $settled[$entry->about->point] = $entry;
            }
        }

        return new self(
            self::ordered(array_map(static fn (OpenPoint $p): OpenPoint => self::looked($p, $settled[$p->id] ?? null), $points)),
        );
    }

    /** @return array<string, OpenPoint> */
    public function open(): array
    {
        return array_filter($this->points, static fn (OpenPoint $p): bool => $p->isOpen());
    }

    /** @return array<string, HoldItem> what is read of it before the pour, by id */
    public function holdItems(QuantityFormatter $format): array
    {
        return array_column(
            array_map(static fn (OpenPoint $p): HoldItem => $p->holdItem($format), array_values($this->points)), null, 'id',
        );
    }

    private static function id(string $place, string $rule): string
    {
        return 'open-'.substr(sha1("{$place} {$rule}"), 0, 12);
    }

    private static function looked(OpenPoint $point, ?Entry $settled): OpenPoint
    {
        if ($settled === null) {
            return $point;
        }
        $same = $settled->about->hold === $point->holdId();

        return new OpenPoint(
            $point->id, $point->origin, $point->what, $point->trade, $point->due, $point->severity, $same ? $settled : null,
            ! $same, $point->at,
            $point->name,
        );
    }

    /**
     * @param  list<OpenPoint>  $points
     * @return array<string, OpenPoint>
     */
    private static function ordered(array $points): array
    {
        usort($points, static fn (OpenPoint $a, OpenPoint $b): int => [
            ! $a->isOpen(), $a->due === '' ? '9' : $a->due, $a->severity?->rank() ?? 1,
        ] <=> [! $b->isOpen(), $b->due === '' ? '9' : $b->due, $b->severity?->rank() ?? 1]);

        return array_column($points, null, 'id');
    }
}
