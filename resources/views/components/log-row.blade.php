{{-- One row of the log: depth, hatch, number, name, what may be changed, what it counts for. --}}
@props(['row', 'format', 'sizes' => []])
@use('Ondergrond\Units\Quantity')
@php $name = 'design.'.$row->part->value; @endphp
<div class="log-row @if ($row->order === null) log-out @endif" data-unit="{{ $row->part->value }}" data-part="{{ $row->part->value }}">
    <span class="log-depth">{{ $row->depth }}</span>
    <span class="log-hatch" aria-hidden="true">@if ($row->drawn)<svg><use href="#hatch-{{ $row->drawn->slug }}" /></svg>@elseif ($row->part === \Ondergrond\Design\Part::Sheet)<svg viewBox="0 0 10 10" preserveAspectRatio="none"><path class="log-sheet" d="M0 5H10" /></svg>@endif</span>
    <div class="log-words">
        <p class="log-name">@if ($row->order)<b class="log-no" aria-label="laid as number {{ $row->order }}">{{ $row->order }}</b>@endif {{ $row->part->label() }} @if ($row->resistance)<span>{{ $row->resistance }}</span>@endif</p>
        <div class="log-fields">
            @if ($row->materials !== [])
                <x-choice plain :name="$name.'.material'" :label="'Material, '.$row->part->label()" :value="$row->layer->material->slug" :options="collect($row->materials)->pluck('name', 'slug')->all()" />
            @endif
            @if ($row->layer)
                <x-field plain :name="$name.'.thickness_m'" :sizes="$sizes" :label="'Thickness, '.$row->part->label()" :value="$format->format($row->layer->thickness, Quantity::Thickness)" />
            @endif
            {{ $slot }}
        </div>
        @if ($row->note !== '')<p class="log-note">{{ $row->note }}</p>@endif
    </div>
</div>
