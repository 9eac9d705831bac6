<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Building\BuildingJob;
use App\Forms\Word;
use App\Http\Download;
use App\Models\Project;
use App\Models\User;
use App\View\SequencePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Exchange\IcsWriter;
use Ondergrond\Project\SetDays;

/** What is done on which day, and what must hold first. */
final class SequenceController
{
    private const MOST_DAYS = 60;

    public function show(Project $project): View
    {
        return view('sequence.show', ['page' => SequencePage::of($project, now())]);
    }

    /** The first day, days that nobody works, and days that a task waits for; all other dates follow. */
    public function update(Project $project, Request $request): RedirectResponse
    {
        $job = BuildingJob::of($project);
        $start = trim(Word::of($request, 'start'));
        $errors = [];
        if ($start !== '' && ! self::isDay($start)) {
            $errors['start'] = 'Allowed: a day, such as 2026-03-02.';
        }
        $words = preg_split('~[\s,;]+~', Word::of($request, 'holidays'), -1, PREG_SPLIT_NO_EMPTY);
        $holidays = $words === false ? [] : $words;
        foreach ($holidays as $day) {
            if (! self::isDay($day)) {
                $errors['holidays'] = "“{$day}”: allowed are days, such as 2026-12-25.";
            }
        }
        if (count($holidays) > self::MOST_DAYS) {
            $errors['holidays'] = 'Allowed: up to '.self::MOST_DAYS.' days.';
        }
        $notBefore = $job->option->days()->notBefore;
        $task = Word::of($request, 'task');
        $day = trim(Word::of($request, 'not_before'));
        if ($task !== '' && ! isset($job->network->tasks[$task])) {
            $errors['task'] = 'There is no such task.';
        } elseif ($task !== '' && $day !== '' && ! self::isDay($day)) {
            $errors['not_before'] = 'Allowed: a day, such as 2026-03-02, or nothing.';
        } elseif ($task !== '') {
            $notBefore = $day === '' ? array_diff_key($notBefore, [$task => true]) : [...$notBefore, $task => $day];
        }
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }
        $job->option->keptLayout(User::current()->name)->update(['days' => new SetDays($start, $notBefore, $holidays)]);

        return redirect()->route('sequence.show', $project)->with('said', 'Saved; the other days follow.');
    }

    public function calendar(Project $project): Response
    {
        $schedule = BuildingJob::of($project)->schedule() ?? abort(404);

        return Download::of(
            IcsWriter::write($schedule, $project->ulid, $project->name, $project->site->timeZone, now()), 'text/calendar; charset=utf-8',
            $project->name, 'ics',
        );
    }

    private static function isDay(string $text): bool
    {
        [$year, $month, $day] = array_map(intval(...), [...explode('-', $text), '0', '0']);

        return preg_match('~^\d{4}-\d\d-\d\d$~', $text) === 1 && checkdate($month, $day, $year) && $year > 1990 && $year < 2200;
    }
}
