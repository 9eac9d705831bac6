<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Building\BuildingJob;
use App\Database\Lock;
use App\Forms\Reader;
use App\Forms\Word;
use App\Models\Project;
use App\Models\Release;
use App\Models\Revision;
use App\Models\Stage;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Register\OpenPoint;

/** One option of a project is released to be built; after that its design is changed by a change, with a reason. */
final readonly class ReleaseController
{
    private const SHORTEST_REASON = 3;

    private const LONGEST_REASON = 500;

    /** Points that were open, as a file holds them. */
    private const MOST_OPEN = 200;

    private const MOST_WORDS = 20_000;

    public function __construct(private Reader $reading) {}

    public function show(Project $project): View
    {
        return view('release.show', [
            'project' => $project, 'release' => $project->release, 'option' => $project->building(),
            'may' => Gate::allows('update', $project), 'underWay' => $project->isUnderWay(), 'stage' => Stage::of($project),
            'differences' => $project->release === null || $project->release->holdsFast() ? [] : $project->release->differences(
                Release::headsOf($project->release->option), $this->reading->formatter($project),
            ),
        ]);
    }

    public function store(Project $project, Request $request): RedirectResponse
    {
        $option = $project->options()->whereKey($request->integer('option'))->first()
            ?? throw ValidationException::withMessages(['option' => 'Choose an option of this project.']);
        $format = $this->reading->formatter($project);
        $open = array_map(
            static fn (OpenPoint $p): string => mb_substr(($p->severity->value ?? 'open').": {$p->text($format)}", 0, self::LONGEST_REASON),
            array_slice(array_values(BuildingJob::on($project, $option)->register()->open()), 0, self::MOST_OPEN),
        );
        Lock::on($project, static function () use ($project, $option, $open): void {
            if ($project->release()->exists()) {
                throw ValidationException::withMessages(['option' => 'An option of this project is released already. Withdraw it first.']);
            }
            $heads = Release::headsOf($option);
            $project->release()->create([
                'option_id' => $option->id, 'revision_id' => $heads['design']->id, 'by' => User::current()->name, 'open' => $open,
                'heads' => self::ids($heads),
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
                // Of one that was released before they were written down: nothing has changed since.
                $release->update(['changing' => $why, 'heads' => $release->heads !== [] ? $release->heads : self::ids(
                    Release::headsOf($release->option),
                )]);

                return 'The design can be changed now. End the change when it is done.';
            }
            $heads = Release::headsOf($release->option);
            $what = $release->differences($heads, $format);
            $release->update([
                'revision_id' => $heads['design']->id, 'changing' => '', 'heads' => self::ids($heads),
                'changes' => [...$release->changes, [
                    'why' => $release->changing, 'what' => $what === [] ? 'nothing' : mb_substr(implode('; ', $what), 0, self::MOST_WORDS),
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

    /**
     * @param  array<string, Revision>  $heads
     * @return array<string, int>
     */
    private static function ids(array $heads): array
    {
        return array_map(static fn (Revision $r): int => $r->id, $heads);
    }
}
