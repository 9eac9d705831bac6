<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\FrostSheet;
use Ondergrond\Drawing\Lettering;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Drawing\SectionFlags;
use Ondergrond\Drawing\Text;
use Ondergrond\Examples\Examples;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** Nothing that is written on a section lies on something else or runs out of its frame. */
final class LetteringTest extends TestCase
{
    public function test_flags_and_sizes_stand_apart_and_within_the_frame_in_every_family(): void
    {
        $faults = [];
        foreach (UnitSystem::cases() as $system) {
            foreach (Families::all() as $slug => $family) {
                $faults = [...$faults, ...$this->faults($family->preset(Footprint::rectangle(12.0, 8.0), $system), $system, $slug)];
            }
            foreach (Examples::all() as $project) {
                foreach ($project->options as $option) {
                    $faults = [...$faults, ...$this->faults($option->design, $system, "{$project->name}, {$option->name}")];
                }
            }
        }
        self::assertSame([], $faults);
    }

    /** @return list<string> */
    private function faults(Design $design, UnitSystem $system, string $name): array
    {
        $faults = [];
        foreach (Stretch::all($design) as $stretch) {
            foreach ([true, false] as $detail) {
                $format = new QuantityFormatter($system);
                $drawing = FrostSheet::ledge(SectionDrawing::of($stretch->design, $format, $stretch->kind, $detail), 0.9, $format);
                foreach ($this->overlaps($drawing) as $fault) {
                    $faults[] = "{$name}, {$stretch->id}, {$system->value}, ".($detail ? 'close' : 'whole').": {$fault}";
                }
            }
        }

        return $faults;
    }

    /** @return list<string> */
    private function overlaps(Drawing $drawing): array
    {
        $frame = SectionDrawing::seen($drawing);
        $faults = [];
        $boxes = [];
        foreach ($drawing->items as $item) {
            if (! $item instanceof Text || in_array($item->role, [Role::Level, Role::Named], true)) {
                continue;
            }
            $box = Lettering::box($item, $drawing->paper());
            if (! Lettering::within($box, $frame)) {
                $faults[] = "“{$item->text}” runs out of the frame";
            }
            foreach ($boxes as [$other, $before]) {
                // Flags are round.
                $round = $item->role === Role::Flag && $before->role === Role::Flag;
                $apart = hypot($item->at[0] - $before->at[0], $item->at[1] - $before->at[1]) / $drawing->paper();
                if ($round ? $apart < 2 * SectionFlags::RADIUS : Lettering::meetsAny($box, [$other])) {
                    $faults[] = "“{$item->text}” lies on “{$before->text}”";
                }
            }
            $boxes[] = [$box, $item];
        }

        return $faults;
    }
}
