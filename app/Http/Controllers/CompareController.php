<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Http\Download;
use App\Later\Fields;
use App\Later\Hours;
use App\Later\Kind;
use App\Later\Later;
use App\Later\Winters;
use App\Models\Option;
use App\Models\Project;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\View\View;
use Ondergrond\Compare\Comparison;
use Ondergrond\Compare\FieldSummary;
use Ondergrond\Drawing\SideBySide;
use Ondergrond\Exchange\CsvWriter;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Project\Option as CoreOption;

/** Options side by side, at one scale. */
final class CompareController
{
    public function __construct(
        private readonly Reader $reading,
        private readonly Fields $fields,
        private readonly Winters $winters,
        private readonly Hours $hours,
        private readonly Later $later,
    ) {}

    public function show(Project $project, Request $request): View
    {
        $options = self::chosen($project, $request);
        $fields = $this->known($project, $options);
        $pending = in_array(null, $fields, true) || in_array(null, $this->cooling($project, $options), true);
        if ($pending) {
            foreach ($options as $option) {
                $this->later->ask(Kind::Fields, $project, $option);
                $this->later->ask(Kind::Cooling, $project, $option);
            }
        }
        $side = SideBySide::of(self::some($options->map(static fn (Option $o) => $o->design)));

        return view('compare.show', [
            'project' => $project,
            'options' => $options,
            'format' => $this->reading->formatter($project),
            'comparison' => $this->comparison($project, $options, $fields),
            'drawings' => $options->map(static fn (Option $o): string => SvgWriter::beside($side->drawing($o->design), section: true)),
            'pending' => $pending,
        ]);
    }

    public function csv(Project $project, Request $request): Response
    {
        $options = self::chosen($project, $request);
        $csv = CsvWriter::write($this->comparison($project, $options, $this->known($project, $options))->table());

        return Download::of($csv, 'text/csv; charset=UTF-8', "{$project->name} compared", 'csv');
    }

    /**
     * @param  Collection<int, Option>  $options
     * @param  list<FieldSummary|null>  $fields
     */
    private function comparison(Project $project, Collection $options, array $fields): Comparison
    {
        $winters = array_values($options->map(fn (Option $o): array => $this->winters->known($project, $o))->all());

        return Comparison::of(
            $project->site, self::some($options->map(static fn (Option $o): CoreOption => $o->toCore())), $fields, $project->units,
            $this->reading->formatter($project), $winters, $this->cooling($project, $options),
            Gate::allows('create', Project::class) ? User::current()->firm->priceList() : null,
        );
    }

    /**
     * @param  Collection<int, Option>  $options
     * @return list<array<int, float|null>|null>
     */
    private function cooling(Project $project, Collection $options): array
    {
        return array_values($options->map(fn (Option $o): ?array => $this->hours->cold($project, $o)?->cooling())->all());
    }

    /**
     * @param  Collection<int, Option>  $options
     * @return list<FieldSummary|null>
     */
    private function known(Project $project, Collection $options): array
    {
        return array_values($options->map(fn (Option $o): ?FieldSummary => $this->fields->known($project, $o))->all());
    }

    /** @return Collection<int, Option> those asked for, else all; ids that are none of the project's count for nothing */
    private static function chosen(Project $project, Request $request): Collection
    {
        $asked = array_map(intval(...), array_filter($request->array('options'), is_numeric(...)));
        $chosen = $project->options->whereIn('id', $asked)->values();

        return $chosen->isEmpty() ? $project->options : $chosen;
    }

    /**
     * @template T
     *
     * @param  \Illuminate\Support\Collection<int, T>  $of
     * @return non-empty-list<T>
     */
    private static function some(\Illuminate\Support\Collection $of): array
    {
        /** @var non-empty-list<T> a project is never stored without an option */
        return array_values($of->all());
    }
}
