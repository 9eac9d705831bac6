<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\FaultMessages;
use App\Forms\PlanAct;
use App\Forms\Reader;
use App\Forms\TypedOutline;
use App\Forms\TypedPlan;
use App\Forms\Word;
use App\History\Conflict;
use App\History\History;
use App\Http\Download;
use App\Models\Option;
use App\Models\Project;
use App\Models\User;
use App\View\PlanLayers;
use App\View\PlanPage;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\PlanDrawing;
use Ondergrond\Exchange\DxfWriter;
use Ondergrond\Exchange\PlanFile;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Redraw;
use Ondergrond\Project\Ulid;

/** The building from above: its outline, what is set in it, and how both are set out. */
final readonly class PlanController
{
    /** The page's own script says so. */
    private const SCRIPT = 'X-Live';

    public function __construct(private History $history, private Reader $reading, private PlanLayers $layers) {}

    public function show(Project $project, Request $request): View
    {
        $option = $this->option($project, $request);

        $format = $this->reading->formatter($project);

        return view('plan.show', ['page' => PlanPage::of(
            $project, $option, $format, $this->history, $this->layers->of($project, $option, $format, Word::of($request, 'show')),
            self::open($request),
        )]);
    }

    /** An outline from typed sizes; over one that stands it keeps what is set in it, and the openings that still have their wall. */
    public function draw(Project $project, Request $request): RedirectResponse|Response
    {
        $option = $this->option($project, $request);
        $this->free($project);
        $new = (new TypedOutline($this->reading->written($request, $project), $option->typed(), $option->design))->read($request);

        return $this->saved($project, $option, $request, function () use ($option, $new, $request): void {
            $old = $option->plan();
            $kept = $option->keptPlan(User::current()->name);
            $this->history->change(
                $kept, History::head($kept)->id,
                static fn (array $state): array => ['plan' => PlanCodec::toArray(
                    is_array($state['plan']) ? Redraw::over(PlanCodec::fromArray($state['plan']), $new) : $new,
                )],
            );
            $went = $old === null ? 0 : count(array_diff_key($old->openings, $kept->state->openings ?? []));
            if ($went > 0) {
                $request->session()->flash('said', $went === 1 ? 'One opening went with its wall; undo brings it back.'
                    : "{$went} openings went with their walls; undo brings them back.");
            }
        });
    }

    public function update(Project $project, Request $request): RedirectResponse|Response
    {
        $option = $this->option($project, $request);
        $this->free($project);
        $format = $this->reading->written($request, $project);
        $typed = new TypedPlan($format, TypedPlan::names($option));
        $pressed = Word::of($request, 'act');
        $plan = $option->plan();

        return $this->saved($project, $option, $request, function () use ($project, $option, $request, $typed, $pressed, $plan,
            $format): void {
            $act = new PlanAct(
                $pressed, $option->design, $format, $request->array('step'),
                $plan === null ? null : PlanAct::mend($pressed, $plan, $option),
            );
            $plan = $option->keptPlan(User::current()->name);
            $this->history->change(
                $plan, $request->integer('revision'),
                static fn (array $state): array => ['plan' => is_array($state['plan'])
                    ? $act->onPlan($typed->plan($state['plan'], $request->array('plan'), $request->array('lengths'))) : null],
                $request->has('seen') ? $request->integer('seen') : null, true,
            );
            $project->unsetRelation('drawnPlan');
            $drawn = $option->unsetRelation('ownPlan')->setRelation('project', $project)->plan();
            if ($drawn !== null) {
                $layout = $option->keptLayout(User::current()->name);
                $this->history->change(
                    $layout, $request->integer('layout_revision', History::head($layout)->id),
                    static fn (array $state): array => [
                        'layout' => $act->onLayout($typed->layout($state['layout'], $request->array('layout')), $drawn),
                    ],
                    $request->has('layout_seen') ? $request->integer('layout_seen') : null, true,
                );
            }
        });
    }

    /** A whole plan of its own for an option, as the project's stands now; or back to following that. */
    public function own(Project $project, Request $request): RedirectResponse|Response
    {
        $option = $this->option($project, $request);
        $this->free($project);
        $own = Word::of($request, 'own') === 'yes';
        $plan = $own ? $option->plan() : $project->plan();
        if ($plan === null) {
            throw ValidationException::withMessages(['own' => 'The project has no plan yet. Draw it first.']);
        }

        return $this->saved($project, $option, $request, function () use ($option, $own, $plan): void {
            if ($own) {
                $option->drawn($plan, User::current()->name);

                return;
            }
            $kept = $option->keptPlan(User::current()->name);
            if ($option->isOnItsOwn()) {
                $option->standsOn($plan);
                $this->history->change($kept, History::head($kept)->id, static fn (array $state): array => ['plan' => null]);
            }
        });
    }

    public function undo(Project $project, Request $request): RedirectResponse|Response
    {
        return $this->retrace($project, $request, 'undo');
    }

    public function redo(Project $project, Request $request): RedirectResponse|Response
    {
        return $this->retrace($project, $request, 'redo');
    }

    public function drawing(Project $project, Request $request): Response
    {
        $drawing = $this->drawn($project, $request);

        return Download::of(
            SvgWriter::file($drawing, $project->name, $this->hash($project)), 'image/svg+xml', $project->name.' plan', 'svg',
        );
    }

    public function dxf(Project $project, Request $request): Response
    {
        $drawing = $this->drawn($project, $request);

        return Download::of(
            DxfWriter::write($drawing, $project->name, $this->hash($project)), 'image/vnd.dxf', $project->name.' plan', 'dxf',
        );
    }

    public function csv(Project $project, Request $request): Response
    {
        $option = $this->option($project, $request);

        return Download::of(
            PlanFile::csv($option->plan() ?? abort(404), $option->layout()), 'text/csv; charset=utf-8', $project->name.' plan', 'csv',
        );
    }

    /** @return list<string> items and walls whose rows are open */
    private static function open(Request $request): array
    {
        return array_values(array_filter(
            $request->array('open'),
            static fn (mixed $id): bool => is_string($id) && (Ulid::isOne($id) || preg_match('~^[A-Z][A-Z0-9]{0,3}$~', $id) === 1),
        ));
    }

    /** The one that is asked for, else the one that gets built. */
    private function option(Project $project, Request $request): Option
    {
        $asked = Word::of($request, 'option');
        $project->loadMissing(['drawnPlan', 'options.ownPlan', 'options.drawnLayout']);
        if ($asked === '') {
            return $project->building();
        }

        return $project->options->firstWhere('ulid', $asked)?->setRelation('project', $project) ?? abort(404);
    }

    private function drawn(Project $project, Request $request): Drawing
    {
        $option = $this->option($project, $request);

        return PlanDrawing::of($option->plan() ?? abort(404), $option->typed(), $option->layout(), $this->reading->formatter($project));
    }

    private function hash(Project $project): string
    {
        return ProjectFile::hash($project->toCore());
    }

    /** @throws ValidationException where a released design holds it fast */
    private function free(Project $project): void
    {
        if ($project->release?->holdsFast() === true) {
            throw ValidationException::withMessages(['act' => 'Released to be built. Begin a change with its reason first.']);
        }
    }

    /** @param  Closure(): mixed  $do */
    private function saved(Project $project, Option $option, Request $request, Closure $do): RedirectResponse|Response
    {
        $errors = [];
        $conflict = null;
        try {
            $do();
        } catch (FaultyInput $e) {
            $errors = FaultMessages::of($e, $this->reading->formatter($project));
        } catch (ValidationException $e) {
            $errors = $e->errors();
        } catch (Conflict $e) {
            $conflict = $e->inWords($this->reading->formatter($project));
        }

        return $request->hasHeader(self::SCRIPT)
            ? $this->answered($project, $request, $errors, $conflict) : $this->back($project, $option, $request, $errors, $conflict);
    }

    /**
     * The page as it is now, at once: one request instead of two.
     *
     * @param  array<string, mixed>  $errors
     */
    private function answered(Project $project, Request $request, array $errors, mixed $conflict): Response
    {
        $session = $request->session();
        if ($errors !== [] || $conflict !== null) {
            $session->now('_old_input', $request->input());
        }
        if ($conflict !== null) {
            $session->now('conflict', $conflict);
        }
        view()->share('errors', (new ViewErrorBag)->put('default', new MessageBag($errors)));

        $page = $this->show(Project::query()->findOrFail($project->id), $request)->render();

        return new Response((string) preg_replace('~>\s+<~', '> <', $page));
    }

    /** @param  array<string, mixed>  $errors */
    private function back(Project $project, Option $option, Request $request, array $errors, mixed $conflict): RedirectResponse
    {
        $back = redirect()->route('plan.show', [
            $project, ...($option->is($project->building()) ? [] : ['option' => $option->ulid]),
            ...(Word::of($request, 'show') === '' ? [] : ['show' => Word::of($request, 'show')]),
            ...(self::open($request) === [] ? [] : ['open' => self::open($request)]),
        ]);
        if ($errors !== []) {
            return $back->withInput()->withErrors($errors);
        }

        return $conflict === null ? $back : $back->withInput()->with('conflict', $conflict);
    }

    /** @param  'undo'|'redo'  $way */
    private function retrace(Project $project, Request $request, string $way): RedirectResponse|Response
    {
        $this->free($project);
        $option = $this->option($project, $request);
        $page = PlanPage::of($project, $option, $this->reading->formatter($project), $this->history);
        $of = $way === 'undo' ? $page->undo() : $page->redo();
        if ($of === null) {
            throw ValidationException::withMessages(['act' => 'Nothing is left of what you changed in this sitting.']);
        }

        return $this->saved($project, $option, $request, fn () => $way === 'undo' ? $this->history->undo($of) : $this->history->redo($of));
    }
}
