<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\KnownClimate;
use App\Forms\Reader;
use App\Forms\Word;
use App\History\Conflict;
use App\History\History;
use App\Models\Project;
use App\View\ImpliedClimate;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Ondergrond\Codec\SiteCodec;
use Ondergrond\Exchange\ClimateFile;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Site\Climate;
use Ondergrond\Units\Letters;

/** A site's climate from what people have of it: a weather file, or a few figures. What else the site says stays. */
final readonly class SiteClimateController
{
    public function __construct(private History $history) {}

    /** Months, design day and winters out of a weather file. */
    public function file(Project $project, Request $request, Reader $reading): RedirectResponse
    {
        $file = $request->file('climate');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > ClimateFile::LARGEST) {
            throw ValidationException::withMessages([
                'climate' => $file === null
                    ? 'Choose a file first: EPW, or CSV with a date and a mean.'
                    : 'That file cannot be taken in. Allowed: EPW or CSV of up to 4 MB.',
            ]);
        }
        try {
            $name = mb_substr(Letters::plain(pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME)), 0, 120);
            $read = ClimateFile::read($file->getContent(), Letters::notAName($name) === null ? $name : 'From a weather file');
        } catch (FaultyInput $e) {
            throw ValidationException::withMessages(['climate' => array_map(static fn (Fault $f): string => $f->line(), $e->faults)]);
        }
        $this->take($project, $request, $reading, 'climate', $read->climate, $read->winters);

        return redirect()->route('site.edit', $project)->with(
            'said',
            implode(' ', ['Taken in: “'.$read->climate->name.'”, '.count($read->winters).' winters.', ...$read->notes]),
        );
    }

    /** What figures come to before they are taken: a sentence, and the months as steps over the picture. */
    public function implied(Project $project, Request $request, Reader $reading): JsonResponse
    {
        $kind = Word::of($request, 'kind');
        $format = $reading->written($request, $project);
        try {
            $climate = (new KnownClimate($format))->climate(
                $kind, $request->array("known.{$kind}"), $project->site->climate, $project->site->frost->spread,
            );
        } catch (ValidationException $e) {
            return response()->json(['said' => implode(' ', array_merge(...array_values($e->errors()))), 'path' => '']);
        }

        return response()->json((new ImpliedClimate($project->site, $climate, $reading->formatter($project)))->told());
    }

    /** Twelve months, the coldest and the warmest of them with the mean, or degree-days with the mean. */
    public function known(Project $project, Request $request, Reader $reading): RedirectResponse
    {
        $kind = Word::of($request, 'kind');
        $climate = (new KnownClimate($reading->written($request, $project)))->climate(
            $kind, $request->array("known.{$kind}"), $project->site->climate, $project->site->frost->spread,
        );
        $field = "known.{$kind}.".array_key_first($request->array("known.{$kind}"));
        $this->take($project, $request, $reading, $field, $climate);

        return redirect()->route('site.edit', $project);
    }

    /**
     * What others changed of the site meanwhile stays; where they changed its climate, it is said and nothing is taken.
     *
     * @param  string  $field  where it is said
     * @param  list<float>|null  $winters  on record; null: those that are known stay
     */
    private function take(
        Project $project, Request $request, Reader $reading, string $field, Climate $climate, ?array $winters = null,
    ): void {
        $base = $request->has('revision') ? $request->integer('revision') : History::head($project)->id;
        $change = static function (array $state) use ($climate, $winters): array {
            $site = SiteCodec::completed($state['site']);
            $site['climate'] = [
                'name' => $climate->name,
                'monthly_mean_c' => $climate->monthly,
                'design_c' => $climate->designGiven,
                'source' => $climate->source->value,
                'estimated_by' => $climate->estimatedBy,
            ];
            if ($winters !== null) {
                $site['frost'] = [...$site['frost'], 'winters_c_d' => $winters];
            }

            return [...$state, 'site' => SiteCodec::toArray(SiteCodec::fromArray($site))];
        };
        try {
            $this->history->change($project, $base, $change, beside: true);
        } catch (Conflict $e) {
            throw ValidationException::withMessages([$field => $e->told($reading->formatter($project))]);
        }
    }
}
