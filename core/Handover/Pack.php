<?php

declare(strict_types=1);

namespace Ondergrond\Handover;

use Ondergrond\Handover\Chapters\Cautions;
use Ondergrond\Handover\Chapters\Deviations;
use Ondergrond\Handover\Chapters\HoldPoints;
use Ondergrond\Handover\Chapters\Job;
use Ondergrond\Handover\Chapters\NotChecked;
use Ondergrond\Handover\Chapters\Photographs;
use Ondergrond\Handover\Chapters\PlanSheet;
use Ondergrond\Handover\Chapters\Quantities;
use Ondergrond\Handover\Chapters\Readings;
use Ondergrond\Handover\Chapters\SectionSheet;
use Ondergrond\Handover\Chapters\SetAsideRules;
use Ondergrond\Handover\Chapters\Verdicts;

/** What is handed over: chapters with what each has to say. */
final readonly class Pack
{
    /** @var list<class-string<Chapter>> */
    public const CHAPTERS = [
        Job::class, PlanSheet::class, SectionSheet::class, Verdicts::class, Deviations::class, HoldPoints::class, Readings::class,
        Photographs::class, Quantities::class, SetAsideRules::class, NotChecked::class, Cautions::class,
    ];

    /** @param  list<array{title: string, blocks: list<Block>}>  $chapters  those that have something to say */
    private function __construct(
        public Dossier $of,
        public array $chapters,
    ) {}

    public static function of(Dossier $of): self
    {
        $chapters = [];
        foreach (self::CHAPTERS as $class) {
            $chapter = new $class;
            $blocks = $chapter->blocks($of);
            if ($blocks !== []) {
                $chapters[] = ['title' => $chapter->title(), 'blocks' => $blocks];
            }
        }

        return new self($of, $chapters);
    }
}
