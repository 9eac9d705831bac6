@use('Ondergrond\Units\Quantity')
<x-layout title="Projects" class="page">
    <div class="page-head">
        <h1>Projects</h1>
        <form class="find" method="get" action="{{ route('projects.index') }}" role="search">
            <label class="unseen" for="find">Find a project by its name</label>
            <input id="find" type="text" name="find" value="{{ $sought }}" placeholder="Find by name" dir="auto">
            <button>Find</button>
        </form>
        @can('create', \App\Models\Project::class)<a class="go" href="{{ route('projects.create') }}">Start a project</a>@endcan
    </div>
    @if ($rows->isEmpty())
        <p class="empty">@if ($sought !== '') No project’s name holds “<bdi>{{ $sought }}</bdi>”.
            <a href="{{ route('projects.index') }}">Show all</a> @else Nothing here yet. @can('create', \App\Models\Project::class)<a
            href="{{ route('projects.create') }}">Start a project</a>: choose how it is built, say how large it is, and its edge is drawn
            and judged. Or bring in a project file below. @else Whoever designs in your firm starts the first project. @endcan @endif</p>
    @else
        <ul class="jobs">
            @foreach ($rows as $row)
                @php [$project, $option, $heat, $rulings, $format] = [$row['project'], $row['option'], $row['heat'], $row['rulings'],
                    $row['format']]; @endphp
                <li class="job-row">
                    <x-strata :design="$option->design" />
                    <div class="job-what">
                        <h2><a href="{{ route('section.show', $project) }}"><bdi>{{ $project->name }}</bdi></a></h2>
                        <p dir="auto">{{ $project->site->place }}</p>
                        <p class="quiet">{{ $row['family'] }},
                            {{ $format->format($option->design->footprint->area, Quantity::Area) }} ·
                            {{ $project->site->soil->label() }} · <bdi>{{ $option->name }}</bdi>@if ($project->options_count >
                                1), one of {{ $project->options_count }}@endif</p>
                    </div>
                    <dl class="job-figures">
                        <div><dt class="unseen">Verdicts</dt><dd><x-verdicts :rulings="$rulings" /></dd></div>
                        <div><dt>Heat, heating months</dt><dd>{{ $format->format($heat->floor->heating, Quantity::Energy) }}
                            <span class="unseen">to the ground</span></dd></div>
                        <div><dt>Design day</dt><dd>{{ $format->format($heat->floor->design, Quantity::Power) }}</dd></div>
                        <div><dt>Floor</dt><dd>U {{ $format->format($heat->floor->transmittance(),
                            Quantity::Transmittance) }}</dd></div>
                    </dl>
                    <div class="job-acts">
                        <a href="{{ route('projects.export', $project) }}" download>Export<span class="unseen">
                            {{ $project->name }}</span></a>
                        @can('update', $project)
                            <form method="post" action="{{ route('projects.destroy', $project) }}">@csrf @method('delete')
                                <button>Delete<span class="unseen">: {{ $project->name }}</span></button></form>
                        @endcan
                    </div>
                </li>
            @endforeach
        </ul>
        <x-pages :page="$projects" newer="Newer" older="Older" />
    @endif
    @can('create', \App\Models\Project::class)
        <form class="import" method="post" action="{{ route('projects.import') }}" enctype="multipart/form-data">
            @csrf
            <label for="file">Bring in a project file</label>
            <input id="file" type="file" name="file" accept=".json,application/json"
                @error('file') aria-invalid="true" aria-describedby="file-wrong" @enderror>
            <button>Import</button>
            @error('file')
                <ul class="wrong" id="file-wrong">@foreach ($errors->get('file') as $message)<li>{{ $message }}</li>@endforeach</ul>
            @enderror
        </form>
    @endcan
</x-layout>
