<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShareRequest;
use App\Later\Assessed;
use App\Later\Fields;
use App\Later\FieldWanted;
use App\Later\Hours;
use App\Later\Kind;
use App\Later\Later;
use App\Later\Winters;
use App\Models\Project;
use App\Models\Share;
use App\Models\User;
use App\View\ClientPage;
use App\View\SectionPage;
use App\View\View as Shown;
use Illuminate\Http\RedirectResponse;
use Illuminate\Routing\Exceptions\InvalidSignatureException;
use Illuminate\View\View;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Section\Stretch;
use Ondergrond\Units\QuantityFormatter;

/** Links by which a client reads one option. */
final class ShareController
{
    public function index(Project $project): View
    {
        return view('shares.index', ['project' => $project, 'shares' => $project->shares()->with('option')->get()]);
    }

    /** For those who kept the page's address of before. */
    public function moved(Project $project): RedirectResponse
    {
        return redirect()->route('shares.index', $project, 301);
    }

    public function store(ShareRequest $request, Project $project): RedirectResponse
    {
        $typed = $request->validated();
        $project->shares()->create([
            'option_id' => (int) $typed['option'],
            'made_for' => trim($typed['made_for']),
            'made_by' => User::current()->name,
            'expires_at' => now()->addDays((int) $typed['days'])->startOfSecond(),
        ]);

        return redirect()->route('shares.index', $project)->with(
            'said',
            'The link is made. Pass it on: whoever has it can read this one option.',
        );
    }

    public function destroy(Project $project, Share $share): RedirectResponse
    {
        $share->update(['revoked_at' => now()]);

        return redirect()->route('shares.index', $project)->with('said', "The link for {$share->made_for} no longer works.");
    }

    /** What the client sees. One to what lies in the trash is over too. */
    public function show(Share $share, Fields $fields, Winters $winters, Hours $hours, Later $later): View
    {
        $share->load(['project.firm', 'project.inspections', 'option']);
        if (! $share->open() || $share->project === null || $share->option === null) {
            throw new InvalidSignatureException;
        }

        $later->ask(Kind::Cooling, $share->project, $share->option);

        $format = new QuantityFormatter($share->project->units);
        $page = SectionPage::of(
            $share->project, $share->option,
            Assessed::of($share->project, $share->option, FieldWanted::Now, $fields, $winters, $hours),
            $format, Shown::plain(), asks: false,
        );

        return view('shares.show', [
            'page' => $page,
            'client' => new ClientPage($page),
            'others' => array_map(
                static fn (Stretch $s): array => [
                    $s->label,
                    SvgWriter::bench(SectionDrawing::of($s->design, $format, $s->kind)->without(Role::Level, Role::Handle)),
                ],
                array_slice(Stretch::all($share->option->design), 1),
            ),
            'share' => $share,
        ]);
    }
}
