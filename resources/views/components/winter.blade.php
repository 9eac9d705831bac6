{{-- The design winter beside a normal one, in words and as two lines. --}}
@props(['site', 'winter', 'format'])
@use('Ondergrond\Units\Quantity')
@php
    $low = min(-5.0, min($winter->design)); $high = max($winter->normal);
    $summer = $winter->summer();
    $y = fn (float $t): float => round(110 * ($high - $t) / ($high - $low), 1);
    $line = function (array $year) use ($summer, $y): string {
        $points = [];
        for ($k = 0; $k < 365; $k += 4) { $d = ($summer + $k) % 365; $points[] = round(300 * $k / 364, 1).' '.$y($year[$d]); }
        return 'M'.implode('L', $points);
    };
@endphp
<svg class="winter-lines" viewBox="0 0 300 112" role="img" aria-label="A normal winter and the design winter, from summer to summer">
    <path class="winter-zero" d="M0 {{ $y(0.0) }}H300" /><path class="winter-normal" d="{{ $line($winter->normal) }}" /><path
        class="winter-design" d="{{ $line($winter->design) }}" />
    <text x="2" y="{{ $y(0.0) - 3 }}">{{ $format->format(0.0, Quantity::Temperature) }}</text>
</svg>
<p class="hint">
    @if ($winter->isPermafrost()) The mean of the year is at or below freezing: frost is not judged here.
    @elseif (! $winter->freezes()) Nothing freezes that matters: the index of the design winter is {{ $format->format($winter->index,
        Quantity::FreezingIndex) }}.
    @else Mean index {{ $format->format($winter->mean, Quantity::FreezingIndex) }}, from the months alone {{
        $format->format($winter->smooth, Quantity::FreezingIndex) }}. Design winter, heavy line:
        <b>{{ $format->format($winter->index, Quantity::FreezingIndex) }}</b> = {{
        $format->mark->grouped($winter->kelvinHours()) }}&nbsp;K·h, {{ $winter->season->days }} days long ({{ $winter->method }}).
    @endif
</p>
