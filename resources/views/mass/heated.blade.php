@use('Ondergrond\Units\Quantity')
@use('App\View\MassPage')
@php $loops = $h->loops; @endphp
<section aria-labelledby="heated-title-{{ $which }}">
    <h2 id="heated-title-{{ $which }}">The heated floor{{ $name === null ? '' : ', '.$name }} <x-word :ruling="$page->ruling" /></h2>
    <p>{{ $page->heated() }} Along outer walls it may get {{ $page->edgeLimit() }}, in bathrooms {{
        $page->bathLimit() }}. As warm as feet allow all over, it would give {{
        $format->format($h->most(), Quantity::HeatFlux) }}.@if (! $h->isSlender()) Its pipes lie too close for the resistances: go by the
        field.@endif</p>
    <div class="mass-heated">
        <table class="figures">
            <thead><tr><th scope="col">on the design day</th><th scope="col">by resistances</th><th scope="col">as drawn</th>
                @if ($h->standard)<th scope="col">by the standard’s table</th>@endif</tr></thead>
            <tbody>
                <tr><th scope="row">upward, {{ $format->unit(Quantity::HeatFlux) }}</th><td>{{ $format->number($h->output,
                    Quantity::HeatFlux) }}</td><td>{{ $proof ? $format->number($proof->output, Quantity::HeatFlux) : '…'
                    }}</td>@if ($h->standard)<td>{{ $format->number($h->byStandard(), Quantity::HeatFlux)
                    }}</td>@endif</tr>
                <tr><th scope="row">up and down</th><td>{{ $format->number($h->given, Quantity::HeatFlux) }}</td><td>{{ $proof ?
                    $format->number($proof->given, Quantity::HeatFlux) : '…' }}</td>@if ($h->standard)<td></td>@endif</tr>
                <tr><th scope="row">surface, mean; warmest place</th><td>{{ $page->warm($h->surface) }}; {{ $page->warm($h->warmest)
                    }}</td><td>{{ $proof ? $page->warm($proof->surface).'; '.$page->warm($proof->warmest) : '…'
                    }}</td>@if ($h->standard)<td>{{ $page->warm($h->surfaceByStandard()) }}</td>@endif</tr>
                @if ($h->cable === null)
                    <tr><th scope="row">mean water for what the rooms take</th><td>{{ $page->warm($h->waterNeeded) }}</td><td>{{ $proof
                        ? $page->warm($proof->waterNeeded) : '…' }}</td>@if ($h->standard)<td></td>@endif</tr>
                @else
                    <tr><th scope="row">the cable’s own surface</th><td>{{ $page->warm($h->cable) }}</td><td>{{ $proof ?
                        $page->warm($proof->cable) : '…' }}</td></tr>
                    <tr><th scope="row">the cable along itself</th><td>{{ $format->format($h->cableLoad(), Quantity::LinearPower)
                        }}</td><td></td></tr>
                @endif
                @if ($proof)<tr><th scope="row">lost downward and at the edge, mean of the year</th><td></td><td>{{
                    $format->format($proof->heatedLoss, Quantity::Power) }}; not heated {{ $format->format($proof->plainLoss,
                    Quantity::Power) }}</td>@if ($h->standard)<td></td>@endif</tr>@endif
            </tbody>
        </table>
        @if ($loops)
            <table class="figures"><caption>Loops, for what the rooms take</caption><tbody>
                <tr><th scope="row">{{ $loops->zones }} {{ $loops->zones === 1 ? 'zone' : 'zones' }}, loops</th><td>{{ $loops->count()
                    }} of {{ $format->format($loops->length, Quantity::Length) }}</td></tr>
                <tr><th scope="row">pipe, all of it</th><td>{{ $format->format($loops->pipe(), Quantity::Length) }}</td></tr>
                <tr><th scope="row">through a loop; through all</th><td>{{ $format->format($loops->flow, Quantity::Flow) }};
                    {{ $format->format($loops->total(), Quantity::Flow) }}</td></tr>
                <tr><th scope="row">speed; friction of a loop</th><td>{{ $format->format($loops->velocity, Quantity::Speed) }}; {{
                    $format->format($loops->friction, Quantity::PressureDrop) }}</td></tr>
            </tbody></table>
        @endif
        @if ($proof && $proof->range !== [])
            <table class="figures"><caption>With other water</caption>
                <thead><tr><th scope="col">mean of the water</th><th scope="col">upward, {{ $format->unit(Quantity::HeatFlux) }}</th><th
                    scope="col">warmest place</th></tr></thead>
                <tbody>@foreach ($proof->range as [$water, $output, $warmest])<tr><th scope="row">{{ $page->warm($water) }}</th><td>{{
                    $format->number($output, Quantity::HeatFlux) }}</td><td>{{ $page->warm($warmest) }}@if ($warmest
                    > $h->limit()) <span class="word word-fails">▲ too warm</span>@endif</td></tr>@endforeach</tbody>
            </table>
        @endif
    </div>
    <p class="hint">What is drawn goes from pipe to pipe and knows covers that no table does. Where the loops lie is for a plan of their
        own. A
        heating engineer and the makers’ limits decide.</p>
</section>
