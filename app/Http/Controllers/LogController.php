<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Building\BuildingJob;
use App\Database\Lock;
use App\Forms\Reader;
use App\Forms\TypedEntry;
use App\Forms\Word;
use App\Http\Photo;
use App\Models\EntryRecord;
use App\Models\Photograph;
use App\Models\Project;
use App\View\LogPage;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Logbook\EntryKind;

/** What is read on site: made for a telephone and a thumb. */
final readonly class LogController
{
    public function __construct(private Reader $reading) {}

    public function show(Project $project, Request $request): View
    {
        return view('log.show', ['page' => LogPage::of($project, $this->reading->formatter($project), $request->boolean('all'))]);
    }

    public function store(Project $project, Request $request): RedirectResponse
    {
        $job = BuildingJob::of($project);
        if ($project->entries()->count() >= EntryRecord::MOST) {
            throw ValidationException::withMessages(['note' => 'A log holds '.EntryRecord::MOST.' entries.']);
        }
        $typed = new TypedEntry($request, $this->reading->written($request, $project), now(), $project->site->timeZone);
        if ($project->entries()->whereKey($typed->id())->exists()) {
            // The same sending a second time: the first came through, its answer did not.
            return redirect()->route('log.show', $project)->with('said', 'Kept already.');
        }
        $photo = Photo::taken($request->file('photo'));
        $hold = Word::of($request, 'hold');
        $item = $job->items()[$hold] ?? null;
        $kind = EntryKind::tryFrom(Word::of($request, 'kind')) ?? EntryKind::Note;
        if ($item !== null) {
            $last = $job->holds()[$item->hold->value]->latest[$item->id] ?? null;
            $entry = $typed->reading($item, $last, $photo->hash ?? '', $job->option->design, $job->option->plan());
        } else {
            abort_if($kind === EntryKind::Pass, 422);
            $entry = $typed->free($kind, $photo->hash ?? '', $job->option->design, $job->option->plan());
        }
        try {
            DB::transaction(function () use ($project, $photo, $entry): void {
                EntryRecord::of($project, $entry);
                $photo?->keep($project);
            });
        } catch (UniqueConstraintViolationException) {
            // Sent twice at the same moment; or under a number that another job has, which nobody's telephone makes.
            abort_unless($project->entries()->whereKey($entry->id)->exists(), 422);

            return redirect()->route('log.show', $project)->with('said', 'Kept already.');
        }
        $said = $entry->said();

        return redirect()->to(route('log.show', $project).($item === null ? '' : '#'.$item->hold->value))->with(
            'said', "{$said->state->value}: {$said->words->in($this->reading->formatter($project))}",
        );
    }

    public function pass(Project $project, Request $request): RedirectResponse
    {
        $hold = Word::of($request, 'hold');
        $typed = new TypedEntry($request, $this->reading->written($request, $project), now(), $project->site->timeZone);
        // One after the other: of two people who pass the same point, the second is told who did.
        Lock::on($project, function () use ($project, $hold, $typed): void {
            $state = BuildingJob::of($project)->holds()[$hold] ?? throw ValidationException::withMessages(
                ['hold' => 'There is no such hold point in this job.'],
            );
            $entry = $typed->pass($state);
            abort_if(EntryRecord::query()->whereKey($entry->id)->exists(), 422);
            EntryRecord::of($project, $entry);
        });

        return redirect()->to(route('log.show', $project).'#'.$hold)->with('said', 'Passed.');
    }

    public function photo(Project $project, string $hash): Response
    {
        $photo = $project->photographs()->where('hash', $hash)->first();
        abort_unless($photo instanceof Photograph, 404);

        return new Response($photo->bytes(), 200, [
            'Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable',
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }
}
