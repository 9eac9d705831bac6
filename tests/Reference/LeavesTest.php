<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ondergrond\Assessor;
use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\HeatedIn;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Schools\Schools;
use Ondergrond\Examples\Examples;
use Ondergrond\Exchange\SectionFile;
use Ondergrond\Field\Problem;
use Ondergrond\Field\Solution;
use Ondergrond\Ground\SectionProblem;
use Ondergrond\Units\UnitSystem;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A cavity wall that goes down to its footing in two leaves, by the product and by finite elements with Debian's python3-scipy. */
final class LeavesTest extends TestCase
{
    /**
     * ψ is L2D less the same formula's floor, so that ψ is as far apart as L2D is. ISO 10211 asks 1 % of the sum of flows;
     * 0.02 W/(m·K) is what tables of ψ are read to.
     */
    public function test_psi_of_the_cavity_section_is_what_finite_elements_find(): void
    {
        $found = [];
        foreach ([
            'light inner leaf' => self::design(), 'dense inner leaf' => self::leaf(self::design(), 'dense-block'),
            'solid' => Schools::all()['wall-kind']->follow(self::design(), 'masonry'),
        ] as $name => $design) {
            $problem = SectionProblem::of(Examples::boathouse()->site, $design, 1.5, yearly: false);
            $ours = self::lost(Solution::of($problem)->steady->flows);
            $theirs = self::lost(self::solved($problem));
            self::assertEqualsWithDelta($theirs, $ours, 0.02, $name);
            $found[$name] = $theirs;
        }
        self::assertLessThan($found['dense inner leaf'], $found['light inner leaf'], 'a light inner leaf is the better one');
        self::assertLessThan($found['solid'], $found['dense inner leaf'], 'and either is better than a solid stem');
    }

    /** Common practice, no source: a cavity wall whose insulation goes on down stays dry at its foot; on a solid stem it does not. */
    public function test_the_wall_foot_is_judged_by_its_leaves(): void
    {
        $site = Examples::of('insulated-screed-floor')->site ?? self::fail('there is an example of it');
        $leaves = Families::all()['insulated-screed-floor']->preset(Footprint::rectangle(10.0, 6.0), UnitSystem::Metric);
        $coldest = static fn (Design $d): float => Assessor::assess($site, $d)->damp->factor() ?? self::fail('its field is solved');
        self::assertGreaterThan($coldest(Schools::all()['wall-kind']->follow($leaves, 'masonry')) + 0.02, $coldest($leaves));
        self::assertGreaterThanOrEqual($coldest(self::leaf($leaves, 'dense-block')), $coldest($leaves), 'lighter is no worse');
        self::assertLessThan($coldest($leaves), $coldest($leaves->with(['cavity' => $leaves->cavity->but(toBelowFloor: 0.0)])));
    }

    private static function design(): Design
    {
        $design = Families::all()['insulated-screed-floor']->preset(Footprint::rectangle(10.0, 6.0), UnitSystem::Metric);

        return $design->with(['heating' => $design->heating->but(in: HeatedIn::None),
            'cavity' => $design->cavity->but(leanFill: Done::Yes)]);
    }

    private static function leaf(Design $design, string $inner): Design
    {
        return $design->with(['stem' => $design->stem->but(leaves: [new Layer($inner, 0.1), $design->stem->leaves[1]])]);
    }

    /** @param  array<string, float>  $flows  by boundary, W/m at 1 K */
    private static function lost(array $flows): float
    {
        return abs(array_sum(array_intersect_key($flows, array_flip(SectionProblem::INSIDE))));
    }

    /** @return array<string, float> */
    private static function solved(Problem $problem): array
    {
        $process = new Process(
            ['/usr/bin/python3', __DIR__.'/independent/section.py', 'scipy', '-', '0.006'], input: SectionFile::write($problem),
            timeout: 300,
        );

        return json_decode($process->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR)['flows'];
    }
}
