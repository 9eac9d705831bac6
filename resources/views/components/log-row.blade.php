{{-- One part in one line; picked, it unfolds to what may be changed and what it counts for. --}}
@props(['row', 'may'])
<x-unit tag="details" :name="$row->part->value" class="log-row {{ $row->present ? '' : 'log-out' }}" :data-part="$row->part->value"
    :id="'row-'.$row->part->value" :open="$errors->has('design.'.$row->part->value.'.*')">
    <summary>
        <span class="log-hatch" aria-hidden="true">@if ($row->drawn && $row->present)<svg><use href="#hatch-{{ $row->drawn->slug }}"
            /></svg>@elseif ($row->present && $row->isSheet())<svg viewBox="0 0 10 10" preserveAspectRatio="none"><path class="log-sheet"
            d="M0 5H10" /></svg>@endif</span>
        <span class="log-no">@if ($row->order)<b aria-label="laid as number {{ $row->order }}">{{ $row->order
            }}</b>@elseif ($row->stands)<i class="log-stands" title="stands already" aria-label="stands already"></i>@endif</span>
        <span class="log-name">{{ $row->part->label() }}</span>
        @if ($row->resistance)<span class="log-r">{{ $row->resistance }}</span>@endif
        <span class="log-size">{{ $row->present ? $row->size : 'not filled in' }}</span>
    </summary>
    <div class="log-body" role="group" aria-label="{{ $row->part->label() }}">
        <p class="log-sheet-head"><b>{{ $row->part->label() }}</b> <button type="button" x-on:click="fold">Done</button></p>
        <div class="log-fields">
            @foreach ($row->fields as $field)<x-log-input :field="$field" />@endforeach
        </div>
        @foreach ($row->lists as $key => $layers)
            <x-log-layers :layers="$layers" :path="$row->part->value.'.'.$key" :label="$row->label($key)" :one="$row->one($key)"
                :may="$may && $row->grows($key)" />
        @endforeach
        @if ($row->depth !== null)<p class="log-note">{{ $row->depth }} under the finished floor</p>@endif
        @if ($row->note !== '')<p class="log-note">{{ $row->note }}</p>@endif
        @if ($may && $row->removable)<button class="log-take" name="act" value="out:{{ $row->part->value }}">Take it out</button>@endif
    </div>
</x-unit>
