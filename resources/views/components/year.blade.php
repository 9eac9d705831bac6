{{-- The year's monthly means, the fitted wave, and which months heat. --}}
@props(['site', 'format', 'months'])
@use('Ondergrond\Units\Quantity')
@php
    $wave = $site->climate->wave();
    $top = max(max($site->climate->monthly), $wave->mean + $wave->amplitude, $site->heatingLimit) + 3;
    $low = min($site->climate->design, $wave->mean - $wave->amplitude) - 3;
    $x = fn (float $month): float => round(48 + ($month - 0.5) * 72, 1);
    $y = fn (float $t): float => round(12 + ($top - $t) / ($top - $low) * 190, 1);
    $path = '';
    for ($m = 0.5; $m <= 12.5; $m += 0.125) {
        $path .= ($path === '' ? 'M' : 'L').$x($m).' '.$y($wave->mean - $wave->amplitude * cos(2 * M_PI * ($m - $wave->coldest) / 12));
    }
@endphp
<figure class="year">
    <svg viewBox="0 0 960 230" role="img" aria-labelledby="year-title">
        <title id="year-title">Monthly mean air temperatures from {{ $format->format(min($site->climate->monthly), Quantity::Temperature) }}
            to {{ $format->format(max($site->climate->monthly), Quantity::Temperature) }}</title>
        @foreach ($site->heatingMonths() as $m)
            <rect class="year-heats" x="{{ $x($m - 0.5) }}" y="12" width="72" height="190" />
        @endforeach
        @foreach ([[0.0, 'freezing', 'year-zero'], [$site->climate->design, 'design day', 'year-line'], [$site->heatingLimit,
            'heating limit', 'year-line']] as [$t, $words, $class])
            @if ($t > $low && $t < $top)
                <path class="{{ $class }}" d="M48 {{ $y($t) }}H912" />
                <text x="44" y="{{ $y($t) + 4 }}" text-anchor="end">{{ $format->format($t, Quantity::Temperature) }}</text>
                <text x="908" y="{{ $y($t) - 4 }}" text-anchor="end">{{ $words }}</text>
            @endif
        @endforeach
        <path class="year-wave" d="{{ $path }}" />
        @foreach ($site->climate->monthly as $i => $t)
            <path class="year-month" d="M{{ $x($i + 0.5) }} {{ $y($t) }}h72" />
            <text x="{{ $x($i + 1) }}" y="222" text-anchor="middle">{{ $months[$i] }}</text>
        @endforeach
    </svg>
    <figcaption>Steps: the months as typed. Curve: the wave the sum uses, mean {{ $format->format($wave->mean, Quantity::Temperature) }}, ±
        {{ $format->format($wave->amplitude, Quantity::TemperatureDifference) }}. Shaded: the months that count as heating for the greater
        part; with parts of months they are {{ $format->mark->written(sprintf('%.1f', $site->heatingLength())) }}.</figcaption>
</figure>
