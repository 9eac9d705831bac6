<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\FormStart;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Lining;
use Ondergrond\Design\Schools\Schools;
use Ondergrond\Examples\Examples;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Field\Boundary;
use Ondergrond\Ground\Edge;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Ground\Silhouette;
use Ondergrond\Ground\SpaceAir;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\StillAir;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Every region of a section is painted, and heat passes each of its faces but those that are named. */
#[Group('slow')]
final class NoHollowTest extends TestCase
{
    public function test_no_section_of_any_family_side_or_school_has_a_hollow(): void
    {
        $site = Examples::boathouse()->site;
        $seen = 0;
        foreach (self::designs() as $name => $design) {
            foreach (array_column(Stretch::all($design), 'kind') as $side) {
                $problem = SectionProblem::of($site, $design, 1.5, $side, SpaceAir::of($site, $design, 1.5, $side), false);
                assert($problem->patches !== []);
                $silhouette = Silhouette::of($problem->patches);
                $open = self::length($silhouette->edges);
                $closed = array_sum(
                    array_map(static fn (Boundary $b): float => hypot($b->x1 - $b->x0, $b->y1 - $b->y0), $problem->boundaries),
                );
                // Beside the plane of a heated floor's pipes, which stands for all above it.
                $beside = $design->heating->present() ? ($side->isWhole() ? 2 : 1) * $design->heating->depth : 0.0;
                self::assertEqualsWithDelta(
                    $open,
                    $closed,
                    $beside + 1e-6,
                    "{$name}, {$side->value}: every face that meets air passes heat",
                );
                $seen++;
            }
        }
        self::assertGreaterThan(60, $seen);
    }

    public function test_what_may_be_adiabatic_is_named(): void
    {
        self::assertSame(
            ['symmetry plane', 'far side', 'bottom', 'cut of the wall', 'beside the plane of heating pipes'],
            SectionProblem::ADIABATIC,
        );
        $text = (string) file_get_contents(__DIR__.'/../../docs/methods.md');
        foreach (SectionProblem::ADIABATIC as $name) {
            self::assertStringContainsString($name, $text);
        }
    }

    /** A form that starts at grade over a bare wall, with any lining: half an inch of board does not beat the whole form. */
    public function test_half_an_inch_of_lining_saves_what_half_an_inch_of_board_and_a_gap_of_air_can(): void
    {
        $project = array_values(array_filter(Examples::all(), static fn ($p): bool => str_contains($p->name, 'Music school')))[0];
        $whole = $project->options[1]->design;
        $loss = static fn (Design $d): float => Assessor::loss($project->site, $d)->mean;
        $bare = $whole->with(['form' => $whole->form->but(starts: FormStart::Grade)]);
        $lined = static fn (float $t): Design => $bare->with(['lining' => new Lining([Layer::of(Catalogue::get('xps-25psi'), $t)])]);
        [$none, $thin, $thick, $all] = [$loss($bare), $loss($lined(0.0127)), $loss($lined(0.05)), $loss($whole)];
        self::assertGreaterThan($thin, $none);
        self::assertGreaterThan($thick, $thin);
        self::assertGreaterThan(1.3 * $all, $thin, 'the form to the footing holds back far more');
        // A bare wall has about R 0.13 + 0.08 + 0.7 of ground about it; board and air add 0.45 and 0.18.
        self::assertLessThan(0.5, ($none - $thin) / $none);
    }

    /** ISO 6946:2017, table 8, horizontal (from memory): 5, 15 and 25 mm; no more in wider ones. */
    public function test_still_air_holds_back_what_the_standard_says(): void
    {
        foreach ([[0.005, 0.11], [0.015, 0.17], [0.025, 0.18], [0.1, 0.18]] as [$width, $r]) {
            self::assertEqualsWithDelta($r, StillAir::resistance($width), 1e-12);
            self::assertEqualsWithDelta($r, $width / StillAir::conductivity($width), 1e-12);
        }
    }

    /** @return iterable<string, Design> */
    private static function designs(): iterable
    {
        $boards = static fn (float ...$t): Lining => new Lining(
            array_values(array_map(static fn (float $x): Layer => Layer::of(Catalogue::get('xps-25psi'), $x), $t)),
        );
        foreach (Families::all() as $slug => $family) {
            $plain = $family->preset(new Footprint(96.0, 40.0, 40.0, doors: 2.0), UnitSystem::Metric);
            yield $slug => $plain;
            foreach (Schools::all() as $school => $question) {
                foreach ($question->answer($plain) === null ? [] : array_keys($question->answers()) as $answer) {
                    yield "{$slug}, {$school} {$answer}" => $question->follow($plain, $answer);
                }
            }
            foreach (FormStart::cases() as $start) {
                foreach ([$boards(), $boards(0.0127), $boards(0.05, 0.0125)] as $i => $lining) {
                    foreach ([0.0, 0.3] as $gap) {
                        try {
                            $form = Schools::all()['wall-kind']->answer($plain) === null
                                ? $plain
                                : Schools::all()['wall-kind']->follow($plain, 'form');
                            yield "{$slug}, form {$start->value}, lining {$i}, gap {$gap}" => $form->with(
                                [
                                    'form' => $form->form->but(starts: $start),
                                    'lining' => $i === 0 ? $lining : $lining->but(gapAboveFloor: $gap),
                                ],
                            );
                        } catch (FaultyInput) {
                            continue;
                        }
                    }
                }
            }
        }
    }

    /** @param  list<Edge>  $edges */
    private static function length(array $edges): float
    {
        return array_sum(array_map(static fn (Edge $e): float => hypot($e->x1 - $e->x0, $e->y1 - $e->y0), $edges));
    }
}
