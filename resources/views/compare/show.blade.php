<x-layout :title="'Options of '.$project->name.' compared'" :project="$project" class="page compare-page">
    <div class="page-head">
        <h1>Compare</h1>
        <a href="{{ route('options.index', $project) }}">Options</a>
        <a href="{{ route('compare.csv', ['project' => $project, ...request()->only('options')]) }}" download>CSV</a>
    </div>
    @if ($project->options->count() > 1)
        <form class="compare-pick" method="get" action="{{ route('compare.show', $project) }}">
            <fieldset>
                <legend class="unseen">Options to compare</legend>
                @foreach ($project->options as $option)
                    <label><input type="checkbox" name="options[]" value="{{ $option->id }}"
                        @checked($options->contains('id', $option->id))> <bdi>{{ $option->name }}</bdi></label>
                @endforeach
                <button>Compare these</button>
            </fieldset>
        </form>
    @else
        <p class="lead">There is one option so far. Copy it under Options, or open a choice of a search, and they stand side by side
            here.</p>
    @endif
    <div x-data="poll" data-url="{{ request()->fullUrl() }}">
        <div id="compare" data-live>
            @if ($pending)<p class="hint" data-pending role="status">Some options are still being worked out as drawn; their figures come in
                by themselves. <noscript>Load the page again for them.</noscript></p>@endif
            <div class="scroll compare-scroll" tabindex="0" role="region" aria-label="Options side by side">
                <table class="compare">
                    <caption>Sections through the edge, all at one scale, the ground at one height. What differs is set in bold; ◂ marks the
                        best figure of a row.</caption>
                    <thead>
                        <tr>
                            <td></td>
                            @foreach ($options as $i => $option)
                                <th scope="col">
                                    <a href="{{ route('section.show', [$project, $option]) }}"><bdi>{{ $option->name }}</bdi></a>
                                        @if ($option->pinned)<span class="pin">pinned</span>@endif
                                    <div class="compare-drawing">{!! $drawings[$i] !!}</div>
                                    @if ($option->note !== '')<p dir="auto">{{ $option->note }}</p>@endif
                                    @foreach ($option->setAside() as $aside)<p class="hint">Set aside by
                                        <bdi>{{ $aside->by }}</bdi>: {{ str_replace('-', ' ', $aside->rule) }}, “<bdi>{{ $aside->reason
                                        }}</bdi>”</p>@endforeach
                                </th>
                            @endforeach
                        </tr>
                    </thead>
                    @foreach ($comparison->groups as $title => $rows)
                        <tbody>
                            <tr class="compare-group"><th scope="rowgroup" colspan="{{ $options->count() + 1 }}">{{ $title }}</th></tr>
                            @forelse ($rows as $row)
                                <tr @class(['compare-differs' => $row->differs(), 'compare-finding' => $title === 'Findings'])>
                                    <th scope="row">{{ $row->label }}</th>
                                    @foreach ($row->cells as $i => $cell)<td @class(['compare-best' =>
                                        $row->isBest($i)])>@if (isset($row->rulings[$i]))<x-word :ruling="$row->rulings[$i]" />@else{{ $cell
                                            }}@endif @if ($row->isBest($i)) <span
                                        aria-label="best">◂</span>@endif</td>@endforeach
                                </tr>
                            @empty
                                <tr><td colspan="{{ $options->count() + 1 }}">Nothing.</td></tr>
                            @endforelse
                        </tbody>
                    @endforeach
                </table>
            </div>
        </div>
    </div>
</x-layout>
