<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Examples\Examples;
use Ondergrond\History\Changes;
use Ondergrond\History\ChangeWords;
use Ondergrond\Units\DecimalMark;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

final class ChangesTest extends TestCase
{
    public function test_states_that_differ_only_in_how_a_number_is_written_are_the_same(): void
    {
        self::assertTrue(Changes::between(['a' => ['b' => 1, 'c' => 'x']], ['a' => ['b' => 1.0, 'c' => 'x']])->none());
        self::assertFalse(Changes::between(['a' => 1], ['a' => '1'])->none());
    }

    public function test_what_changed_leads_there_and_its_inverse_back(): void
    {
        [$one, , $other] = array_map(
            static fn ($o): array => ['name' => $o->name, 'note' => $o->note, 'design' => DesignCodec::toArray($o->design)],
            Examples::boathouse()->options,
        );
        $changes = Changes::between($one, $other);
        self::assertSame($other, $changes->on($one));
        self::assertSame($one, $changes->inverse()->on($other));
        self::assertSame($one, Changes::between($one, $one)->on($one));
    }

    public function test_two_changes_of_different_fields_go_together_in_either_order(): void
    {
        $base = ['a' => ['x' => 1, 'y' => 2, 'z' => [1, 2, 3]]];
        $mine = Changes::between($base, ['a' => ['x' => 5, 'y' => 2, 'z' => [1, 2, 3]]]);
        $theirs = Changes::between($base, ['a' => ['x' => 1, 'y' => 2, 'z' => [1, 9, 3]]]);
        self::assertSame($mine->on($theirs->on($base)), $theirs->on($mine->on($base)));
        self::assertTrue($mine->against($theirs)->none());
    }

    public function test_the_same_field_changed_to_something_else_clashes_and_to_the_same_does_not(): void
    {
        $base = ['a' => ['x' => 1, 'list' => [['m' => 1], ['m' => 2]]]];
        $to = static fn (array $a): Changes => Changes::between($base, ['a' => $a + $base['a']]);
        self::assertFalse($to(['x' => 2])->against($to(['x' => 3]))->none());
        self::assertTrue($to(['x' => 2])->against($to(['x' => 2]))->none());
        // A list that lost an entry against one whose entry was changed.
        self::assertFalse($to(['list' => [['m' => 1]]])->against($to(['list' => [['m' => 1], ['m' => 7]]]))->none());
    }

    public function test_random_states_are_always_reached_and_left_again(): void
    {
        mt_srand(11);
        $grow = static function (int $deep) use (&$grow): mixed {
            if ($deep === 0 || mt_rand(0, 2) === 0) {
                return [mt_rand(0, 3), 'word', null, 0.5, true][mt_rand(0, 4)];
            }
            $inner = [];
            for ($i = mt_rand(1, 4), $list = mt_rand(0, 1) === 0; $i > 0; $i--) {
                $list ? $inner[] = $grow($deep - 1) : $inner['k'.mt_rand(0, 4)] = $grow($deep - 1);
            }

            return $inner;
        };
        for ($i = 0; $i < 500; $i++) {
            // Keys never come and go in a state, only what stands at them.
            $one = ['a' => $grow(3), 'b' => $grow(3)];
            $other = ['a' => $grow(3), 'b' => $grow(3)];
            $there = Changes::between($one, $other)->on($one);
            self::assertTrue(Changes::between($there, $other)->none(), (string) json_encode([$one, $other, $there]));
        }
    }

    public function test_changes_are_said_in_words_and_in_the_readers_own_numbers(): void
    {
        $project = Examples::boathouse();
        $design = ['design' => DesignCodec::toArray($project->options[0]->design)];
        $changed = $design;
        $changed['design']['field_board']['thickness_m'] = 0.0762;
        $changed['design']['field_board']['material'] = 'eps-25psi';
        $changed['design']['sheet']['position'] = 'below';
        $changed['design']['wall']['outside'] = [];
        $lines = (new ChangeWords(new QuantityFormatter(UnitSystem::InchPound)))->lines(Changes::between($design, $changed));
        self::assertSame([
            'Middle board, material: XPS board, 25 psi (173 kPa) → EPS board, 25 psi (173 kPa)',
            "Middle board, thickness: 2\u{a0}in → 3\u{a0}in",
            'Vapour sheet, lies: above the boards → below the boards',
            'Wall, layers past the edge: '.count($design['design']['wall']['outside']).' layers → 0 layers',
        ], $lines);
        $site = ['site' => SiteCodec::toArray($project->site)];
        $warmer = $site;
        $warmer['site']['climate']['monthly_mean_c'][0] = 0.5;
        $warmer['site']['floor_limit_w_m2k'] = null;
        $lines = (new ChangeWords(new QuantityFormatter(UnitSystem::Metric, DecimalMark::Comma)))->lines(Changes::between($site, $warmer));
        self::assertSame(['Outdoor air, Jan: -9,5 °C → 0,5 °C', "Highest U of the floor: 0,250\u{a0}W/(m²K) → none"], $lines);
    }

    public function test_every_field_of_a_project_has_a_name_for_people(): void
    {
        $project = Examples::boathouse();
        $state = [
            'name' => '',
            'note' => '',
            'design' => DesignCodec::toArray($project->options[0]->design),
            'site' => SiteCodec::toArray($project->site),
        ];
        foreach (Changes::between([], self::flat($state))->all as $change) {
            $label = ChangeWords::label($change->path);
            self::assertDoesNotMatchRegularExpression('~[_.]~', $label, $change->path);
            self::assertNotSame('', $label);
        }
    }

    /**
     * @param  array<array-key, mixed>  $state
     * @return array<string, mixed>
     */
    private static function flat(array $state, string $prefix = ''): array
    {
        $flat = [];
        foreach ($state as $key => $value) {
            $flat += is_array($value) ? self::flat($value, "{$prefix}{$key}.") : ["{$prefix}{$key}" => $value];
        }

        return $flat;
    }
}
