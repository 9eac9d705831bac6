{{-- The floor's build-up as a narrow core, to one scale on every row. --}}
@props(['design'])
@php
    $y = 0;
    $bands = [];
    $layers = [
        ['concrete', $design->screed], ['foam', $design->boardAbove], ['concrete', $design->slab->layer],
        ['foam', $design->fieldBoard], ['stone', $design->stone],
    ];
    foreach ($layers as [$kind, $layer]) {
        $bands[] = [$kind, $y, $layer->thickness * 160];
        $y += $layer->thickness * 160;
    }
@endphp
<svg class="strata" viewBox="0 0 26 80" width="26" height="80" aria-hidden="true">
    <rect class="strata-ground" x="0.5" y="0.5" width="25" height="79" />
    @foreach ($bands as [$kind, $top, $height])
        <rect class="strata-{{ $kind }}" x="0.5" y="{{ round($top + 0.5, 2) }}" width="25" height="{{ round($height, 2) }}" />
    @endforeach
    <rect class="strata-frame" x="0.5" y="0.5" width="25" height="79" />
</svg>
