<?php

declare(strict_types=1);

namespace App\Later;

use App\Models\Option;
use App\Models\Project;
use Ondergrond\Assessor;
use Ondergrond\Exchange\MassFile;

/** All that an option's rooms do through hours and days: some seconds. */
final readonly class Story implements Work
{
    public function __construct(private KeptWork $kept, private Hours $hours) {}

    public function isKnown(Project $project, Option $option): bool
    {
        return $this->hours->isWhole($project, $option);
    }

    public function workOut(Project $project, Option $option, callable $still): void
    {
        [$site, $design] = [$project->site, $option->design];
        $story = Assessor::story($site, $design);
        foreach ($story->answers as $slug => $answer) {
            $still();
            $runs = [];
            foreach ($answer->runs as $label => $run) {
                $runs[] = ['label' => $label, ...MassFile::series($run, $answer->skip, $answer->until, $runs === [])];
            }
            $this->kept->put(Kind::Story, $project, $option, $runs, $slug);
        }
        // Last, so that whoever finds it finds the hours too.
        $this->hours->keep(Kind::Story, $project, $option, $story, Assessor::cellProof($site, $design));
    }
}
