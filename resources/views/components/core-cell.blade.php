{{-- A verdict at a glance: a bore whose fill is the share of the limit used, its mark the limit; word, figure, what it is held against.
    --}}
@props(['core'])
@php
    // Past the mark is always worse; drawn as far as it goes, to one and a half times the limit.
    $deep = fn (float $share): float => round(54 * min(1.5, max(0.0, $share)) / 1.5, 1);
    $most = $core->shares === [] ? 0.0 : max($core->shares);
    $slug = \Illuminate\Support\Str::slug($core->ruling->word->value);
@endphp
<svg class="cell-bore" viewBox="0 0 20 56" aria-hidden="true"><rect class="gauge-hole" x="4" y="1" width="11" height="54" />
    @if ($core->shares !== [])<rect class="gauge-fill gauge-{{ $slug }}" x="4" y="1" width="11" height="{{ $deep($most) }}" /><path
        class="gauge-mark" d="M0 37h20" />@endif
    @if (count($core->shares) > 1)<path class="cell-other" d="M1 {{ 1 + $deep(min($core->shares)) }}h17" />@endif
    <rect class="gauge-wall" x="4" y="1" width="11" height="54" /></svg>
<span class="cell-head"><b>{{ $core->name }}</b> <x-word :ruling="$core->ruling" /></span>
<span class="cell-says">@if ($core->figure !== '')<b>{{ $core->figure }}</b> @endif{{ $core->of }}</span>
@if ($core->more !== '')<span class="cell-more">{{ $core->more }}</span>@endif
