<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\History;
use App\Models\Option;
use App\Models\Project;
use App\Models\Revision;
use App\Support\FaultMessages;
use App\Support\Reading;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\History\Changes;
use Ondergrond\History\ChangeWords;

/** What an option has been: who changed what, when, and the way back to any of it. */
final class HistoryController
{
    private const ON_A_PAGE = 40;

    public function index(Project $project, Option $option, Reading $reading): View
    {
        $format = $reading->formatter($project);
        $page = $option->revisions()->latest('id')->simplePaginate(self::ON_A_PAGE);
        $revisions = $page->getCollection()->values();
        $older = $revisions->isEmpty() ? null : $option->revisions()->where('id', '<', $revisions->last()->id)->latest('id')->first();
        $words = new ChangeWords($format);

        return view('options.history', [
            'project' => $project,
            'option' => $option,
            'format' => $format,
            'page' => $page,
            'head' => History::head($option)->id,
            'rows' => $revisions->map(static function (Revision $revision, int $i) use ($revisions, $older, $words): array {
                $before = $revisions->get($i + 1) ?? $older;

                return ['revision' => $revision, 'lines' => $before === null ? [] : $words->lines(Changes::between($before->state, $revision->state))];
            }),
        ]);
    }

    public function store(Project $project, Option $option, Revision $revision, History $history, Reading $reading): RedirectResponse
    {
        try {
            $history->returnTo($option, $revision);
        } catch (FaultyInput $e) {
            throw FaultMessages::thrown($e, $reading->formatter($project));
        }

        return redirect()->route('section.show', [$project, $option])->with('said', 'The design is as it was then. Undo takes this back.');
    }
}
