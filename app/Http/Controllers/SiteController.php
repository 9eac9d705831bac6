<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\Conflict;
use App\History\History;
use App\Models\Project;
use App\Support\FaultMessages;
use App\Support\Reading;
use App\Support\TypedData;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\View\View;
use Ondergrond\Exchange\SiteCodec;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\RequirementSets;
use Ondergrond\Site\Soil;

final class SiteController
{
    public function edit(Project $project, Reading $reading): View
    {
        // The fields show the very revision that the page names as the one it was made from, whoever saves just now.
        $head = History::head($project);
        $project->take($head->state);

        return view('site.edit', [
            'project' => $project,
            'site' => $project->site,
            'format' => $reading->formatter($project),
            'head' => $head,
            'months' => Calendar::MONTHS,
            'soils' => Soil::cases(),
            'may' => Gate::allows('update', $project),
        ]);
    }

    /**
     * A set that is newly chosen brings its figures, whatever the fields showed of the set before.
     *
     * @param  array<string, mixed>  $stored  as in project files
     * @param  array<array-key, mixed>  $typed  loses the figures of the set before
     * @return array<string, mixed>
     */
    private static function withSet(array $stored, array &$typed): array
    {
        $stored = SiteCodec::completed($stored);
        $chosen = is_array($typed['requirements'] ?? null) ? $typed['requirements']['set'] ?? null : null;
        if (! is_string($chosen) || $chosen === $stored['requirements']['set'] || ! isset(RequirementSets::all()[$chosen])) {
            return $stored;
        }
        unset($typed['requirements']);

        return [...$stored, 'requirements' => SiteCodec::requirements(RequirementSets::all()[$chosen]['of'])];
    }

    public function update(Project $project, Request $request, History $history, Reading $reading): RedirectResponse
    {
        $name = $request->validate(
            ['name' => ['required', 'string', 'max:'.Project::LONGEST_NAME]],
            ['name.required' => 'A project needs a name.', 'name.max' => 'Allowed: up to :max characters.', 'name.string' => 'Allowed: words.'],
        )['name'];
        $typed = $request->array('site');
        $format = $reading->written($request, $project);
        try {
            $history->change($project, $request->integer('revision'), static function (array $state) use ($name, $typed, $format): array {
                $stored = self::withSet($state['site'], $typed);

                return ['name' => trim($name), 'site' => SiteCodec::toArray(TypedData::merge($stored, $typed, $format, SiteCodec::fromArray(...), 'site.'))];
            }, $request->has('seen') ? $request->integer('seen') : null);
        } catch (FaultyInput $e) {
            throw FaultMessages::thrown($e, $format);
        } catch (Conflict $e) {
            return redirect()->route('site.edit', $project)->withInput()->with('conflict', $e->inWords($reading->formatter($project)));
        }

        return redirect()->route('site.edit', $project)->with('said', 'Saved.');
    }
}
