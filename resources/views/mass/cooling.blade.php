@use('Ondergrond\Units\Quantity')
{{-- Heating stops: a week of each floor. --}}
@php
    $degrees = Quantity::Temperature->unit($format->system);
    $all = array_merge(...array_column($variants, 'cooling'));
    [$high, $low] = [5 * ceil(max($all) / 5), 5 * floor(min([...$all, 5]) / 5)];
    $x = fn (int $h): float => round(34 + 300 * $h / 168, 1);
    $y = fn (float $t): float => round(8 + 170 * ($high - $t) / max(5, $high - $low), 1);
    $path = fn (array $room): string => 'M'
        .implode('L', array_map(fn (int $h, float $t): string => $x($h + 1).' '.$y($t), array_keys($room), $room));
@endphp
<svg class="mass-cooling" viewBox="0 0 500 212" role="img" aria-label="The rooms through a week without heating on each of these floors">
    @foreach (range($low, $high, 5) as $t)<path class="grid" d="M34 {{ $y($t) }}H334" /><text x="29" y="{{ $y($t) + 4 }}"
        text-anchor="end">{{ round($degrees->fromSi($t)) }}°</text>@endforeach
    @foreach (range(0, 7) as $day)<path class="grid" d="M{{ $x(24 * $day) }} 8V178" />@if ($day >
        0)<text x="{{ $x(24 * $day) }}" y="194" text-anchor="middle">{{ $day }}{{ $day === 1 ? ' day' : '' }}</text>@endif @endforeach
    @foreach ($variants as $n => $v)
        <path class="mass-cool mass-cool-{{ $n % 5 }}" d="{{ $path($v->cooling) }}" />
        <path class="mass-cool mass-cool-{{ $n % 5 }}" d="M344 {{ 20 + 21 * $n }}h26" /><text x="376" y="{{ 24 + 21 * $n }}">{{
            mb_strimwidth($v->label, 0, 24, '…') }}</text>
    @endforeach
</svg>
