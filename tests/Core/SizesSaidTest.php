<?php

declare(strict_types=1);

namespace Tests\Core;

use App\View\SiteForm;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\Schema;
use Ondergrond\Codec\SizePath;
use Ondergrond\Codec\SizeTable;
use Ondergrond\Design\Design;
use Ondergrond\Design\Group;
use Ondergrond\Design\Part;
use Ondergrond\Design\Recess;
use Ondergrond\Examples\Examples;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Section\EdgeSection;
use Ondergrond\Section\Stretch;
use Ondergrond\Section\Window;
use Ondergrond\Takeoff\Takeoff;
use Ondergrond\Units\KeyEnding;
use PHPUnit\Framework\TestCase;
use Tests\Architecture\ArrowTable;
use Tests\Architecture\CoreArrows;

/** What is known of a size or a part is said once; forgetting it, or a place where it is needed, fails here by its name. */
final class SizesSaidTest extends TestCase
{
    public function test_schema_and_parameters_know_the_same_keys_and_the_same_answers(): void
    {
        $said = array_column([...SizeTable::design(), ...SizeTable::site()], null, 'key');
        foreach ($said as $key => $row) {
            self::assertNotSame('', $row['allowed'], "{$key} is missing in the schema");
            self::assertNotSame('', $row['label'], $key);
        }
        foreach (self::keys() as $key => $rule) {
            self::assertArrayHasKey($key, $said, "{$key} of the schema is no parameter");
            $choices = SizePath::said($key)?->choices();
            if (isset($rule['enum']) && $key !== 'family') {
                self::assertSame($rule['enum'], array_keys($choices ?? []), "answers of {$key}");
            } elseif (in_array('number', (array) ($rule['type'] ?? []), true)) {
                self::assertNotNull(SizePath::quantity($key), "{$key} has no quantity");
                self::assertSame(
                    in_array('null', (array) $rule['type'], true),
                    SizePath::said($key)->mayBeUnsaid ?? null,
                    "whether {$key} may be left unsaid",
                );
            }
        }
    }

    public function test_the_published_tables_are_those_of_the_program(): void
    {
        $file = (string) file_get_contents(dirname(__DIR__, 2).'/docs/formats.md');
        self::assertStringContainsString(
            "<!-- sizes -->\n".SizeTable::markdown().'<!-- /sizes -->',
            $file,
            'bin/ondergrond sizes, into docs/formats.md',
        );
    }

    public function test_the_published_arrows_are_those_the_analysis_holds(): void
    {
        $file = (string) file_get_contents(dirname(__DIR__, 2).'/docs/architecture.md');
        self::assertStringContainsString(
            ArrowTable::FROM."\n".ArrowTable::markdown().ArrowTable::TO,
            $file,
            'php tests/Architecture/arrows.php',
        );
        $rooms = array_map(
            static fn (string|false $f): string => basename((string) $f),
            (array) glob(dirname(__DIR__, 2).'/core/*', GLOB_ONLYDIR),
        );
        self::assertSame([], array_diff($rooms, array_keys(CoreArrows::MAY_USE)), 'every room has its arrows');
    }

    public function test_every_field_of_a_site_stands_on_its_page(): void
    {
        $keys = array_column(SizeTable::site(), 'key');
        $shown = SiteForm::paths();
        sort($keys);
        sort($shown);
        self::assertSame($keys, $shown);
    }

    public function test_every_part_stands_in_the_log_is_drawn_and_counted_or_says_why_not(): void
    {
        $listed = array_merge(...array_map(static fn (Group $g): array => $g->parts(), Group::cases()));
        self::assertCount(count(Part::cases()), $listed);
        [$drawn, $counted] = self::found();
        foreach (Part::cases() as $part) {
            $said = $part->described();
            self::assertSame(
                $said->undrawn === '',
                isset($drawn[$part->value]),
                "Part::{$part->name} is drawn by Painter or EdgeSection, or says why not ({$said->undrawn},
            )");
            self::assertSame(
                $said->uncounted === '',
                isset($counted[$part->value]),
                "Part::{$part->name} is counted by Takeoff, or says why not ({$said->uncounted},
            )");
        }
        $rows = array_map(static fn (Part $p): string => $p->described()->group->value.$p->described()->row, Part::cases());
        self::assertSame(array_unique($rows), $rows, 'no two parts stand in one row');
    }

    public function test_a_value_out_of_its_range_is_reported_in_its_own_unit(): void
    {
        $design = DesignCodec::toArray(Examples::boathouse()->options[0]->design);
        $units = ['line_kn_m' => ' kN/m', 'post_kn' => ' kN', 'floor_live_kpa' => ' kPa', 'plate_m' => ' m'];
        foreach ($units as $key => $unit) {
            $far = array_replace_recursive($design, ['loads' => [$key => 99999.0]]);
            try {
                DesignCodec::fromArray($far);
                self::fail("{$key} of 99999 passed");
            } catch (FaultyInput $e) {
                self::assertSame("/loads/{$key}", $e->faults[0]->pointer);
                self::assertSame('99999'.$unit, $e->faults[0]->found);
                self::assertStringEndsWith($unit, $e->faults[0]->allowed);
            }
        }
        foreach (self::keys() as $key => $rule) {
            if (in_array('number', (array) ($rule['type'] ?? []), true) && preg_match('~\b(zones|count|mats|grit)$~', $key) !== 1) {
                self::assertNotNull(KeyEnding::of($key), "{$key} ends in no unit");
            }
        }
    }

    /** @return array<string, array<string, mixed>> what the schema says of each key of a design and a site, by path */
    private static function keys(): array
    {
        $schema = json_decode(Schema::Project->text(), true, flags: JSON_THROW_ON_ERROR);
        $resolved = static function (array $rule) use ($schema, &$resolved): array {
            $name = basename($rule['$ref'] ?? '');

            return $name === '' ? $rule : $resolved([...$schema['$defs'][$name], ...array_diff_key($rule, ['$ref' => true])]);
        };
        $keys = [];
        $walk = static function (array $rule, string $at) use (&$walk, &$keys, $resolved): void {
            $rule = $resolved($rule);
            foreach ($rule['properties'] ?? [] as $key => $below) {
                $walk($below, $at === '' ? (string) $key : "{$at}.{$key}");
            }
            if (! isset($rule['properties'])) {
                $keys[$at] = $rule;
            }
        };
        $walk($schema['$defs']['design'], '');
        $walk($schema['$defs']['site'], '');

        return $keys;
    }

    /** @return array{array<string, true>, array<string, true>} parts that are drawn, and counted, in any section of any example */
    private static function found(): array
    {
        $designs = [];
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                $designs[] = $option->design;
            }
        }
        // No example has one.
        $designs[] = $designs[0]->with(['recess' => new Recess(0.1, 0.03, 0.6)]);
        $drawn = $counted = [];
        foreach ($designs as $design) {
            foreach (array_column(Stretch::all($design), 'kind') as $side) {
                $section = EdgeSection::of($design, new Window(5.0, 5.0, 5.0, 5.0), $side);
                foreach ([...$section->regions, ...$section->courses] as $shown) {
                    if ($shown->part !== null) {
                        $drawn[$shown->part->value] = true;
                    }
                }
            }
            foreach (Takeoff::of($design) as $item) {
                $counted[$item->part->value] = true;
            }
        }

        return [$drawn, $counted];
    }
}
