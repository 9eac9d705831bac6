<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use App\Support\CurrentUnits;
use App\Support\TypedData;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ondergrond\Exchange\SiteCodec;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\Soil;

final class SiteController
{
    public function edit(Project $project, CurrentUnits $units): View
    {
        return view('site.edit', [
            'project' => $project,
            'site' => $project->site,
            'format' => $units->formatter($project),
            'months' => Calendar::MONTHS,
            'soils' => Soil::cases(),
        ]);
    }

    public function update(Project $project, Request $request, CurrentUnits $units): RedirectResponse
    {
        $typed = $request->all();
        $site = TypedData::merge(
            SiteCodec::toArray($project->site),
            is_array($typed['site'] ?? null) ? $typed['site'] : [],
            $units->formatter($project),
            SiteCodec::fromArray(...),
            'site.',
        );
        $name = $request->validate(
            ['name' => ['required', 'string', 'max:120']],
            ['name.required' => 'A project needs a name.', 'name.max' => 'Allowed: up to 120 characters.', 'name.string' => 'Allowed: words.'],
        )['name'];
        $project->update(['name' => $name, 'site' => $site]);

        return redirect()->route('site.edit', $project)->with('said', 'Saved.');
    }
}
