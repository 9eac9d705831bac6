@use('Ondergrond\Units\Quantity')
@use('App\View\MassPage')
@php $proof = $h['field']; $loops = $h['loops']; @endphp
<section aria-labelledby="heated-title-{{ $which }}">
    <h2 id="heated-title-{{ $which }}">The heated floor{{ $name === null ? '' : ', '.$name }} <x-word :ruling="$page->ruling" /></h2>
    <p>{{ $page->heated() }} Along outer walls it may get {{ $page->warm($h['edge_limit_c']) }}, in bathrooms {{
        $page->warm(\Ondergrond\FloorHeating\Output::BATH) }}. As warm as feet allow all over, it would give {{
        $format->format($h['most_w_m2'], Quantity::HeatFlux) }}.@if (! $h['slender']) Its pipes lie too close for the resistances: go by the
        field.@endif</p>
    <div class="mass-heated">
        <table class="figures">
            <thead><tr><th scope="col">on the design day</th><th scope="col">by resistances</th><th scope="col">by the field</th>
                @if ($h['en1264_output_w_m2'] !== null)<th scope="col">by the standard’s table</th>@endif</tr></thead>
            <tbody>
                <tr><th scope="row">upward, {{ $format->unit(Quantity::HeatFlux) }}</th><td>{{ $format->number($h['output_w_m2'],
                    Quantity::HeatFlux) }}</td><td>{{ $proof ? $format->number($proof['output_w_m2'], Quantity::HeatFlux) : '…'
                    }}</td>@if ($h['en1264_output_w_m2'] !== null)<td>{{ $format->number($h['en1264_output_w_m2'], Quantity::HeatFlux)
                    }}</td>@endif</tr>
                <tr><th scope="row">up and down</th><td>{{ $format->number($h['given_w_m2'], Quantity::HeatFlux) }}</td><td>{{ $proof ?
                    $format->number($proof['given_w_m2'], Quantity::HeatFlux) : '…' }}</td>@if ($h['en1264_output_w_m2'] !==
                    null)<td></td>@endif</tr>
                <tr><th scope="row">surface, mean; warmest place</th><td>{{ $page->warm($h['surface_c']) }}; {{ $page->warm($h['warmest_c'])
                    }}</td><td>{{ $proof ? $page->warm($proof['surface_c']).'; '.$page->warm($proof['warmest_c']) : '…'
                    }}</td>@if ($h['en1264_output_w_m2'] !== null)<td>{{ $page->warm($h['en1264_surface_c']) }}</td>@endif</tr>
                @if ($h['cable_c'] === null)
                    <tr><th scope="row">mean water for what the rooms take</th><td>{{ $page->warm($h['water_needed_c']) }}</td><td>{{ $proof
                        ? $page->warm($proof['water_needed_c']) : '…' }}</td>@if ($h['en1264_output_w_m2'] !== null)<td></td>@endif</tr>
                @else
                    <tr><th scope="row">the cable’s own surface</th><td>{{ $page->warm($h['cable_c']) }}</td><td>{{ $proof ?
                        $page->warm($proof['cable_c']) : '…' }}</td></tr>
                    <tr><th scope="row">the cable along itself</th><td>{{ $format->format($h['cable_w_m'], Quantity::LinearPower)
                        }}</td><td></td></tr>
                @endif
                @if ($proof)<tr><th scope="row">lost downward and at the edge, mean of the year</th><td></td><td>{{
                    $format->format($proof['heated_loss_w'], Quantity::Power) }}; not heated {{ $format->format($proof['plain_loss_w'],
                    Quantity::Power) }}</td>@if ($h['en1264_output_w_m2'] !== null)<td></td>@endif</tr>@endif
            </tbody>
        </table>
        @if ($loops)
            <table class="figures"><caption>Loops, for what the rooms take</caption><tbody>
                <tr><th scope="row">{{ $loops['zones'] }} {{ $loops['zones'] === 1 ? 'zone' : 'zones' }}, loops</th><td>{{ $loops['count']
                    }} of {{ $format->format($loops['length_m'], Quantity::Length) }}</td></tr>
                <tr><th scope="row">pipe, all of it</th><td>{{ $format->format($loops['pipe_m'], Quantity::Length) }}</td></tr>
                <tr><th scope="row">through a loop; through all</th><td>{{ $format->format($loops['flow_l_min'] / 60000, Quantity::Flow) }};
                    {{ $format->format($loops['total_l_min'] / 60000, Quantity::Flow) }}</td></tr>
                <tr><th scope="row">speed; friction of a loop</th><td>{{ $format->format($loops['velocity_m_s'], Quantity::Speed) }}; {{
                    $format->format(1000 * $loops['friction_kpa'], Quantity::PressureDrop) }}</td></tr>
            </tbody></table>
        @endif
        @if ($proof && $proof['range'] !== [])
            <table class="figures"><caption>With other water</caption>
                <thead><tr><th scope="col">mean of the water</th><th scope="col">upward, {{ $format->unit(Quantity::HeatFlux) }}</th><th
                    scope="col">warmest place</th></tr></thead>
                <tbody>@foreach ($proof['range'] as $r)<tr><th scope="row">{{ $page->warm($r['water_c']) }}</th><td>{{
                    $format->number($r['output_w_m2'], Quantity::HeatFlux) }}</td><td>{{ $page->warm($r['warmest_c']) }}@if ($r['warmest_c']
                    > $h['limit_c']) <span class="word word-fails">▲ too warm</span>@endif</td></tr>@endforeach</tbody>
            </table>
        @endif
    </div>
    <p class="hint">The field goes from pipe to pipe and knows covers that no table does. Where the loops lie is for a plan of their own. A
        heating engineer and the makers’ limits decide.</p>
</section>
