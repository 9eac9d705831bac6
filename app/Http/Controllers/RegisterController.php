<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Building\BuildingJob;
use App\Database\Lock;
use App\Forms\Reader;
use App\Forms\TypedEntry;
use App\Forms\Word;
use App\Models\EntryRecord;
use App\Models\Project;
use App\View\RegisterPage;
use DateTimeImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Logbook\EntryKind;
use Ondergrond\Logbook\Where;

/** What must be settled before the pour: whose it is, by when, how it was settled and by whom. */
final readonly class RegisterController
{
    private const SHORTEST = 3;

    private const LONGEST = 300;

    public function __construct(private Reader $reading) {}

    public function show(Project $project): View
    {
        return view('register.show', ['page' => RegisterPage::of($project, $this->reading->formatter($project))]);
    }

    public function store(Project $project, Request $request): RedirectResponse
    {
        $what = self::words($request, 'what', 'What is open');
        $due = trim(Word::of($request, 'due'));
        $day = $due === '' ? null : DateTimeImmutable::createFromFormat('!Y-m-d', $due);
        if ($day === false || ($day !== null && $day->format('Y-m-d') !== $due)) {
            throw ValidationException::withMessages(['due' => 'Allowed: a day, such as 2026-03-04, or none.']);
        }
        $this->keep($project, $request, EntryKind::OpenPoint, new Where(
            trade: mb_substr(trim(Word::of($request, 'trade')), 0, 60), due: $due,
        ), $what);

        return redirect()->route('register.show', $project)->with('said', 'It is in the register.');
    }

    public function settle(Project $project, Request $request): RedirectResponse
    {
        $id = Word::of($request, 'point');
        // One after the other: of two people who settle the same point, the second is told who did.
        Lock::on($project, function () use ($project, $request, $id): void {
            $point = BuildingJob::of($project)->register()->points[$id] ?? throw ValidationException::withMessages(
                ['point' => 'There is no such point: the design no longer says it.'],
            );
            if (! $point->isOpen()) {
                throw ValidationException::withMessages(["how.{$id}" => "Settled already, by {$point->settled?->who}."]);
            }
            $how = self::words($request, "how.{$id}", 'How it was settled');
            $this->keep($project, $request, EntryKind::Settled, new Where(hold: $point->holdId(), point: $point->id), $how);
        });

        return redirect()->to(route('register.show', $project).'#'.$id)->with('said', 'Settled, with your name.');
    }

    private function keep(Project $project, Request $request, EntryKind $kind, Where $about, string $text): void
    {
        $entry = (new TypedEntry(
            $request, $this->reading->written($request, $project), now(), $project->site->timeZone,
        ))->told($kind, $about, $text);
        if ($project->entries()->count() >= EntryRecord::MOST) {
            throw ValidationException::withMessages(['what' => 'A log holds '.EntryRecord::MOST.' entries.']);
        }
        if (! EntryRecord::query()->whereKey($entry->id)->exists()) {
            EntryRecord::of($project, $entry);
        }
    }

    /** @throws ValidationException */
    private static function words(Request $request, string $field, string $what): string
    {
        $text = trim(Word::of($request, $field));
        if (mb_strlen($text) < self::SHORTEST || mb_strlen($text) > self::LONGEST) {
            throw ValidationException::withMessages([$field => sprintf('%s: %d to %d characters.', $what, self::SHORTEST, self::LONGEST)]);
        }

        return $text;
    }
}
