@use('Ondergrond\Units\Quantity')
@use('App\View\MassPage')
@php
    [$m, $format] = [$mass->mass, $mass->format];
    $hours = $m->told?->cooling();
    $day = $m->stored->day();
    // From one hour to twenty days, each fourfold step as wide as the next.
    $at = fn (float $h): float => round(10 + 200 * min(1.0, log(max(1.0, $h)) / log(480)), 1);
@endphp
<section class="core core-mass" id="mass-core" aria-labelledby="mass-title">
    <h2 id="mass-title">Mass <x-word :ruling="$mass->ruling" /></h2>
    <p class="core-says mass-found">{{ $mass->found() }}</p>
    <x-because :ruling="$mass->ruling" :format="$format" />
    <svg class="mass-line" viewBox="0 0 222 70" role="img" aria-labelledby="mass-line-title">
        <title id="mass-line-title">@if ($hours)@foreach ($hours as $t => $h){{ $mass->warm($t) }}: {{ $h === null ?
            'not within twenty days' : MassPage::time($h) }}{{ $loop->last ? '' : ', ' }}@endforeach @else Hours are being worked out
            @endif</title>
        <path class="mass-axis" d="M10 44H212" />
        @foreach ([1 => '1 h', 6 => '6 h', 24 => '1 day', 96 => '4 days', 480 => '20 days'] as $h => $words)
            <path class="mass-axis" d="M{{ $at($h) }} 44v5" /><text x="{{ $at($h) }}" y="61" text-anchor="{{ $h === 480 ? 'end' : 'middle'
                }}" class="gauge-small">{{ $words }}</text>
        @endforeach
        @foreach ($hours ?? [] as $t => $h)
            @if ($h !== null)<path class="mass-mark mass-mark-{{ $t }}" d="M{{ $at($h) }} 44l-5 -10h10z" /><text x="{{ $at($h) }}" y="{{
                [28, 14, 28][$loop->index] }}" text-anchor="middle">{{ $mass->warm($t) }}</text>@if ($loop->index === 1)<path
                class="mass-axis" d="M{{ $at($h) }} 17v17" />@endif @endif
        @endforeach
    </svg>
    <table class="core-bearing"><tbody>
        <tr><th scope="row">floor takes in over a day</th><td>{{ $format->format($day->inner / 1000, Quantity::Capacity) }}</td></tr>
        <tr><th scope="row">admittance</th><td>{{ $format->format($day->admittance, Quantity::Transmittance) }}</td></tr>
        <tr><th scope="row">held in the warm for a {{ $mass->degree() }}</th><td>{{ $mass->perDegree($m->stored->store()) }}</td></tr>
        @if ($hours)<tr><th scope="row">given up in a day, in three of cold</th><td>{{ $mass->kwh($m->told->gave(24)) }}, {{
            $mass->kwh($m->told->gave(72)) }}</td></tr>@endif
        @if ($m->heated)
            <tr><th scope="row">heated floor gives; rooms take</th><td>{{ $format->number($m->heated->output,
                Quantity::HeatFlux) }}; {{ $format->format($m->heated->need, Quantity::HeatFlux) }}</td></tr>
            <tr><th scope="row">its warmest place; at most</th><td>{{ $mass->warm($m->heated->warmest) }}; {{
                $mass->warm($m->heated->limit()) }}</td></tr>
        @endif
    </tbody></table>
    @if ($m->told)<p class="core-says">{{ $mass->noticed($m->told->answers['heating-stops'] ?? []) }}</p>@endif
    @if ($mass->parted() !== '')<p class="core-says">{{ $mass->parted() }}</p>@endif
    @isset($whole)<p class="core-says"><a href="{{ $whole }}">All of it: cold nights, sun, surplus, loops</a></p>@endisset
    @if (! $hours)<p class="core-says mass-waits" role="status">The hours are being simulated.</p>@endif
    <p class="core-says">One node for all rooms; junctions are not in it. Local code and a licensed designer decide.</p>
</section>
