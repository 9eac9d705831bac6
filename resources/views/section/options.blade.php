@php
    // Where there are many, the one at hand with its neighbours; the list has them all.
    $many = $project->options->count() > 5;
    $at = (int) $project->options->search(fn ($o) => $o->is($option));
    $shown = $many ? $project->options->slice(max(0, $at - 1), 3) : $project->options;
@endphp
<nav class="options" aria-label="Options" id="bench-options">
    @foreach ($shown as $other)
        <a href="{{ route('section.show', [$project, $other]) }}" @if ($other->is($option)) aria-current="page"
            @endif><bdi>{{ $other->name }}</bdi></a>
    @endforeach
    <a class="options-all" href="{{ route('options.index', $project) }}">{{ $many ? 'all '.$project->options->count().' options' : 'options'
        }}</a>
</nav>
