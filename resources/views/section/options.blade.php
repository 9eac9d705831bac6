@php
    // Where there are many, the one at hand with its neighbours; the list has them all.
    $many = $project->options->count() > 8;
    $at = (int) $project->options->search(fn ($o) => $o->is($option));
    $shown = $many ? $project->options->slice(max(0, $at - 2), 5) : $project->options;
@endphp
<details class="menu" id="options-menu">
    <summary><span class="unseen">Option: </span><bdi>{{ $option->name }}</bdi></summary>
    <div class="menu-more">
        <nav aria-label="Options" id="bench-options">
            @foreach ($shown as $other)
                <a href="{{ route('section.show', [$project, $other]) }}" @if ($other->is($option)) aria-current="page"
                    @endif><bdi>{{ $other->name }}</bdi></a>
            @endforeach
            <a class="options-all" href="{{ route('options.index', $project) }}">{{ $many ? 'All '.$project->options->count().' options' :
                'Copy, rename, pin' }}</a>
        </nav>
        <nav aria-label="Of this option">
            <a href="{{ route('studies.show', [$project, $option]) }}">Where it pays</a>
            <a href="{{ route('damp.show', [$project, $option]) }}">Damp in full</a>
            <a href="{{ route('mass.show', [$project, $option]) }}">Mass in full</a>
            <a href="{{ route('history.index', [$project, $option]) }}">History</a>
            <a href="{{ route('inspections.index', $project) }}">Inspections</a>
            <button type="button" class="needs-script" id="keys-button" x-data x-on:click="$dispatch('bench-help')">Keys</button>
        </nav>
    </div>
</details>
