<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Forms\TypedEntry;
use App\Forms\TypedSurvey;
use App\Forms\Word;
use App\Models\EntryRecord;
use App\Models\Project;
use App\View\LevelPage;
use App\View\SetOutPage;
use App\View\SquarePage;
use App\View\WallsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Logbook\Entry;
use Ondergrond\Logbook\State;
use Ondergrond\Logbook\Survey;

/** A plan brought out onto the ground: the sheet to set out by, corners squared up, heights levelled. Readings are entries of the log. */
final readonly class SurveyController
{
    public function __construct(private Reader $reading) {}

    public function sheet(Project $project, Request $request): View
    {
        self::needsPlan($project);

        return view('survey.sheet', [
            'page' => SetOutPage::of($project, $this->reading->formatter($project), Word::of($request, 'by') === 'tapes'),
        ]);
    }

    public function walls(Project $project): View
    {
        self::needsPlan($project);

        return view('survey.walls', ['page' => WallsPage::of($project, $this->reading->formatter($project))]);
    }

    public function square(Project $project, Request $request): View
    {
        self::needsPlan($project);

        return view('survey.square', ['page' => SquarePage::of($project, $this->reading->formatter($project), $request)]);
    }

    /** Tapes that were read, or that a corner was moved as the page said. */
    public function tape(Project $project, Request $request): RedirectResponse
    {
        self::needsPlan($project);
        $page = SquarePage::of($project, $this->reading->written($request, $project), $request);
        $typed = $this->typed($project, $request);
        $corner = Word::of($request, 'moved');
        if ($corner !== '') {
            $move = $page->square?->best()->moves[$corner] ?? throw ValidationException::withMessages(
                ['moved' => 'No tapes say where that corner should go. Choose what stays.'],
            );
            $entries = [$typed->moved($corner, $move)];
        } else {
            $entries = $typed->tapes($page->outline, $page->lines());
        }
        $this->keep($project, $entries);

        return redirect()->to(route('plan.square', [$project, ...$page->asked()]).'#answer')->with('said', match (true) {
            $corner !== '' => "Corner {$corner} is moved: read its tapes again.",
            $entries === [] => 'No tape was typed; those that were kept before count.',
            default => count($entries) === 1 ? 'One tape is kept.' : count($entries).' tapes are kept.',
        });
    }

    public function levels(Project $project): View
    {
        self::needsPlan($project);

        return view('survey.levels', ['page' => LevelPage::of($project, $this->reading->formatter($project))]);
    }

    public function rod(Project $project, Request $request): RedirectResponse
    {
        self::needsPlan($project);
        $page = LevelPage::of($project, $this->reading->written($request, $project));
        $entries = $this->typed($project, $request)->levels($page->plan, $page->targets);
        $this->keep($project, $entries);
        $out = count(array_filter($entries, static fn (Entry $e): bool => $e->said()->state === State::Out));

        return redirect()->route('plan.levels', $project)->with('said', match (true) {
            $entries === [] => 'Nothing new was typed.',
            count($entries) === 1 => ucfirst($entries[0]->said()->words->in($this->reading->formatter($project)))
                .($out === 1 ? ': out of tolerance.' : '.'),
            default => count($entries).' readings are kept, '.($out === 0 ? 'none' : $out).' out of tolerance.',
        });
    }

    private function typed(Project $project, Request $request): TypedSurvey
    {
        $format = $this->reading->written($request, $project);

        return new TypedSurvey(
            $request, $format, new TypedEntry($request, $format, now(), $project->site->timeZone), Survey::of($project->log()),
        );
    }

    /**
     * @param  list<Entry>  $entries
     *
     * @throws ValidationException where the log is full
     */
    private function keep(Project $project, array $entries): void
    {
        if ($project->entries()->count() + count($entries) > EntryRecord::MOST) {
            throw ValidationException::withMessages(['tape' => 'A log holds '.EntryRecord::MOST.' entries.']);
        }
        DB::transaction(static function () use ($project, $entries): void {
            foreach ($entries as $entry) {
                EntryRecord::of($project, $entry);
            }
        });
    }

    private static function needsPlan(Project $project): void
    {
        abort_if($project->building()->plan() === null, 404);
    }
}
