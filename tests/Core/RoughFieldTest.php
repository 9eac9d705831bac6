<?php

declare(strict_types=1);

namespace Tests\Core;

use Ondergrond\Assessor;
use Ondergrond\Examples\Examples;
use Ondergrond\Project\Project;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What is shown before the field is fine says that it is not, and is near what follows. */
#[Group('slow')]
final class RoughFieldTest extends TestCase
{
    /** @return iterable<string, array{Project}> */
    public static function projects(): iterable
    {
        foreach (Examples::all() as $project) {
            yield $project->name => [$project];
        }
    }

    #[DataProvider('projects')]
    public function test_a_first_look_is_near_what_follows(Project $project): void
    {
        $design = $project->options[0]->design;
        $rough = Assessor::assess($project->site, $design, $project->units, roughly: true);
        $fine = Assessor::assess($project->site, $design, $project->units);
        self::assertFalse($fine->field->isRough());
        // Shown to two or three digits behind ≈.
        self::assertEqualsWithDelta(1.0, $rough->field->steadyCoefficient / $fine->field->steadyCoefficient, 0.03, 'W/K');
        self::assertEqualsWithDelta(1.0, $rough->field->heating / $fine->field->heating, 0.03, 'kWh');
        if (! $rough->field->isRough()) {
            self::assertSame($fine->field->steadyCoefficient, $rough->field->steadyCoefficient, 'few cells were enough');
        }
    }

    public function test_some_designs_are_rough_at_first(): void
    {
        $rough = array_filter(Examples::all(), static fn (Project $p): bool => Assessor::assess(
            $p->site,
            $p->options[0]->design,
            $p->units,
            roughly: true,
        )->field->isRough());
        self::assertNotSame([], $rough);
    }
}
