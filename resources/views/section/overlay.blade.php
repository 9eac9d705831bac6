{{-- What lies over the section, and on which day. Not a fragment: it keeps its place while the drawing is drawn anew. The day lies
     over the drawing's foot, so that turning to it moves nothing. --}}
<div class="overlay-bar needs-script-block" role="group" aria-label="Over the section">
    <div class="overlay-day" x-show="!still" x-cloak>
        <button type="button" class="overlay-play" @click="play" x-text="verb">Play the year</button>
        <p class="overlay-read"><output class="overlay-date" x-text="date"></output> <span x-text="read"></span></p>
        <p class="overlay-stacks" x-show="picks"><label for="overlay-stack">Through the</label>
            <select id="overlay-stack" form="none" x-ref="stacks" @change.stop="picked"></select></p>
        <div class="overlay-year">
            <input type="range" form="none" min="0" max="364" step="1" aria-label="Day of the year" :value="day" :aria-valuetext="date"
                @input.stop="slid" @change.stop="slid">
            <div class="overlay-months" aria-hidden="true">@foreach (\Ondergrond\Site\Calendar::MONTHS as $month)<span>{{ $month
                }}</span>@endforeach</div>
        </div>
    </div>
    <div class="overlay-kinds">
        @foreach (['parts' => 'Sizes', 'levels' => 'Levels', 'water' => 'Water', 'temperature' => 'Temperature', 'flow' =>
            'Heat flow', 'vapour' => 'Vapour', ...(($film ?? true) ? ['frost' => 'Frost'] : [])] as $kind => $label)
            <label><input type="radio" form="none" name="overlay" value="{{ $kind }}" :checked="kind === '{{ $kind }}'"
                @change.stop="chose"><span>{{ $label }}</span></label>
        @endforeach
    </div>
</div>
