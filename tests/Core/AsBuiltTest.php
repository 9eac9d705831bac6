<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\AsBuilt\AsBuilt;
use Ondergrond\AsBuilt\BoardLeftOut;
use Ondergrond\AsBuilt\Difference;
use Ondergrond\Assessor;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\AssessmentFile;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Logbook\Source;
use Ondergrond\Logbook\Where;
use Ondergrond\Plan\Shape;
use Ondergrond\Project\TypedFloor;
use Ondergrond\Project\Ulid;
use Ondergrond\Section\Stretch;
use PHPUnit\Framework\TestCase;

/** What was built, from what was read: without a deviation the design itself, with one what that costs. */
final class AsBuiltTest extends TestCase
{
    public function test_without_a_deviation_it_is_the_design_to_the_last_digit(): void
    {
        foreach (Examples::all() as $project) {
            $option = $project->options[0];
            $slab = $option->design->slab->layer->thickness;
            $log = new Logbook([self::entry(EntryKind::Thickness, 'slab', [$slab]), self::entry(EntryKind::Note, 'slab', [])]);
            $built = AsBuilt::of($option->design, $log);
            self::assertFalse($built->deviates());
            self::assertSame($option->design, $built->design, $project->name);
        }
        $project = Examples::boathouse();
        $option = $project->options[0];
        $built = AsBuilt::of($option->design, new Logbook);
        $write = static fn ($design): string => AssessmentFile::write(
            $project, $option->designed($design), Assessor::assess($project->site, $design),
        );
        self::assertSame($write($option->design), $write($built->design));
    }

    public function test_a_thin_slab_is_judged_as_thin_as_it_is(): void
    {
        $design = Examples::boathouse()->options[0]->design;
        $drawn = $design->slab->layer->thickness;
        $thin = [$drawn - 0.02, $drawn - 0.01, $drawn, $drawn - 0.03];
        $built = AsBuilt::of($design, new Logbook([self::entry(EntryKind::Thickness, 'slab', $thin)]));
        self::assertEqualsWithDelta($drawn - 0.015, $built->design->slab->layer->thickness, 1e-12);
        self::assertSame($design->slab->topAboveGrade, $built->design->slab->topAboveGrade);
        // Read again: the latest counts.
        $again = AsBuilt::of($design, new Logbook([
            self::entry(EntryKind::Thickness, 'slab', $thin), self::entry(EntryKind::Thickness, 'slab', [$drawn], at: '09'),
        ]));
        self::assertFalse($again->deviates());
        $imported = AsBuilt::of($design, new Logbook([self::entry(EntryKind::Thickness, 'slab', $thin, source: Source::Imported)]));
        self::assertFalse($imported->deviates(), 'what is imported is no evidence');

        $end = AsBuilt::of($design, new Logbook([self::entry(EntryKind::Thickness, 'slab', $thin, stretch: 'edge')]));
        self::assertSame($design->slab, $end->design->slab, 'the rest is as drawn');
        $own = array_values(array_filter(Stretch::all($end->design), static fn (Stretch $s): bool => str_starts_with($s->id, 'built-')));
        self::assertCount(1, $own);
        self::assertEqualsWithDelta($drawn - 0.015, $own[0]->design->slab->layer->thickness, 1e-12);
    }

    public function test_a_board_left_out_costs_more_the_longer_it_is(): void
    {
        $project = Examples::boathouse();
        $design = $project->options[0]->design;
        $plan = TypedFloor::plan($design, Shape::Rectangle);
        $last = 0.0;
        foreach ([2.0, 6.0, 9.4] as $length) {
            $built = AsBuilt::of(
                $design, new Logbook([self::entry(EntryKind::LeftOut, 'edge_outside', [$length], stretch: 'wall:B')]), $plan,
            );
            self::assertSame([], $built->undrawn);
            $lengths = array_map(static fn (Stretch $s): float => $s->length, Stretch::all($built->design));
            self::assertEqualsWithDelta($design->footprint->exposed, array_sum($lengths), 1e-9, 'the edge is as long as before');
            $difference = Difference::of($project->site, $built, $project->units, roughly: true);
            self::assertGreaterThan($last, $difference->annual());
            self::assertGreaterThan(0.0, $difference->designDay());
            self::assertNull($difference->margin(), 'no winter was run');
            $last = $difference->annual();
        }
        $nowhere = AsBuilt::of($design, new Logbook([self::entry(EntryKind::LeftOut, 'edge_outside', [2.0], stretch: 'wall:Z')]), $plan);
        self::assertCount(1, $nowhere->undrawn);
        self::assertStringContainsString('wall:A', $nowhere->undrawn[0]);
    }

    public function test_any_board_left_out_of_any_example_is_drawn_or_said_not_to_be(): void
    {
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                foreach (BoardLeftOut::PARTS as $part) {
                    foreach (Stretch::all($option->design) as $stretch) {
                        $log = new Logbook([self::entry(EntryKind::LeftOut, $part->value, [1.5], stretch: $stretch->id)]);
                        $built = AsBuilt::of($option->design, $log);
                        $there = $part->of($option->design)->present();
                        self::assertSame(
                            $there ? 1 : 0, count($built->deviations) + count($built->undrawn), "{$project->name}: {$part->value}",
                        );
                        self::assertEqualsWithDelta(
                            array_sum(array_column(Stretch::all($option->design), 'length')),
                            array_sum(array_column(Stretch::all($built->design), 'length')),
                            1e-9,
                        );
                    }
                }
            }
        }
    }

    /** @param  list<float>  $values */
    private static function entry(
        EntryKind $kind,
        string $part,
        array $values,
        string $stretch = '',
        string $at = '08',
        Source $source = Source::Typed,
    ): Entry {
        return new Entry(
            Ulid::from($kind->value, $at, $stretch), $kind, new Where(part: $part, stretch: $stretch), $values, source: $source,
            at: "2026-03-04T{$at}:00:00+01:00",
        );
    }
}
