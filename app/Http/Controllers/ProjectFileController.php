<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Download;
use App\Models\Project;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/** Projects out to a file and in from one. */
final class ProjectFileController
{
    public function show(Project $project): Response
    {
        return Download::of(ProjectFile::write($project->toCore()), 'application/json', $project->name, 'json');
    }

    public function store(Request $request): RedirectResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            throw ValidationException::withMessages(['file' => 'Choose a project file first (.json, as Ondergrond exports it).']);
        }
        if (! $file->isValid() || $file->getSize() > ProjectFile::LARGEST) {
            throw ValidationException::withMessages(
                ['file' => 'That file is larger than a project can be. Allowed: a project file of up to 2 MB.'],
            );
        }
        try {
            $user = User::current();
            $project = Project::store(ProjectFile::read($file->getContent()), $user->firm, $user->name);
        } catch (FaultyInput $e) {
            throw ValidationException::withMessages(['file' => array_map(static fn (Fault $f): string => $f->line(), $e->faults)]);
        }

        return redirect()->route('section.show', $project)->with('said', "“{$project->name}” is imported.");
    }
}
