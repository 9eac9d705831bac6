@use('Ondergrond\Units\Quantity')
<x-layout title="Projects" :format="$format" class="page">
    <div class="page-head">
        <h1>Projects</h1>
        <a class="go" href="{{ route('projects.create') }}">Start a project</a>
    </div>
    @if ($rows->isEmpty())
        <p class="empty">Nothing here yet. Start a project: name and climate, family, footprint, and its edge is drawn and judged.</p>
    @else
        <ul class="jobs">
            @foreach ($rows as $row)
                @php [$project, $option, $heat] = [$row['project'], $row['option'], $row['assessment']->heat]; @endphp
                <li class="job-row">
                    <x-strata :design="$option->design" />
                    <div class="job-what">
                        <h2><a href="{{ route('section.show', $project) }}">{{ $project->name }}</a></h2>
                        <p>{{ $project->site->place }}</p>
                        <p class="quiet">{{ \Ondergrond\Design\Families\Families::find($option->design->family)->label() }},
                            {{ $format->format($option->design->footprint->area, Quantity::Area) }} ·
                            {{ $project->site->soil->label() }} · {{ $option->name }}@if ($project->options->count() > 1), one of {{ $project->options->count() }}@endif</p>
                    </div>
                    <dl class="job-figures">
                        <div><dt>Heat to the ground</dt><dd>{{ $format->format($heat->floor->annual, Quantity::Energy) }} a year</dd></div>
                        <div><dt>Design day</dt><dd>{{ $format->format($heat->floor->design, Quantity::Power) }}</dd></div>
                        <div><dt>Floor</dt><dd>U {{ $format->number($heat->floor->transmittance(), Quantity::Transmittance) }} <x-word :verdict="$heat->word" /></dd></div>
                    </dl>
                    <div class="job-acts">
                        <a href="{{ route('projects.export', $project) }}" download>Export<span class="unseen"> {{ $project->name }}</span></a>
                        <details>
                            <summary>Delete<span class="unseen"> {{ $project->name }}</span></summary>
                            <form method="post" action="{{ route('projects.destroy', $project) }}">
                                @csrf @method('delete')
                                <p>This can't be undone. An exported file brings it back.</p>
                                <button class="warn">Delete for good</button>
                            </form>
                        </details>
                    </div>
                </li>
            @endforeach
        </ul>
    @endif
    <form class="import" method="post" action="{{ route('projects.import') }}" enctype="multipart/form-data">
        @csrf
        <label for="file">Bring in a project file</label>
        <input id="file" type="file" name="file" accept=".json,application/json" @error('file') aria-invalid="true" aria-describedby="file-wrong" @enderror>
        <button>Import</button>
        @error('file')
            <ul class="wrong" id="file-wrong">@foreach ($errors->get('file') as $message)<li>{{ $message }}</li>@endforeach</ul>
        @enderror
    </form>
</x-layout>
