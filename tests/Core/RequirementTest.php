<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Part;
use Ondergrond\Examples\Examples;
use Ondergrond\Rules\Judgement;
use Ondergrond\Rules\Requirement;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Requirements;
use Ondergrond\Site\RequirementSets;
use Ondergrond\Site\Site;
use Ondergrond\Site\Soil;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Verdict;
use PHPUnit\Framework\TestCase;

/** What a set of requirements asks, beside what the design has: the list and the rules say the same. */
final class RequirementTest extends TestCase
{
    public function test_the_list_lacks_what_the_rules_find(): void
    {
        $rules = [
            'under the slab' => 'meets-under-slab', 'at the edge' => 'meets-edge', 'on the basement wall' => 'meets-basement-wall',
            'on the crawlspace wall' => 'meets-crawlspace-wall', 'in the deck' => 'meets-deck',
        ];
        $seen = [];
        foreach (RequirementSets::all() as $set) {
            foreach (Families::all() as $slug => $family) {
                $site = self::site($set['of']);
                $subject = new Subject(
                    $site, $family->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::InchPound), UnitSystem::InchPound,
                );
                foreach (Requirement::all($subject) as $asked) {
                    $seen[$asked->where] = true;
                    $found = Rulebook::find($rules[$asked->where])?->judge($subject);
                    self::assertSame($asked->isMet(), $found === null, "{$slug}: {$asked->where}");
                    self::assertSame($asked->isMet(), $asked->word() !== Verdict::Fails);
                }
            }
        }
        self::assertSame([], array_diff_key($rules, $seen), 'each of them is asked of some family');
    }

    public function test_it_names_the_board_that_gives_it_and_passed_rules_are_the_rest(): void
    {
        $site = self::site(RequirementSets::all()['zone-6']['of']);
        $design = Families::all()['thickened-edge-slab']->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::InchPound);
        $judgement = Judgement::of(new Subject($site, $design, UnitSystem::InchPound));
        $under = array_column($judgement->requirements, null, 'where')['under the slab'] ?? null;
        if ($under !== null) {
            self::assertContains(Part::Field, $under->by);
        }
        self::assertCount(count(Rulebook::all()) - count($judgement->findings), $judgement->passed());
    }

    private static function site(Requirements $asked): Site
    {
        $site = Examples::boathouse()->site;

        return new Site(...[...get_object_vars($site), 'requirements' => $asked, 'soil' => Soil::SandOrGravel]);
    }
}
