<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Act;
use App\Forms\FaultMessages;
use App\Forms\Reader;
use App\Forms\TypedData;
use App\Forms\Word;
use App\History\Conflict;
use App\History\History;
use App\Later\Assessed;
use App\Later\Content;
use App\Later\Fields;
use App\Later\FieldWanted;
use App\Later\Glance;
use App\Later\Glances;
use App\Later\Hours;
use App\Later\Winters;
use App\Models\Option;
use App\Models\Project;
use App\Models\Revision;
use App\Models\RevisionKind;
use App\Models\User;
use App\View\LastChange;
use App\View\SectionPage;
use App\View\View as Shown;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Design;
use Ondergrond\Fault\FaultyInput;

/** The bench: one design's section, its log and what is said of it. */
final class SectionController
{
    /** The bench's script names itself so, and is answered with what changes on the page. */
    private const SCRIPT = 'X-Bench';

    /** One fine field at a time. */
    public const FINE = 'fine-field';

    /** s, after which a solver that broke off keeps nobody waiting any longer */
    private const LONGEST_FIELD = 30;

    public function __construct(
        private readonly History $history,
        private readonly Reader $reading,
        private readonly Fields $fields,
        private readonly Winters $winters,
        private readonly Hours $hours,
        private readonly Glances $glances,
    ) {}

    /** The bench's script asks here too, for the field that follows a change; what is no longer the newest is not worked out. */
    public function show(Request $request, Project $project, ?Option $option = null): View|Response
    {
        $project->load('options');
        $option = $option?->exists === true ? $option : $project->leading();
        $view = Shown::of($request);

        if (! $request->hasHeader(self::SCRIPT)) {
            return $this->page($project, $option, $view);
        }
        if ($request->has('of') && $request->integer('of') !== History::head($option)->id) {
            return new Response('', 204);
        }
        $answer = fn (): Response => new Response($this->page($project, $option, $view, false, true)->fragments());

        if ($view->field !== FieldWanted::Now) {
            return $answer();
        }
        // Fine fields would keep all processors busy: edits of others are answered first, and this page asks again.
        $fine = Cache::lock(self::FINE, self::LONGEST_FIELD)->get($answer);

        return $fine instanceof Response ? $fine : new Response('', 202);
    }

    public function update(Project $project, Option $option, Request $request): RedirectResponse|Response
    {
        $change = $this->typed($project, $option, $request);
        $seen = $request->has('seen') ? $request->integer('seen') : null;

        return $this->answer(
            $request,
            $project,
            $option,
            fn () => $this->history->change($option, $request->integer('revision'), $change, $seen),
        );
    }

    /**
     * The field of what is typed, while it is being saved: asked for beside `update`, with the same form, so that both are
     * worked out at once. Saves nothing, and says nothing of what cannot be saved as it is.
     */
    public function ahead(Project $project, Option $option, Request $request): Response
    {
        $head = History::head($option);
        if ($request->integer('revision') !== $head->id) {
            return new Response('', 204);
        }
        try {
            $option->take(History::wanted($option, $head->state, $this->typed($project, $option, $request))->on($head->state));
        } catch (FaultyInput|ValidationException) {
            return new Response('', 204);
        }
        $project->load('options');

        return new Response($this->view($project, $option, $head, Shown::of($request), false, true, true)->fragments());
    }

    /** @return Closure(array<string, mixed>): array<string, mixed>  from a state to what was typed and pressed on it */
    private function typed(Project $project, Option $option, Request $request): Closure
    {
        $typed = $request->input('design');
        $format = $this->reading->written($request, $project);
        $act = new Act($project, $option, $format, User::current()->name, $request->array('reason'));
        $asked = Word::of($request, 'act');
        $read = static fn (array $design): Design => DesignCodec::fromArray($design, $project->materials());

        return static function (array $state) use ($typed, $format, $act, $asked, $read): array {
            $state['design'] = DesignCodec::toArray(
                TypedData::merge(DesignCodec::completed($state['design']), is_array($typed) ? $typed : [], $format, $read, 'design.'),
            );

            return $asked === '' ? $state : $act->on($state, $asked);
        };
    }

    public function undo(Project $project, Option $option, Request $request): RedirectResponse|Response
    {
        return $this->answer($request, $project, $option, fn () => $this->retraced($project, fn () => $this->history->undo($option)));
    }

    public function redo(Project $project, Option $option, Request $request): RedirectResponse|Response
    {
        return $this->answer($request, $project, $option, fn () => $this->retraced($project, fn () => $this->history->redo($option)));
    }

    /** @param  Closure(): mixed  $do  throws where nothing is saved */
    private function answer(Request $request, Project $project, Option $option, Closure $do): RedirectResponse|Response
    {
        $script = $request->hasHeader(self::SCRIPT);
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
        $sound = $errors === [] && $conflict === null;
        if (! $script) {
            $back = redirect()->route('section.show', [$project, $option, ...Shown::of($request)->query()]);

            return $sound ? $back : $back->withInput()->withErrors($errors)->with('conflict', $conflict);
        }
        if (! $sound) {
            $request->session()->now('_old_input', $request->input());
            $request->session()->now('conflict', $conflict);
        }
        $project->load('options');
        // Shared, because the fields are components and see nothing else.
        view()->share('errors', (new ViewErrorBag)->put('default', new MessageBag($errors)));
        $fragments = $this->page($project, $option->refresh(), Shown::of($request), false)->fragments();

        return new Response($fragments, match (true) {
            $sound => 200,
            $conflict !== null => 409,
            default => 422,
        });
    }

    /**
     * @param  bool  $whole  with what only a page needs that is loaded, not the fragments
     * @param  bool  $late  without what a change was answered with before its field
     */
    private function page(Project $project, Option $option, Shown $shown, bool $whole = true, bool $late = false): View
    {
        // The fields show the very revision that the page names as the one it was made from, whoever saves just now.
        $head = History::head($option);
        $option->design = $head->design();

        return $this->view($project, $option, $head, $shown, $whole, $late);
    }

    /** @param  bool  $ahead  of what is not saved yet: the option's design is what comes after the head */
    private function view(
        Project $project,
        Option $option,
        Revision $head,
        Shown $shown,
        bool $whole,
        bool $late,
        bool $ahead = false,
    ): View {
        $held = $project->release?->holds($option) === true;
        $may = Gate::allows('update', $project) && ! $held;

        $said = Assessed::of($project, $option, $shown->field, $this->fields, $this->winters, $this->hours);
        $sitting = $may ? $this->history->sitting($option) : null;

        return view('section.show', [
            'page' => SectionPage::of($project, $option, $said, $this->reading->formatter($project), $shown, asks: $may),
            'head' => $head,
            'sitting' => $sitting,
            // What is worked out beside the saving is shown after it.
            'undoes' => $may && ($ahead || $sitting?->undo !== null),
            'change' => $this->lastChange($project, $option, $head, $said, $ahead),
            'print' => substr(Content::hash($project, $option), 0, 12),
            'may' => $may,
            'held' => $held,
            'whole' => $whole,
            'late' => $late,
            'conflict' => session('conflict'),
        ]);
    }

    /** What this person's last change in this sitting did; null where there is none. */
    private function lastChange(Project $project, Option $option, Revision $head, Assessed $said, bool $ahead): ?LastChange
    {
        $is = Glance::of($said);
        if ($is !== null) {
            $this->glances->keep($project, $option, $is);
        }
        $before = $ahead ? $head : ($this->history->isOfThisSitting($head) ? History::before($option, $head) : null);
        if ($before === null) {
            return null;
        }
        $then = clone $option;
        $then->take($before->state);

        return LastChange::of(
            $ahead ? RevisionKind::Edit : $head->kind, $before->state, $ahead ? $option->state() : $head->state,
            $this->glances->known($project, $then), $is, $this->reading->formatter($project),
        );
    }

    /**
     * @param  Closure(): mixed  $do
     *
     * @throws ValidationException where somebody has changed the same since
     */
    private function retraced(Project $project, Closure $do): void
    {
        try {
            $do();
        } catch (Conflict $e) {
            $said = $e->inWords($this->reading->formatter($project));
            throw ValidationException::withMessages(
                [
                    'revision' => "Not done: {$said['who']} has changed the same since. ".implode(' · ', $said['theirs'])
                        .'. The history leads back to any point.',
                ],
            );
        }
    }
}
