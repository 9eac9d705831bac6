@php
    $words = match (true) {
        $errors->any() => $errors->first('revision') ?: 'Not saved: the drawing shows the last sound design.',
        $conflict !== null => 'Not saved yet: choose below.',
        $may => 'All saved',
        default => 'You may read this, not change it.',
    };
@endphp
@fragment('acts')
    <div class="bench-acts" id="bench-acts" data-of="{{ $head->id }}" data-words="{{ $words }}" data-later="{{
        json_encode($page->later($head->id)) }}">
        @if ($may)
            <x-made-from :head="$head" :format="$format" :again="$errors->any() || $conflict" />
            <button id="undo" formaction="{{ route('section.undo', $same) }}" @disabled($sitting->undo === null)>Undo</button>
            <button id="redo" formaction="{{ route('section.redo', $same) }}" @disabled($sitting->redo === null)>Redo</button>
        @endif
        <a href="{{ route('history.index', [$project, $option]) }}">History</a>
        <button type="button" class="needs-script" @click="help">Keys</button>
    </div>
@endfragment
{{-- Not a fragment: the page's script speaks here too. --}}
<p class="log-state" role="status" x-text="said" :data-mood="mood">{{ $words }}</p>
<button type="button" class="state-again" x-show="stuck" x-cloak @click="again">Try again</button>
@fragment('conflict')
    <div id="bench-conflict">
        @if ($conflict)<x-conflict :conflict="$conflict" :reload="route('section.show', $same)" />@endif
    </div>
@endfragment
@if ($may)<noscript><p><button class="go">Work it out</button></p></noscript>@endif
