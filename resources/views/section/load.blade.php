@use('Ondergrond\Units\Quantity')
@php $worst = $load->worst(); @endphp
<section class="core core-load" aria-labelledby="load-title">
    <h2 id="load-title">Load <x-word :ruling="$rulings->on(\Ondergrond\Rules\Concern::Load)" /></h2>
    <x-because :ruling="$rulings->on(\Ondergrond\Rules\Concern::Load)" :format="$format" />
    @if ($load->boards !== [])
        <table class="core-bearing">
            <caption>Stress on each board, {{ $format->unit(Quantity::Stress) }}: what stays and may stay, all and may be</caption>
            <thead><tr><th scope="col">on</th><th scope="col">stays</th><th scope="col">of</th><th scope="col">all</th><th
                scope="col">of</th><td></td></tr></thead>
            <tbody>
                @foreach ($load->boards as $check)
                    <tr title="{{ $check->method }}@if ($check->springs !== null); on springs {{ $format->format($check->springs,
                        Quantity::Stress) }}@endif">
                        <th scope="row">{{ $check->label() }}</th>
                        <td>{{ $format->number($check->permanent, Quantity::Stress) }}</td><td>{{ $check->allowableLong() === null ? '?' :
                            $format->number($check->allowableLong(), Quantity::Stress) }}</td>
                        <td>{{ $format->number($check->total, Quantity::Stress) }}</td><td>{{ $check->allowableShort() === null ? '?' :
                            $format->number($check->allowableShort(), Quantity::Stress) }}</td>
                        <td class="load-share">
                            <svg viewBox="0 0 60 10" preserveAspectRatio="none" role="img" aria-label="{{ $check->share() === null ?
                                'strength not known' : round(100 * $check->share()).' % of what it may carry' }}"><rect class="gauge-hole"
                                x="0.5" y="0.5" width="59" height="9" /><rect class="gauge-fill gauge-{{
                                \Illuminate\Support\Str::slug($check->word()->value) }}" x="0.5" y="0.5" width="{{ round(min(59, 40 *
                                ($check->share() ?? 0)), 1) }}" height="9" /><path class="gauge-mark" d="M40 0V10" /></svg>
                        </td>
                    </tr>
                @endforeach
                @foreach ($load->soil as $check)
                    <tr><th scope="row">ground, {{ $check->label() }}</th><td></td><td></td><td>{{
                        $format->number($check->stress, Quantity::Stress) }}</td><td>{{ $format->number($check->allowable(),
                        Quantity::Stress) }}</td>
                        <td class="load-share"><svg viewBox="0 0 60 10" preserveAspectRatio="none" role="img" aria-label="{{ round(100 *
                            $check->stress / $check->allowable()) }} % of what it is presumed to carry"><rect class="gauge-hole" x="0.5"
                            y="0.5" width="59" height="9" /><rect class="gauge-fill gauge-{{
                            \Illuminate\Support\Str::slug($check->word()->value) }}" x="0.5" y="0.5" width="{{ round(min(59, 40 *
                            $check->stress / $check->allowable()), 1) }}" height="9" /><path class="gauge-mark" d="M40 0V10"
                            /></svg></td></tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($load->missing !== [])<p class="core-says">Not given: {{ implode(', ', $load->missing) }}.
        @if ($may)<a href="#log-building">Give the loads</a>@endif</p>@endif
    <p class="core-says">Boards: strength ÷ 3 for what stays, ÷ 2 for all. Uplift by water is not in this. An engineer decides.</p>
</section>
