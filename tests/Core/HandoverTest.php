<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use DOMDocument;
use Ondergrond\AsBuilt\AsBuilt;
use Ondergrond\AsBuilt\Difference;
use Ondergrond\Examples\Building;
use Ondergrond\Exchange\PackWriter;
use Ondergrond\Handover\Dossier;
use Ondergrond\Handover\Pack;
use Ondergrond\Logbook\HoldItems;
use Ondergrond\Logbook\Logbook;
use Ondergrond\Sequence\Circumstances;
use Ondergrond\Sequence\Network;
use Ondergrond\Takeoff\Job;
use Ondergrond\Takeoff\OrderList;
use Ondergrond\Takeoff\PriceList;
use Ondergrond\Units\QuantityFormatter;
use PHPUnit\Framework\TestCase;

/** What is handed over says all of a job, and nothing that is written for it is forgotten. */
final class HandoverTest extends TestCase
{
    public function test_every_chapter_and_every_stage_of_the_work_is_in_its_list(): void
    {
        foreach ([['Handover/Chapters', Pack::CHAPTERS], ['Sequence/Stages', Network::STAGES]] as [$folder, $listed]) {
            $files = glob(dirname(__DIR__, 2)."/core/{$folder}/*.php");
            self::assertIsArray($files);
            $written = array_map(
                static fn (string $file): string => 'Ondergrond\\'.strtr($folder, '/', '\\').'\\'.basename($file, '.php'),
                $files,
            );
            self::assertEqualsCanonicalizing($written, $listed, "{$folder}: each class is named in the list");
        }
    }

    public function test_a_job_that_is_under_way_says_what_is_open_and_who_said_what(): void
    {
        foreach (Building::all() as $project) {
            if ($project->plan === null || $project->release === null) {
                continue;
            }
            $option = $project->built() ?? $project->options[0];
            $log = new Logbook($project->entries);
            $job = new Job($option->design, $project->units, $project->plan, $project->plan->items->and($option->layout));
            $of = new Circumstances($project->site, $job);
            $built = AsBuilt::of($option->design, $log, $project->plan);
            self::assertTrue($built->deviates(), $project->name);
            $prices = PriceList::fromArray(['currency' => 'fl.', 'per_m3' => ['reinforced-concrete' => 165]]);
            $html = PackWriter::html(Pack::of(new Dossier(
                $project, $option, Difference::of($project->site, $built, $project->units, $option->setAside, roughly: true), $built,
                OrderList::of($job, $prices), $log, $log->holds(
                    HoldItems::of($of, Network::of($of)),
                ), new QuantityFormatter($project->units),
                new DateTimeImmutable('2026-11-28T08:00:00Z'),
            )), 'sha256:0');
            $page = new DOMDocument;
            self::assertTrue($page->loadHTML($html, LIBXML_NOERROR));
            foreach ([
                $project->name, 'Marit Sluys', 'Wen Dijker', 'Built otherwise than drawn', 'not read', 'Readings', 'Cautions',
            ] as $said) {
                self::assertStringContainsString($said, html_entity_decode($html), $project->name);
            }
            self::assertStringNotContainsString('fl.', $html, 'a client sees no prices');
            self::assertStringNotContainsString('<script', $html);
            self::assertDoesNotMatchRegularExpression('~(src|href)="(?!data:|#)~', $html, 'it needs nothing beside it');
        }
    }
}
