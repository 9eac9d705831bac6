<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Lock;
use App\Forms\Reader;
use App\Forms\Word;
use App\History\History;
use App\Jobs\RunStudy;
use App\Later\Content;
use App\Models\Option;
use App\Models\Project;
use App\Models\Study;
use App\Models\StudyKind;
use App\Models\StudyProgress;
use App\Models\User;
use App\View\StudyPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Search\Space;
use Ondergrond\Sizing\WingSearch;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;
use Ondergrond\Version;

/** Where the next size of board does most, and the cheapest design that holds: worked out by the queue. */
final class StudyController
{
    public function __construct(private readonly Reader $reading) {}

    /** For those who kept the page's address of before. */
    public function moved(Project $project, Option $option): RedirectResponse
    {
        return redirect()->route('studies.show', [$project, $option], 301);
    }

    public function show(Project $project, Option $option): View
    {
        return view(
            'studies.show',
            ['page' => StudyPage::of($project, $option, $this->reading->formatter($project), User::current()->firm->priceList())],
        );
    }

    public function gain(Project $project, Option $option): RedirectResponse
    {
        $this->begin($project, $option, StudyKind::Gain, []);

        return redirect()->route('studies.show', [$project, $option]);
    }

    public function wing(Project $project, Option $option, Request $request): RedirectResponse
    {
        $page = route('studies.show', [$project, $option]).'#wing';
        // Sizes besides the wing's are changed only where that was said: the page asks it first.
        if (! $request->boolean('asked') && WingSearch::asks($project->site, $option->design, $project->units)) {
            return redirect()->to($page);
        }
        $this->begin($project, $option, StudyKind::Wing, ['wing_alone' => ! $request->boolean('besides')]);

        return redirect()->to($page);
    }

    public function search(Project $project, Option $option, Request $request): RedirectResponse
    {
        $format = $this->reading->written($request, $project);
        $errors = $open = [];
        $from = $request->array('from');
        $to = $request->array('to');
        foreach ($request->array('open') as $path) {
            $path = is_string($path) ? $path : '';
            $range = [];
            foreach (['from' => $from, 'to' => $to] as $end => $typed) {
                try {
                    $range[] = QuantityParser::parse(
                        is_string($typed[$path] ?? null) ? $typed[$path] : '',
                        SizePath::quantity($path) ?? Quantity::Thickness,
                        $format->system,
                        $format->mark,
                    );
                } catch (UnreadableQuantity $e) {
                    $errors["{$end}.{$path}"] = $e->getMessage();
                }
            }
            if (count($range) === 2) {
                $open[$path] = [min($range), max($range)];
            }
        }
        $input = ['open' => $open];
        try {
            $height = trim(Word::of($request, 'most_height'));
            $input['most_height_m'] = $height === '' ? null : QuantityParser::parse(
                $height,
                Quantity::Thickness,
                $format->system,
                $format->mark,
            );
        } catch (UnreadableQuantity $e) {
            $errors['most_height'] = $e->getMessage();
        }
        $cost = str_replace([' ', ','], ['', '.'], trim(Word::of($request, 'most_cost')));
        if ($cost !== '' && (! is_numeric($cost) || (float) $cost <= 0)) {
            $errors['most_cost'] = 'Allowed: an amount of money, or nothing.';
        } elseif ($cost !== '' && User::current()->firm->priceList()->isEmpty()) {
            $errors['most_cost'] = 'No prices are given, so no cost can be kept to. Give prices first, or leave this empty.';
        }
        $input['most_cost'] = $cost === '' ? null : (float) $cost;
        if ($errors === []) {
            try {
                Space::of($option->design, $open, $project->units);
            } catch (FaultyInput $e) {
                $errors['open'] = implode(
                    ' ',
                    array_map(static fn (Fault $f): string => 'Found '.$f->found.'. Allowed: '.$f->allowed.'.', $e->faults),
                );
            }
        }
        if ($errors !== []) {
            throw ValidationException::withMessages($errors)->redirectTo(route('studies.show', [$project, $option]).'#search');
        }
        $this->begin($project, $option, StudyKind::Search, $input);

        return redirect()->to(route('studies.show', [$project, $option]).'#search');
    }

    public function stop(Project $project, Option $option, Study $study): RedirectResponse
    {
        if (! $study->state->isOver()) {
            $study->update(['state' => StudyProgress::Stopped, 'progress' => [...$study->progress, 'says' => 'Stopped.']]);
        }

        return redirect()->route('studies.show', [$project, $option]);
    }

    /** A choice of the front becomes an option of its own. */
    public function open(Project $project, Option $option, Study $study, int $choice, History $history): RedirectResponse
    {
        [$design, $sizes] = self::chosen($option, $study, $choice);
        $made = Lock::on($project, static function () use ($project, $option, $design, $sizes, $history, $study): Option {
            if ($project->options()->count() >= Project::MOST_OPTIONS) {
                throw ValidationException::withMessages(['study' => 'Allowed: up to '.Project::MOST_OPTIONS.' options in a project.']);
            }
            $made = $project->options()->create([
                'position' => 1 + (int) $project->options()->max('position'),
                'name' => Str::limit($option->name, Option::LONGEST_NAME - 12, '').', chosen '.(
                    1
                    + $project->options()->where('name', 'like', $option->name.', chosen %')->count()
                ),
                'pinned' => false,
                'note' => [
                    'gain' => 'One size changed: ',
                    'search' => 'From a search: ',
                    'wing' => 'The least that keeps frost out: ',
                ][$study->kind->value].implode(', ', $sizes),
                'design' => $option->laid($design),
                'set_aside' => $option->set_aside,
            ]);
            $history->begin($made, User::current()->name);
            $made->setRelation('project', $project)->standAs($option, User::current()->name);

            return $made;
        });

        return redirect()->route('section.show', [$project, $made])->with(
            'said',
            "Opened as an option beside “{$option->name}”, which is as it was.",
        );
    }

    /**
     * @return array{Design, list<string>} the design, and the sizes that are others in it
     *
     * @throws ValidationException
     */
    private static function chosen(Option $option, Study $study, int $choice): array
    {
        $gone = ValidationException::withMessages(['study' => 'That choice is no longer there. Nothing was opened.']);
        if ($study->kind === StudyKind::Wing) {
            $best = $study->result['best'] ?? null;
            if ($choice !== 0 || ! is_array($best)) {
                throw $gone;
            }

            return [DesignCodec::fromArray($best['design'], $option->project->materials()), ['wing', 'edge_outside']];
        }
        $sizes = $study->result['front'][$choice]['sizes_m'] ?? $study->result['steps'][$choice] ?? null;
        if (! is_array($sizes)) {
            throw $gone;
        }
        $sizes = isset($sizes['path']) ? [$sizes['path'] => $sizes['to_m']] : $sizes;
        $design = Space::built($option->design, array_map(floatval(...), $sizes))
            ?? throw ValidationException::withMessages(
                ['study' => 'The option has changed since, and that choice cannot be built with it any more.'],
            );

        return [$design, array_map(strval(...), array_keys($sizes))];
    }

    /** @param  array<string, mixed>  $input */
    private function begin(Project $project, Option $option, StudyKind $kind, array $input): void
    {
        $study = DB::transaction(static function () use ($project, $option, $kind, $input): Study {
            // A newer question ends the older one.
            $option->studies()->where('kind', $kind)->whereNotIn(
                'state',
                [StudyProgress::Done, StudyProgress::Failed],
            )->update(['state' => StudyProgress::Stopped]);
            $option->studies()->where('kind', $kind)->orderByDesc('id')->skip(4)->take(100)->get()->each->delete();

            return Study::query()->create([
                'project_id' => $project->id, 'option_id' => $option->id, 'kind' => $kind, 'state' => StudyProgress::Queued,
                'who' => User::current()->name,
                'input' => [
                    ...$input,
                    'prices' => User::current()->firm->prices,
                    'content' => Content::hash($project, $option),
                    'methods' => Version::METHODS,
                ],
            ]);
        });
        RunStudy::dispatch($study->id)->onQueue($kind->queue());
    }
}
