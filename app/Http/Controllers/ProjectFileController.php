<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Download;
use App\Http\Photo;
use App\Models\Project;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\ProjectZip;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/** Projects out to a file and in from one. */
final class ProjectFileController
{
    /** With photographs, bytes. */
    private const LARGEST = 60_000_000;

    public function show(Project $project): Response
    {
        return Download::of(ProjectFile::write($project->toCore()), 'application/json', $project->name, 'json');
    }

    /** The same with its photographs. */
    public function zip(Project $project): Response
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'ondergrond');
        try {
            ProjectZip::write($file, ProjectFile::write($project->toCore()), (static function () use ($project): iterable {
                foreach ($project->photographs()->lazy(10) as $photo) {
                    yield $photo->hash => $photo->bytes();
                }
            })());

            return Download::of((string) file_get_contents($file), 'application/zip', $project->name, 'zip');
        } finally {
            unlink($file);
        }
    }

    public function store(Request $request): RedirectResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            throw ValidationException::withMessages(['file' => 'Choose a project file first (.json or .zip, as Ondergrond exports it).']);
        }
        if (! $file->isValid() || $file->getSize() > self::LARGEST) {
            throw ValidationException::withMessages(
                [
                    'file' => 'That file is larger than a project can be. Allowed: a project file with its photographs of up to 60 MB.',
                ],
            );
        }
        try {
            $user = User::current();
            $zip = ProjectZip::isOne(
                (string) file_get_contents($file->getPathname(), length: 4),
            ) ? ProjectZip::read($file->getPathname()) : null;
            $json = $zip['json'] ?? $file->getContent();
            $read = ProjectFile::read($json);
            // All of it or nothing.
            $project = DB::transaction(static function () use ($read, $user, $zip): Project {
                $project = Project::store($read, $user->firm, $user->name);
                foreach ($zip['photos'] ?? [] as $hash => $bytes) {
                    Photo::kept($project, $hash, $bytes);
                }

                return $project;
            });
        } catch (FaultyInput $e) {
            throw ValidationException::withMessages(['file' => array_map(static fn (Fault $f): string => $f->line(), $e->faults)]);
        }

        return redirect()->route('section.show', $project)->with('said', implode(' ', [
            "“{$project->name}” is imported.", ...ProjectFile::notes($read, $json),
        ]));
    }
}
