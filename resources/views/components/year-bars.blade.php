{{-- Twelve months as bars, with the limit as a line: past it is worse. --}}
@props(['values', 'title', 'months', 'said', 'limit' => null, 'least' => 0.0])
@php
    $most = max($least, 1e-9, ...$values, ...($limit === null ? [] : [1.25 * $limit]));
    $y = fn (float $v): float => round(100 - 92 * max(0.0, $v) / $most, 1);
@endphp
<figure class="year-bars"><figcaption>{{ $title }}</figcaption>
    <svg viewBox="0 0 312 122" role="img" aria-label="{{ $title }}: {{ $said }}">
        @foreach ($values as $i => $value)
            <rect class="{{ $limit !== null && $value > $limit ? 'bar-over' : 'bar-within' }}" x="{{ 26 * $i + 3 }}" y="{{ $y($value)
                }}" width="20" height="{{ round(100 - $y($value), 1) }}" />
            <text x="{{ 26 * $i + 13 }}" y="115" text-anchor="middle">{{ $months[$i] }}</text>
        @endforeach
        <path class="bars-foot" d="M0 100H312" />
        @if ($limit !== null)<path class="bars-limit" d="M0 {{ $y($limit) }}H312" />@endif
    </svg>
    <p>{{ $said }}</p>
</figure>
