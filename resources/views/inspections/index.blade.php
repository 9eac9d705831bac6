<x-layout :title="'Inspections of '.$project->name" :project="$project" class="page">
    <div class="page-head"><h1>Damp places</h1> @can('inspect', $project)<a class="go" href="{{ route('inspections.create', $project)
        }}">Look at one</a>@endcan</div>
    <p class="lead">What was seen and measured at each, and what it most likely comes from.</p>
    @if ($records->isEmpty())<p class="empty">No damp place has been looked at yet. Begin with <b>Look at one</b>: say where it is,
        tick what you see, type what you measure.</p>@endif
    <ul class="people damp-places">
        @foreach ($records->reverse() as $i => $record)
            @php $diagnosis = $said[$i]; @endphp
            <li>
                <div><a href="{{ route('inspections.show', [$project, $record]) }}"><bdi>{{ $record->seen->place }}</bdi></a>
                    <span class="quiet">{{ $record->seen->on }}, <bdi>{{ $record->seen->by }}</bdi></span>
                    <p>{{ $diagnosis->inShort() }}
                        @if ($diagnosis->specialists !== []) <b class="call">Call a specialist first.</b>@endif</p>
                </div>
                @can('inspect', $project)<form method="post" action="{{ route('inspections.destroy', [$project, $record])
                    }}">@csrf @method('delete')<button>Take out<span class="unseen">: {{ $record->seen->place
                    }}</span></button></form>@endcan
            </li>
        @endforeach
    </ul>
    @error('place')<p class="wrong" role="alert">{{ $message }}</p>@enderror
    @if ($out->isNotEmpty())
        <h2>Taken out</h2>
        <ul class="people">
            @foreach ($out as $record)
                <li>
                    <div><b><bdi>{{ $record->seen->place }}</bdi></b> <span class="quiet">{{ $record->seen->on }}, taken out <x-time
                        :at="$record->deleted_at" :zone="$project->site->timeZone" /></span></div>
                    @can('inspect', $project)<form method="post" action="{{ route('inspections.restore', [$project, $record])
                        }}">@csrf @method('put')<button>Put back<span class="unseen">: {{ $record->seen->place
                        }}</span></button></form>@endcan
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>
