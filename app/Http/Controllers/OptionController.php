<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Lock;
use App\Forms\Reader;
use App\History\Conflict;
use App\History\History;
use App\Http\Requests\OptionRequest;
use App\Http\Requests\PlaceRequest;
use App\Later\Words;
use App\Models\Option;
use App\Models\Project;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Assessor;

/** The options of a project: the designs that are weighed for it. */
final class OptionController
{
    public function index(Project $project, Reader $reading, Words $words): View
    {
        $options = $project->options()->withMax('revisions', 'id')->get();
        $of = $options->map(static fn (Option $o): array => [$project, $o, Assessor::formulas($project->site, $o->design)])->all();
        $rulings = $words->of($of);

        return view('options.index', [
            'project' => $project,
            'newer' => $project->newerProducts(),
            'format' => $reading->formatter($project),
            'rows' => $options->map(static fn (Option $o, int $i): array => [
                'option' => $o,
                'heat' => $of[$i][2],
                'rulings' => $rulings[$i],
                'head' => (int) $o->getAttribute('revisions_max_id'),
            ]),
        ]);
    }

    /** A copy right after the one it was made from. */
    public function duplicate(Project $project, Option $option, History $history): RedirectResponse
    {
        $copy = Lock::on($project, static function () use ($project, $option, $history): Option {
            if ($project->options()->count() >= Project::MOST_OPTIONS) {
                throw ValidationException::withMessages(['option' => 'Allowed: up to '.Project::MOST_OPTIONS.' options in a project.']);
            }
            $project->options()->where('position', '>', $option->position)->increment('position');
            $copy = $project->options()->create([
                'position' => $option->position + 1,
                'name' => Str::limit($option->name, Option::LONGEST_NAME - 7, '').', copy',
                'pinned' => false,
                'note' => $option->note,
                'design' => $option->typed(),
                'set_aside' => $option->set_aside,
            ]);
            $history->begin($copy, User::current()->name);
            $copy->setRelation('project', $project)->standAs($option, User::current()->name);

            return $copy;
        });

        return redirect()->route('section.show', [$project, $copy])->with('said', "This is a copy of “{$option->name}”.");
    }

    public function update(Project $project, Option $option, OptionRequest $request, History $history, Reader $reading): RedirectResponse
    {
        $typed = $request->validated();
        $words = static fn (array $state): array => [...$state, 'name' => trim($typed['name']), 'note' => trim($typed['note'])];
        try {
            // Words go over a design that was changed meanwhile, not over other words.
            $history->change($option, (int) $typed['revision'], $words, beside: true);
        } catch (Conflict $e) {
            throw ValidationException::withMessages(['name' => $e->told($reading->formatter($project))]);
        }

        return redirect()->route('options.index', $project)->with('said', 'Saved.');
    }

    /** The pinned option is the one that is opened and judged first. */
    public function pin(Project $project, Option $option): RedirectResponse
    {
        DB::transaction(static function () use ($project, $option): void {
            $project->options()->update(['pinned' => false]);
            $option->update(['pinned' => true]);
        });

        return redirect()->route('options.index', $project)->with('said', "“{$option->name}” is pinned: it is opened and judged first.");
    }

    public function move(Project $project, Option $option, PlaceRequest $request): RedirectResponse
    {
        $by = $request->integer('by');
        Lock::on($project, static function () use ($project, $option, $by): void {
            $order = $project->options()->pluck('id')->all();
            $at = (int) array_search($option->id, $order, true);
            $to = max(0, min(count($order) - 1, $at + $by));
            [$order[$at], $order[$to]] = [$order[$to], $order[$at]];
            foreach ($order as $position => $id) {
                $project->options()->whereKey($id)->update(['position' => $position]);
            }
        });

        return redirect()->route('options.index', $project);
    }

    /** Into the trash, from where it can be had back. */
    public function destroy(Project $project, Option $option): RedirectResponse
    {
        Lock::on($project, static function () use ($project, $option): void {
            if ($project->options()->count() === 1) {
                throw ValidationException::withMessages(
                    [
                        'option' => "“{$option->name}” is the only option left, and a project needs one. Put the whole project in the trash instead.",
                    ],
                );
            }
            $option->update(['pinned' => false]);
            $option->delete();
        });

        return redirect()->route('options.index', $project)->with('said', "“{$option->name}” is in the trash.");
    }
}
