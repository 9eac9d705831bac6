<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Http\Download;
use App\Jobs\MakePack;
use App\Models\HandedPack;
use App\Models\Project;
use App\Models\User;
use App\View\BuiltPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** What was built otherwise than drawn, what that costs, and the pack that is handed over. */
final readonly class BuiltController
{
    /** Of one project: each is some megabytes. */
    private const MOST = 60;

    public function __construct(private Reader $reading) {}

    public function show(Project $project): View
    {
        return view('handover.show', ['page' => BuiltPage::of($project, $this->reading->formatter($project))]);
    }

    public function store(Project $project, Request $request): RedirectResponse
    {
        $waiting = $project->packs()->whereNotIn('stage', ['done', 'failed'])->exists();
        if ($waiting || $project->packs()->count() >= self::MOST) {
            throw ValidationException::withMessages(['pack' => $waiting
                ? 'One is being made already. It stands below as soon as it is there.'
                : 'A project holds '.self::MOST.' packs. Nothing was made.',
            ]);
        }
        $pack = $project->packs()->create([
            'option_id' => $project->building()->id,
            'by' => User::current()->name,
            'stage' => 'waiting',
            'winter' => $request->boolean('winter'),
        ]);
        MakePack::dispatch($pack->ulid);

        return redirect()->to(route('built.show', $project).'#packs')->with('said', 'It is being made.');
    }

    /** @param  'pdf'|'html'  $format */
    public function pack(Project $project, HandedPack $pack, string $format): Response
    {
        $file = $pack->isDone() ? $pack->file($format) : '';
        abort_if($file === '', 404);
        $answer = Download::of(
            $file, $format === 'pdf' ? 'application/pdf' : 'text/html; charset=utf-8', $project->name.' hand-over', $format,
        );
        $answer->headers->set('Content-Security-Policy', "default-src 'none'; style-src 'unsafe-inline'; img-src data:");

        return $answer;
    }
}
