@php
    $words = match (true) {
        $errors->any() => $errors->first('revision') ?: 'Not saved: the drawing shows the last sound design.',
        $conflict !== null => 'Not saved yet: choose beside the drawing.',
        $may => 'All saved',
        default => 'You may read this, not change it.',
    };
@endphp
@fragment('acts')
    <div class="bench-acts" id="bench-acts" data-of="{{ $head->id }}" data-words="{{ $words }}" data-later="{{
        json_encode($page->later($head->id)) }}">
        @if ($may)
            {{-- Enter in a field presses a form's first button: this one, never Undo. --}}
            <button class="unseen" form="bench" tabindex="-1">Save</button>
            <x-made-from :head="$head" :format="$format" :again="$errors->any() || $conflict" form="bench" />
            <button id="undo" form="bench" formaction="{{ route('section.undo', $same) }}" @disabled($sitting->undo === null)>Undo</button>
            <button id="redo" form="bench" formaction="{{ route('section.redo', $same) }}" @disabled($sitting->redo === null)>Redo</button>
        @endif
    </div>
@endfragment
{{-- Not a fragment: the page's script speaks here too. --}}
<p class="log-state" role="status" x-data x-text="$store.bench.said" :data-mood="$store.bench.mood" :title="$store.bench.said">{{ $words
    }}</p>
