<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Jobs\MakePack;
use App\Models\HandedPack;
use App\Models\Project;
use App\Models\User;
use App\View\BuiltPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What was built otherwise than drawn, what that costs, and the pack that is handed over. */
final readonly class BuiltController
{
    public function __construct(private Reader $reading) {}

    public function show(Project $project): View
    {
        return view('handover.show', ['page' => BuiltPage::of($project, $this->reading->formatter($project))]);
    }

    public function store(Project $project): RedirectResponse
    {
        $pack = $project->packs()->create(['option_id' => $project->building()->id, 'by' => User::current()->name, 'stage' => 'waiting']);
        MakePack::dispatch($pack);

        return redirect()->to(route('built.show', $project).'#packs')->with('said', 'It is being made.');
    }

    public function pack(Project $project, HandedPack $pack, string $format): BinaryFileResponse
    {
        $format = $format === 'pdf' ? 'pdf' : 'html';
        abort_unless($pack->isDone() && is_file($pack->path($format)), 404);
        $name = (Str::slug($project->name) === '' ? 'ondergrond' : Str::slug($project->name)).'-hand-over.'.$format;

        return response()->download($pack->path($format), $name, [
            'Content-Type' => $format === 'pdf' ? 'application/pdf' : 'text/html; charset=utf-8',
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; img-src data:",
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }
}
