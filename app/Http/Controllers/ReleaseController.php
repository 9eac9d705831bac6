<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Lock;
use App\Forms\Reader;
use App\Forms\Word;
use App\History\History;
use App\Models\Project;
use App\Models\Revision;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Assessor;
use Ondergrond\History\Changes;
use Ondergrond\History\ChangeWords;
use Ondergrond\Verdict\Severity;

/** One option of a project is released to be built; after that its design is changed by a change, with a reason. */
final readonly class ReleaseController
{
    private const SHORTEST_REASON = 3;

    private const LONGEST_REASON = 500;

    public function __construct(private Reader $reading) {}

    public function show(Project $project): View
    {
        return view('release.show', [
            'project' => $project, 'release' => $project->release, 'option' => $project->building(),
            'may' => Gate::allows('update', $project), 'underWay' => $project->isUnderWay(),
        ]);
    }

    public function store(Project $project, Request $request): RedirectResponse
    {
        $option = $project->options()->whereKey($request->integer('option'))->first()
            ?? throw ValidationException::withMessages(['option' => 'Choose an option of this project.']);
        $format = $this->reading->formatter($project);
        $open = [];
        foreach (Assessor::judge($project->site, $option->design, $project->units, $option->setAside())->findings as $judged) {
            if ($judged->isOpen() && $judged->finding->severity !== Severity::Note) {
                $open[] = "{$judged->finding->severity->value}: {$judged->finding->said->in($format)}";
            }
        }
        Lock::on($project, static function () use ($project, $option, $open): void {
            if ($project->release()->exists()) {
                throw ValidationException::withMessages(['option' => 'An option of this project is released already. Withdraw it first.']);
            }
            $project->release()->create([
                'option_id' => $option->id, 'revision_id' => History::head($option)->id, 'by' => User::current()->name, 'open' => $open,
            ]);
        });

        return redirect()->route('release.show', $project)->with('said', "“{$option->name}” is released to be built.");
    }

    /** A change begins with its reason; it ends as a new released revision, with what differs in words. */
    public function update(Project $project, Request $request): RedirectResponse
    {
        $why = trim(Word::of($request, 'why'));
        $ends = Word::of($request, 'act') === 'end';
        $format = $this->reading->formatter($project);
        $said = Lock::on($project, static function () use ($project, $why, $ends, $format): string {
            $release = $project->release()->first() ?? throw ValidationException::withMessages(['why' => 'Nothing is released.']);
            if ($release->holdsFast() === $ends) {
                throw ValidationException::withMessages(['why' => $ends ? 'No change is under way.' : 'A change is under way already.']);
            }
            if (! $ends) {
                if (mb_strlen($why) < self::SHORTEST_REASON || mb_strlen($why) > self::LONGEST_REASON) {
                    throw ValidationException::withMessages([
                        'why' => sprintf(
                            'A released design is changed with a reason. Allowed: %d to %d characters.', self::SHORTEST_REASON,
                            self::LONGEST_REASON,
                        ),
                    ]);
                }
                $release->update(['changing' => $why]);

                return 'The design can be changed now. End the change when it is done.';
            }
            $head = History::head($release->option);
            $before = Revision::query()->whereKey($release->revision_id)->first();
            $what = (new ChangeWords($format))->lines(Changes::between($before->state ?? $head->state, $head->state));
            $release->update([
                'revision_id' => $head->id, 'changing' => '',
                'changes' => [...$release->changes, [
                    'why' => $release->changing, 'what' => $what === [] ? 'nothing of the section' : implode('; ', $what),
                    'by' => User::current()->name, 'at' => now()->utc()->format('Y-m-d\TH:i:s\Z'),
                ]],
            ]);

            return 'The changed design is released.';
        });

        return redirect()->route('release.show', $project)->with('said', $said);
    }

    public function destroy(Project $project): RedirectResponse
    {
        Lock::on($project, static function () use ($project): void {
            if ($project->isUnderWay()) {
                throw ValidationException::withMessages(
                    ['option' => 'Something is ordered or logged already: change it with a reason instead of withdrawing it.'],
                );
            }
            $project->release()->delete();
        });

        return redirect()->route('release.show', $project)->with('said', 'Withdrawn: no option is released.');
    }
}
