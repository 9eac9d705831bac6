<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\FaultMessages;
use App\Forms\Reader;
use App\Forms\TypedSite;
use App\Forms\Word;
use App\History\Conflict;
use App\History\History;
use App\Http\Requests\ProjectNameRequest;
use App\Models\Option;
use App\Models\Project;
use App\View\SitePage;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Site\Shell;

/** Where a building stands: its year, its ground, its limits and its rooms. Saved as it is typed. */
final readonly class SiteController
{
    /** What findings offer to be said, as files call it. */
    private const SAID = ['site.damp.dried_rh_share'];

    public function __construct(private History $history, private Reader $reading) {}

    public function edit(Project $project): View
    {
        // The fields show the very revision that the page names as the one it was made from, whoever saves just now.
        $head = History::head($project);
        $project->take($head->state);

        return view('site.edit', ['page' => SitePage::of($project, $head, $this->reading->formatter($project), $this->history)]);
    }

    public function update(Project $project, ProjectNameRequest $request): RedirectResponse
    {
        $name = $request->string('name')->value();
        $typed = $request->array('site');
        $form = new TypedSite($this->reading->written($request, $project));

        return $this->saved($project, fn () => $this->history->change(
            $project, $request->integer('revision'),
            static fn (array $state): array => ['name' => trim($name), 'site' => $form->over($state['site'], $typed)],
            $request->has('seen') ? $request->integer('seen') : null,
        ));
    }

    /** What a finding offers to be said of the site, by one press; undone at the site like any other change. */
    public function say(Project $project, Option $option, Request $request): RedirectResponse
    {
        [$path, $value] = [...explode(':', Word::of($request, 'say'), 2), ''];
        if (! in_array($path, self::SAID, true) || ! is_numeric($value)) {
            throw ValidationException::withMessages(['act' => 'There is no such answer.']);
        }
        $this->saved($project, fn () => $this->history->change(
            $project, History::head($project)->id,
            static function (array $state) use ($path, $value): array {
                Arr::set($state, $path, (float) $value);

                return $state;
            }, null,
        ));

        return redirect()->route('section.show', [$project, $option]);
    }

    /** How tight the building stands over the floor, as a few figures of its rooms at once. */
    public function shell(Project $project, Request $request): RedirectResponse
    {
        $shell = Shell::tryFrom(Word::of($request, 'shell')) ?? throw ValidationException::withMessages(
            ['shell' => 'There is no such shell. Allowed: '.implode(', ', array_column(Shell::cases(), 'value')).'.'],
        );

        return $this->saved($project, fn () => $this->history->change(
            $project, History::head($project)->id,
            static fn (array $state): array => array_replace_recursive($state, ['site' => ['room' => $shell->figures()]]), null,
        ));
    }

    public function undo(Project $project): RedirectResponse
    {
        return $this->saved($project, fn () => $this->history->undo($project));
    }

    public function redo(Project $project): RedirectResponse
    {
        return $this->saved($project, fn () => $this->history->redo($project));
    }

    /** @param  Closure(): mixed  $do */
    private function saved(Project $project, Closure $do): RedirectResponse
    {
        $format = $this->reading->formatter($project);
        try {
            $do();
        } catch (FaultyInput $e) {
            throw FaultMessages::thrown($e, $format);
        } catch (Conflict $e) {
            return redirect()->route('site.edit', $project)->withInput()->with('conflict', $e->inWords($format));
        }

        return redirect()->route('site.edit', $project);
    }
}
