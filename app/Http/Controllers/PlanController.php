<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\FaultMessages;
use App\Forms\Reader;
use App\Forms\TypedPlan;
use App\Forms\Word;
use App\History\Conflict;
use App\History\History;
use App\Http\Download;
use App\Models\Project;
use App\Models\User;
use App\View\PlanPage;
use App\View\SetOutPage;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Codec\PlanCodec;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\PlanDrawing;
use Ondergrond\Exchange\DxfWriter;
use Ondergrond\Exchange\ProjectFile;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\PlannedDesign;
use Ondergrond\Plan\Shape;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

/** The building from above: its outline, what is set in it, and how both are set out. */
final readonly class PlanController
{
    public function __construct(private History $history, private Reader $reading) {}

    public function show(Project $project): View
    {
        return view('plan.show', ['page' => PlanPage::of($project, $this->reading->formatter($project), $this->history)]);
    }

    /** An outline from typed sizes; over one that stands it keeps the items that still lie in it. */
    public function draw(Project $project, Request $request): RedirectResponse
    {
        $this->free($project);
        $format = $this->reading->written($request, $project);
        $corners = Word::of($request, 'shape') === 'typed'
            ? PlannedDesign::rectangle($project->building()->design) ?? throw ValidationException::withMessages(
                ['shape' => 'No rectangle has this area and this outline. Choose a shape and type its sizes.'],
            )
            : $this->shape($request, $format);

        return $this->saved($project, function () use ($project, $corners): void {
            $kept = $project->keptPlan(User::current()->name);
            $this->history->change($kept, History::head($kept)->id, static function (array $state) use ($corners): array {
                $new = PlanCodec::toArray(Plan::along($corners));
                $old = $state['plan'];
                if (is_array($old)) {
                    $outline = Plan::along($corners)->outline;
                    $new = [...$old, 'corners' => $new['corners'], 'walls' => $new['walls'], 'openings' => [], 'items' => array_filter(
                        $old['items'],
                        static fn (array $i): bool => $outline->outside((float) $i['x_m'], (float) $i['y_m']) <= 0.0,
                    )];
                }

                return ['plan' => $new];
            });
        });
    }

    public function update(Project $project, Request $request): RedirectResponse
    {
        $this->free($project);
        $option = $project->building();
        $typed = new TypedPlan($this->reading->written($request, $project), $option->design);
        $act = Word::of($request, 'act');

        return $this->saved($project, function () use ($project, $option, $request, $typed, $act): void {
            $plan = $project->keptPlan(User::current()->name);
            $seen = $request->has('seen') ? $request->integer('seen') : null;
            $this->history->change(
                $plan, $request->integer('revision'),
                static fn (array $state): array => ['plan' => is_array($state['plan'])
                    ? $typed->plan($state['plan'], $request->array('plan'), $request->array('lengths'), $act) : null],
                $seen,
            );
            $drawn = $project->unsetRelation('drawnPlan')->plan();
            if ($drawn !== null) {
                $layout = $option->setRelation('project', $project)->keptLayout(User::current()->name);
                $this->history->change(
                    $layout, $request->integer('layout_revision', History::head($layout)->id),
                    static fn (array $state): array => [
                        'layout' => $typed->layout($state['layout'], $request->array('layout'), $drawn, $act),
                    ],
                    $request->has('layout_seen') ? $request->integer('layout_seen') : null,
                );
            }
        });
    }

    public function undo(Project $project): RedirectResponse
    {
        return $this->retrace($project, 'undo');
    }

    public function redo(Project $project): RedirectResponse
    {
        return $this->retrace($project, 'redo');
    }

    public function drawing(Project $project): Response
    {
        $drawing = $this->drawn($project);

        return Download::of(
            SvgWriter::file($drawing, $project->name, $this->hash($project)), 'image/svg+xml', $project->name.' plan', 'svg',
        );
    }

    public function dxf(Project $project): Response
    {
        $drawing = $this->drawn($project);

        return Download::of(
            DxfWriter::write($drawing, $project->name, $this->hash($project)), 'image/vnd.dxf', $project->name.' plan', 'dxf',
        );
    }

    /** What is typed to square up or level is answered at once and kept in the address alone. */
    public function setOut(Project $project, Request $request): View
    {
        abort_if($project->plan() === null, 404);

        return view('plan.set-out', ['page' => SetOutPage::of($project, $this->reading->formatter($project), $request)]);
    }

    private function drawn(Project $project): Drawing
    {
        $plan = $project->plan() ?? abort(404);
        $option = $project->building();

        return PlanDrawing::of($plan, $option->design, $option->layout(), $this->reading->formatter($project));
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

    /**
     * @param  Closure(): mixed  $do
     */
    private function saved(Project $project, Closure $do): RedirectResponse
    {
        $back = redirect()->route('plan.show', $project);
        try {
            $do();
        } catch (FaultyInput $e) {
            return $back->withInput()->withErrors(FaultMessages::of($e, $this->reading->formatter($project)));
        } catch (ValidationException $e) {
            return $back->withInput()->withErrors($e->errors());
        } catch (Conflict $e) {
            return $back->withInput()->with('conflict', $e->inWords($this->reading->formatter($project)));
        }

        return $back;
    }

    /** @param  'undo'|'redo'  $way */
    private function retrace(Project $project, string $way): RedirectResponse
    {
        $this->free($project);
        $page = PlanPage::of($project, $this->reading->formatter($project), $this->history);
        $of = $way === 'undo' ? $page->undo() : $page->redo();
        if ($of === null) {
            throw ValidationException::withMessages(['act' => 'Nothing is left of what you changed in this sitting.']);
        }

        return $this->saved($project, fn () => $way === 'undo' ? $this->history->undo($of) : $this->history->redo($of));
    }

    /**
     * @return non-empty-array<string, array{float, float}>
     *
     * @throws ValidationException
     */
    private function shape(Request $request, QuantityFormatter $format): array
    {
        $shape = Shape::tryFrom(Word::of($request, 'shape')) ?? throw ValidationException::withMessages(['shape' => 'Choose a shape.']);
        $sizes = $errors = [];
        foreach ($shape->sizes() as $key => $name) {
            try {
                $sizes[$key] = QuantityParser::parse(Word::of($request, "sizes.{$key}"), Quantity::Length, $format->system, $format->mark);
            } catch (UnreadableQuantity $e) {
                $errors["sizes.{$key}"] = $e->getMessage();
            }
        }
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }
        try {
            return $shape->corners($sizes);
        } catch (FaultyInput $e) {
            throw ValidationException::withMessages(FaultMessages::of($e, $format, 'sizes.'));
        }
    }
}
