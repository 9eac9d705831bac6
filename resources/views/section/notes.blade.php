@use('Ondergrond\Units\Quantity')
@php [$low, $high] = $heat->band; $site = $heat->floor->site; @endphp
<h2 id="notes-title">Read this with the figures</h2>
<ul>
    <li><b>{{ $site->soil->label() }} may conduct from {{ $format->number($low->slab->groundConductivity, Quantity::Conductivity) }} to {{ $format->format($high->slab->groundConductivity, Quantity::Conductivity) }}.</b>
        Over that range: {{ $format->number($low->annual, Quantity::Energy) }} to {{ $format->format($high->annual, Quantity::Energy) }} a year, {{ $format->number($low->design, Quantity::Power) }} to {{ $format->format($high->design, Quantity::Power) }} on the design day, U {{ $format->number($low->transmittance(), Quantity::Transmittance) }} to {{ $format->number($high->transmittance(), Quantity::Transmittance) }}.</li>
    <li id="why-field"><b>Formula U {{ $format->number($heat->floor->transmittance(), Quantity::Transmittance) }}, field {{ $format->format($field->transmittance(), Quantity::Transmittance) }}: why.</b>
        @foreach ($field->reasons($format->mark) as $reason){{ $reason }} @endforeach</li>
    @foreach ($heat->notes as $note)<li>{{ $note }}</li>@endforeach
    <li>The year sums {{ count($site->heatingMonths()) }} heating months, those below {{ $format->format($site->heatingLimit, Quantity::Temperature) }} outside. The design day is the yearly peak plus a five-day spell at {{ $format->format($site->climate->design, Quantity::Temperature) }}.</li>
    <li>Water that freezes or thaws in the ground is not in the field: its line of {{ $format->format(0.0, Quantity::Temperature) }} is no verdict on frost.</li>
    <li>Heat by ISO 13370, steady and periodic, layers by ISO 6946. The field by ISO 10211, {{ number_format($field->ground->solution->mesh->cells(), 0, '', ' ') }} cells; halving each of them {{ $field->ground->solution->isAccurate() ? 'changed' : 'still changed' }} no flow by more than {{ $format->mark->written((string) round(100 * $field->ground->solution->refinement->flows, 1)) }} %.</li>
</ul>
<p class="caution">{{ \Ondergrond\Caution::TEXT }}</p>
