{{-- One row of the log: depth, hatch, number, name, what may be changed, what it counts for. --}}
@props(['row', 'may'])
<x-unit :name="$row->part->value" class="log-row {{ $row->present ? '' : 'log-out' }}" data-part="{{ $row->part->value }}">
    <span class="log-depth">{{ $row->depth }}</span>
    <span class="log-hatch" aria-hidden="true">@if ($row->drawn && $row->present)<svg><use href="#hatch-{{ $row->drawn->slug }}"
        /></svg>@elseif ($row->present && $row->isSheet())<svg viewBox="0 0 10 10" preserveAspectRatio="none"><path class="log-sheet"
            d="M0 5H10" /></svg>@endif</span>
    <div class="log-words">
        <p class="log-name">@if ($row->order)<b class="log-no" aria-label="laid as number {{ $row->order }}">{{ $row->order }}</b>@endif {{
            $row->part->label() }} @if ($row->resistance)<span>{{ $row->resistance }}</span>@endif</p>
        <div class="log-fields">
            @foreach ($row->fields as $field)<x-log-input :field="$field" />@endforeach
        </div>
        @foreach ($row->lists as $key => $layers)
            <x-log-layers :layers="$layers" :path="$row->part->value.'.'.$key" :label="$row->label($key)" :may="$may" />
        @endforeach
        @if ($row->note !== '')<p class="log-note">{{ $row->note }}</p>@endif
    </div>
</x-unit>
