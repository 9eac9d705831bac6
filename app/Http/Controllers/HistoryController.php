<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\FaultMessages;
use App\Forms\Reader;
use App\History\History;
use App\History\Kept;
use App\Models\Option;
use App\Models\Project;
use App\Models\Revision;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\History\Changes;
use Ondergrond\History\ChangeWords;

/** What an option, or a site, has been: who changed what, when, and the way back to any of it. */
final class HistoryController
{
    private const ON_A_PAGE = 40;

    public function __construct(private readonly History $history, private readonly Reader $reading) {}

    public function option(Project $project, Option $option): View
    {
        return $this->page(
            $project,
            $option,
            $option,
            $option->name,
            static fn (Revision $r): string => route('history.return', [$project, $option, $r]),
        );
    }

    public function site(Project $project): View
    {
        return $this->page($project, null, $project, 'the site', static fn (Revision $r): string => route('site.return', [$project, $r]));
    }

    public function returnOption(Project $project, Option $option, Revision $revision): RedirectResponse
    {
        $this->returnTo($project, $option, $revision);

        return redirect()->route('section.show', [$project, $option])->with('said', 'The design is as it was then. Undo takes this back.');
    }

    public function returnSite(Project $project, Revision $revision): RedirectResponse
    {
        $this->returnTo($project, $project, $revision);

        return redirect()->route('site.edit', $project)->with('said', 'The site is as it was then.');
    }

    /** @param  Closure(Revision): string  $return  the address that leads back to a revision */
    private function page(Project $project, ?Option $option, Kept $subject, string $of, Closure $return): View
    {
        $page = $subject->revisions()->latest('id')->simplePaginate(self::ON_A_PAGE);
        $revisions = $page->getCollection()->values();
        $older = $revisions->isEmpty() ? null : $subject->revisions()->where('id', '<', $revisions->last()->id)->latest('id')->first();
        $words = new ChangeWords($this->reading->formatter($project));

        return view('history', [
            'project' => $project,
            'option' => $option,
            'of' => $of,
            'return' => $return,
            'page' => $page,
            'head' => History::head($subject)->id,
            'rows' => $revisions->map(static function (Revision $revision, int $i) use ($revisions, $older, $words): array {
                $before = $revisions->get($i + 1) ?? $older;

                return [
                    'revision' => $revision,
                    'lines' => $before === null ? [] : $words->lines(Changes::between($before->state, $revision->state)),
                ];
            }),
        ]);
    }

    private function returnTo(Project $project, Kept&Model $subject, Revision $revision): void
    {
        try {
            $this->history->returnTo($subject, $revision);
        } catch (FaultyInput $e) {
            throw FaultMessages::thrown($e, $this->reading->formatter($project));
        }
    }
}
