<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\FaultMessages;
use App\Forms\Reader;
use App\Forms\TypedData;
use App\History\Conflict;
use App\History\History;
use App\Http\Requests\ProjectNameRequest;
use App\Models\Project;
use App\View\SiteForm;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionDrawing;
use Ondergrond\Exchange\ClimateFile;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Frost\DesignWinter;
use Ondergrond\Site\Calendar;
use Ondergrond\Site\ClimateSamples;
use Ondergrond\Site\ClimateSource;
use Ondergrond\Site\RequirementSets;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\QuantityParser;
use Ondergrond\Units\UnreadableQuantity;

final class SiteController
{
    public function edit(Project $project, Reader $reading): View
    {
        // The fields show the very revision that the page names as the one it was made from, whoever saves just now.
        $head = History::head($project);
        $project->take($head->state);

        return view('site.edit', [
            'project' => $project,
            'site' => $project->site,
            'winter' => DesignWinter::of($project->site),
            'format' => $reading->formatter($project),
            'head' => $head,
            'months' => Calendar::MONTHS,
            'sections' => (new SiteForm($project->site, $reading->formatter($project)))->sections(),
            'ledge' => self::ledge($project->leading()->design, $reading->formatter($project)),
            'may' => Gate::allows('update', $project),
        ]);
    }

    /**
     * The leading option's section, for a line of rock to be drawn into.
     *
     * @return array{svg: string, pixels: float, grade: float} pixels for a metre; where the ground outside stands, in pixels
     */
    private static function ledge(Design $design, QuantityFormatter $format): array
    {
        $drawing = SectionDrawing::of($design, $format)->without(Role::Handle, Role::Level, Role::Dimension, Role::Flag, Role::Boundary);
        $pixels = 1000 * SvgWriter::PX / $drawing->scale;

        return ['svg' => SvgWriter::inline($drawing), 'pixels' => $pixels, 'grade' => $drawing->box[3] * $pixels];
    }

    /**
     * A set that is newly chosen brings its figures, whatever the fields showed of the set before.
     *
     * @param  array<string, mixed>  $stored  as in project files
     * @param  array<array-key, mixed>  $typed  loses the figures of the set before
     * @return array<string, mixed>
     */
    private static function withSet(array $stored, array &$typed): array
    {
        $stored = SiteCodec::completed($stored);
        // Ints read from a file are the same values.
        foreach (SiteForm::LISTS as $path) {
            Arr::set($stored, $path, array_map(floatval(...), Arr::get($stored, $path)));
        }
        $chosen = is_array($typed['requirements'] ?? null) ? $typed['requirements']['set'] ?? null : null;
        if (! is_string($chosen) || $chosen === $stored['requirements']['set'] || ! isset(RequirementSets::all()[$chosen])) {
            return $stored;
        }
        unset($typed['requirements']);

        return [...$stored, 'requirements' => SiteCodec::requirements(RequirementSets::all()[$chosen]['of'])];
    }

    /**
     * Months that somebody types over invented ones are the site's own, unless they say otherwise.
     *
     * @param  array<string, mixed>  $before  as in project files
     * @param  array<string, mixed>  $after
     * @return array<string, mixed>
     */
    private static function withOwnClimate(array $before, array $after): array
    {
        if ($after['climate']['source'] === $before['climate']['source']
            && $after['climate']['source'] === ClimateSource::Invented->value
            && ClimateSamples::source($after['climate']['monthly_mean_c']) === ClimateSource::Own) {
            $after['climate']['source'] = ClimateSource::Own->value;
        }

        return $after;
    }

    /**
     * Lists are typed as one text: the winters on record, the humidity of the months.
     *
     * @param  array<string, mixed>  $stored  as in project files, complete
     * @param  array<array-key, mixed>  $typed  loses those texts
     * @return array<string, mixed>
     *
     * @throws ValidationException
     */
    private static function withLists(array $stored, array &$typed, QuantityFormatter $format): array
    {
        foreach (SiteForm::LISTS as $path) {
            $text = Arr::get($typed, $path);
            $quantity = SizePath::quantity($path);
            if (! is_string($text) || $quantity === null) {
                continue;
            }
            Arr::forget($typed, $path);
            if (trim($text) === SiteForm::listed(Arr::get($stored, $path), $quantity, $format)) {
                continue;
            }
            $values = [];
            $words = preg_split('~[\s;]+~', trim($text), -1, PREG_SPLIT_NO_EMPTY);
            foreach ($words === false ? [] : $words as $word) {
                try {
                    $values[] = QuantityParser::parse($word, $quantity, $format->system, $format->mark);
                } catch (UnreadableQuantity $e) {
                    throw ValidationException::withMessages(["site.{$path}" => "“{$word}”: ".$e->getMessage()]);
                }
            }
            Arr::set($stored, $path, $values);
        }

        return $stored;
    }

    /** Months, design day and winters out of a weather file; what else the site says stays. */
    public function climate(Project $project, Request $request, History $history): RedirectResponse
    {
        $file = $request->file('climate');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > ClimateFile::LARGEST) {
            throw ValidationException::withMessages(
                [
                    'climate' => $file === null
                        ? 'Choose a file first: EPW, or CSV with a date and a mean.'
                        : 'That file cannot be taken in. Allowed: EPW or CSV of up to 4 MB.',
                ],
            );
        }
        try {
            $read = ClimateFile::read($file->getContent(), mb_substr(pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME), 0, 120));
        } catch (FaultyInput $e) {
            throw ValidationException::withMessages(['climate' => array_map(static fn (Fault $f): string => $f->line(), $e->faults)]);
        }
        $history->change($project, History::head($project)->id, static function (array $state) use ($read): array {
            $site = SiteCodec::completed($state['site']);
            $site['climate'] = [
                'name' => $read->climate->name,
                'monthly_mean_c' => $read->climate->monthly,
                'design_c' => $read->climate->design,
                'source' => $read->climate->source->value,
                'estimated_by' => '',
            ];
            $site['frost'] = [...$site['frost'], 'winters_c_d' => $read->winters];

            return [...$state, 'site' => SiteCodec::toArray(SiteCodec::fromArray($site))];
        });

        return redirect()->route('site.edit', $project)->with(
            'said',
            implode(' ', ['Taken in: “'.$read->climate->name.'”, '.count($read->winters).' winters.', ...$read->notes]),
        );
    }

    public function update(Project $project, ProjectNameRequest $request, History $history, Reader $reading): RedirectResponse
    {
        $name = $request->string('name')->value();
        $typed = $request->array('site');
        $format = $reading->written($request, $project);
        try {
            $history->change($project, $request->integer('revision'), static function (array $state) use ($name, $typed, $format): array {
                $stored = self::withLists(self::withSet($state['site'], $typed), $typed, $format);

                $site = TypedData::merge($stored, $typed, $format, SiteCodec::fromArray(...), 'site.');

                return ['name' => trim($name), 'site' => self::withOwnClimate($stored, SiteCodec::toArray($site))];
            }, $request->has('seen') ? $request->integer('seen') : null);
        } catch (FaultyInput $e) {
            throw FaultMessages::thrown($e, $format);
        } catch (Conflict $e) {
            return redirect()->route('site.edit', $project)->withInput()->with('conflict', $e->inWords($reading->formatter($project)));
        }

        return redirect()->route('site.edit', $project)->with('said', 'Saved.');
    }
}
