<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\PartCodec;
use Ondergrond\Design\Crack;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\OldPiece;
use Ondergrond\Design\Part;
use Ondergrond\Design\Repairs;
use Ondergrond\Design\Schools\MatAndWallBoards;
use Ondergrond\Design\Schools\Schools;
use Ondergrond\Design\Standing;
use Ondergrond\Design\TakenOut;
use Ondergrond\Examples\Examples;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Rules\Access;
use Ondergrond\Rules\Judged;
use Ondergrond\Rules\Judgement;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Subject;
use Ondergrond\Safety\Hazard;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\Network;
use Ondergrond\Sequence\Task;
use Ondergrond\Site\Site;
use Ondergrond\Takeoff\Job;
use Ondergrond\Takeoff\OrderList;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Takeoff\Takeoff;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/** What stands already counts in every sum, and nobody builds, orders or changes it. */
final class OldWorkTest extends TestCase
{
    private static function cellar(UnitSystem $units = UnitSystem::Metric): Design
    {
        return Families::all()['existing-basement']->preset(Footprint::rectangle(12.0, 8.0), $units);
    }

    private static function site(): Site
    {
        return Examples::of('existing-basement')->site ?? throw new RuntimeException;
    }

    public function test_an_old_cellar_asks_for_nothing_that_digs(): void
    {
        foreach (UnitSystem::cases() as $units) {
            $judgement = Judgement::of(new Subject(self::site(), self::cellar($units), $units));
            self::assertSame(0, $judgement->count(Severity::Stop));
            foreach ($judgement->findings as $judged) {
                self::assertNotSame(Access::Digs, $judged->access, $judged->finding->rule->id());
            }
        }
    }

    /** `bin/lot standing` draws a thousand. */
    public function test_no_remedy_changes_what_stands(): void
    {
        $many = getenv('LOT') === false ? 150 : (int) getenv('LOT');
        $seed = getenv('SEED') === false ? 20_281_129 : (int) getenv('SEED');
        mt_srand($seed);
        $remedies = $standing = 0;
        for ($i = $taken = 0; $taken < $many; $i++) {
            try {
                [$site, $design] = Lot::wide($i);
                $parts = array_filter(Part::cases(), static fn (): bool => mt_rand(0, 2) === 0);
                $design = $design->with(['standing' => new Standing(...$parts)]);
            } catch (FaultyInput) {
                continue;
            }
            $taken++;
            $standing += count($design->standing->parts);
            foreach (Judgement::of(new Subject($site, $design))->findings as $judged) {
                if (! $judged->canBeRemedied()) {
                    continue;
                }
                $remedies++;
                $then = $judged->finding->remedy?->applied($design) ?? $design;
                foreach ($design->standing->parts as $part) {
                    // The rim of an old deck is insulated by new work.
                    $own = static fn (Design $d): array => array_diff_key(
                        PartCodec::toArray($part->of($d)), $part === Part::Deck ? ['rim_m' => 1, 'rim_sealed' => 1] : [],
                    );
                    self::assertSame(
                        $own($design), $own($then), "seed {$seed}, design {$i}: {$judged->finding->rule->id()} changes {$part->value}",
                    );
                }
                self::assertSame($design->standing->parts, $then->standing->parts, "seed {$seed}, design {$i}: nothing becomes old");
            }
        }
        self::assertGreaterThan(2 * $many, $standing);
        self::assertGreaterThan($many, $remedies);
    }

    public function test_it_counts_in_every_sum_as_if_it_were_new(): void
    {
        $old = self::cellar();
        $new = $old->with(['standing' => new Standing]);
        $site = self::site();
        [$a, $b] = [Assessor::assess($site, $old, roughly: true), Assessor::assess($site, $new, roughly: true)];
        self::assertSame($a->field->mean, $b->field->mean);
        self::assertSame($a->heat->floor->monthly, $b->heat->floor->monthly);
        self::assertSame($a->damp->factor(), $b->damp->factor());
        self::assertEquals($a->load, $b->load);
        self::assertEquals($a->mass->stacks, $b->mass->stacks);
    }

    public function test_it_is_laid_and_taken_off_by_nobody(): void
    {
        $old = self::cellar();
        $laid = Part::layingOrder($old);
        $counted = array_column(Takeoff::of($old), 'part');
        foreach ([Part::Slab, Part::Stem, Part::Footing, Part::Deck] as $part) {
            self::assertNotContains($part, $laid);
            self::assertNotContains($part, $counted);
            self::assertContains($part, Part::layingOrder($old->with(['standing' => new Standing])));
        }
        self::assertContains('Slab: stands already', OrderList::of(new Job($old, UnitSystem::Metric), PriceList::none())->uncounted);
        self::assertContains(Part::Mat, $laid);
        self::assertContains(Part::Lining, $counted);
    }

    public function test_of_a_part_that_is_taken_out_it_is_forgotten(): void
    {
        $old = self::cellar();
        $out = $old->with(['deck' => $old->deck->but(layers: [])]);
        self::assertFalse($out->standing->has(Part::Deck));
        self::assertTrue($out->standing->has(Part::Slab));
    }

    public function test_an_older_file_of_an_old_cellar_is_read_as_it_stood(): void
    {
        $data = DesignCodec::toArray(self::cellar());
        self::assertSame('existing', $data['standing']['slab']);
        unset($data['standing']);
        self::assertEquals(self::cellar(), DesignCodec::fromArray($data));
        unset($data['mat']);
        self::assertFalse(DesignCodec::fromArray($data)->mat->present(), 'and nothing comes into it');
        $this->expectException(FaultyInput::class);
        DesignCodec::fromArray(['standing' => ['loads' => 'existing']] + $data);
    }

    public function test_what_is_mended_from_inside_comes_first(): void
    {
        $d = self::cellar();
        $worse = $d->with([
            'mat' => $d->mat->but(behind: 0.0),
            'wing' => $d->wing->but(layer: $d->wing->layer->thick(0.05), depth: 0.05),
        ]);
        $judged = array_values(array_filter(
            Judgement::of(new Subject(self::site(), $worse))->findings,
            static fn (Judged $j): bool => $j->finding->severity === Severity::Fix && $j->access !== null,
        ));
        $ranks = array_map(static fn (Judged $j): int => $j->access?->rank() ?? 9, $judged);
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks);
        self::assertContains(Access::Digs->rank(), $ranks);
        self::assertContains(Access::Inside->rank(), $ranks);
    }

    public function test_cautions_are_of_the_new_work(): void
    {
        self::assertContains(Hazard::Mould, Hazard::at(self::site(), self::cellar()));
        self::assertNotContains(Hazard::Trench, Hazard::at(self::site(), self::cellar()), 'nobody digs');
    }

    /** Both orders are done; what each takes is in the days, and what the second costs besides is found. */
    public function test_mat_first_or_wall_boards_first_each_show_what_they_cost(): void
    {
        $school = Schools::all()['mat'];
        $first = self::cellar();
        self::assertSame(MatAndWallBoards::MAT_FIRST, $school->answer($first));
        $then = $school->follow($first, MatAndWallBoards::BOARDS_FIRST);
        self::assertSame(MatAndWallBoards::BOARDS_FIRST, $school->answer($then));
        self::assertEquals($first, $school->follow($then, MatAndWallBoards::MAT_FIRST));
        [$a, $b] = [self::tasks($first), self::tasks($then)];
        self::assertTrue(self::waits($a['wall-boards'], 'floor-mat'));
        self::assertTrue(self::waits($b['floor-mat'], 'wall-boards'));
        self::assertGreaterThan($a['floor-mat']->work, $b['floor-mat']->work);
        $found = Rulebook::finding(Rulebook::all()['mat-behind-wall-board'], new Subject(self::site(), $then));
        self::assertSame(Severity::Fix, $found?->severity);
    }

    public function test_covering_waits_for_what_is_mended_and_taken_out(): void
    {
        $d = self::cellar()->with([
            'repairs' => new Repairs([new Crack(0.003, Done::Yes), new Crack(0.001, Done::No)]),
            'takenOut' => new TakenOut([new OldPiece(area: 20.0)]),
        ]);
        $tasks = self::tasks($d);
        foreach (['cracks', 'take-out', 'entries', 'tie-holes', 'floor-joint'] as $before) {
            self::assertTrue(self::comesBefore($tasks, $before, 'floor-mat'), $before);
            self::assertTrue(self::comesBefore($tasks, $before, 'wall-boards'), $before);
        }
        // 20 m² of 100 mm concrete at 2200 kg/m³, by hand.
        self::assertEqualsWithDelta(2.0, $d->takenOut->volume(), 1e-9);
        self::assertEqualsWithDelta(4400.0, $d->takenOut->mass(), 1e-6);
    }

    /** @return array<string, Task> by id, those that are done */
    private static function tasks(Design $design): array
    {
        return array_column(Network::of(new Circumstances(self::site(), new Job($design, UnitSystem::Metric)))->tasks, null, 'id');
    }

    private static function waits(Task $task, string $for): bool
    {
        return in_array($for, array_column($task->after, 'id'), true);
    }

    /** @param  array<string, Task>  $tasks */
    private static function comesBefore(array $tasks, string $one, string $other): bool
    {
        foreach ($tasks[$other]->after as $after) {
            if ($after->id === $one || self::comesBefore($tasks, $one, $after->id)) {
                return true;
            }
        }

        return false;
    }
}
