<x-layout title="Help" class="page help-page">
    <h1>Help</h1>
    <p class="lead">In the order in which people work. The pictures are of this program’s own screens, with jobs that are made up. Each page
        has its piece of this under <b>?</b>.</p>
    <nav class="help-list" aria-label="Pieces of the help">
        @foreach ($pieces as $piece)<a href="#{{ $piece->slug }}">{{ $piece->title }}</a> @endforeach
    </nav>
    @foreach ($pieces as $piece)
        <section id="{{ $piece->slug }}" aria-labelledby="help-{{ $piece->slug }}">
            <h2 id="help-{{ $piece->slug }}">{{ $piece->title }}</h2>
            <div @class(['help-piece', 'help-with' => $piece->picture !== null])>
                <div class="help-words">@include($piece->view())</div>
                @if ($piece->picture)<a href="{{ route('help.picture', $piece->picture) }}"><img loading="lazy" alt="The page: {{
                    $piece->title }}" width="640" height="400" src="{{ route('help.picture', $piece->picture) }}"></a>@endif
            </div>
        </section>
    @endforeach
</x-layout>
