@use('Ondergrond\Units\Quantity')
@php [$low, $high] = $heat->band; $site = $heat->floor->site; $design = $option->design; @endphp
<h2 id="notes-title">Read this with the figures</h2>
<ul>
    <li><b>{{ $site->soil->label() }} may conduct from {{ $format->number($low->formula->groundConductivity, Quantity::Conductivity) }} to
        {{ $format->format($high->formula->groundConductivity, Quantity::Conductivity) }}.</b>
        Over that range: {{ $format->number($low->heating, Quantity::Energy) }} to {{ $format->format($high->heating, Quantity::Energy) }}
            in the heating months, {{ $format->number($low->design, Quantity::Power) }} to {{ $format->format($high->design,
            Quantity::Power) }} on the design day, U {{ $format->number($low->transmittance(), Quantity::Transmittance) }} to {{
            $format->number($high->transmittance(), Quantity::Transmittance) }}.</li>
    @if ($field !== null)
        @php $share = fn (float $coefficient): string => round(100 * $coefficient / $field->steadyCoefficient)."\u{a0}%"; @endphp
        <li id="why-field"><b>U by the standard {{ $format->number($heat->floor->transmittance(), Quantity::Transmittance) }}, as drawn {{
            $format->format($field->transmittance(), Quantity::Transmittance) }}: why.</b>
            @foreach ($field->reasons($format->mark) as $reason){{ $reason }} @endforeach</li>
        <li id="shares"><b>Where it goes, as drawn:</b>
            {{ collect($field->shares)->map(fn ($w, $where) => $where.' '.$share($w))->implode(', ') }}
            (along the wall: the first {{ $format->format(\Ondergrond\Ground\SectionProblem::STRIP, Quantity::Length) }} of floor).
            @if (count($field->sides) > 1) By side: {{ collect($field->sides)->map(fn ($ground, $name) =>
                lcfirst($ground->stretch->label).', '.$format->format($ground->stretch->length, Quantity::Length).', '
                .$share($field->bySide[$name]))->implode('; ') }}.@endif</li>
        @if (($space = $field->ground()->spaceSpan()) !== null)
            <li id="space-air"><b>The space below is at {{ $format->format($space[0], Quantity::Temperature) }} in its coldest month</b>
                and at {{ $format->format($space[1], Quantity::Temperature) }} in its warmest: as warm as what comes in
                through deck, ground and walls and goes out with its air.</li>
        @endif
    @endif
    @foreach ($heat->others as $other)
        <li><b>The other school: {{ $format->format($other->coefficient, Quantity::HeatLoss) }}, by ISO 13370 {{
            $format->number($heat->floor->steadyCoefficient, Quantity::HeatLoss) }}.</b>
            {{ $other->method }}. Tens of per cent between them are usual; neither is tuned to the other.</li>
    @endforeach
    @foreach ($heat->notes as $note)<li>{{ $note->in($format) }}</li>@endforeach
    <li>Heating months are {{ $format->mark->written(sprintf('%.1f', $site->heatingLength())) }}: those below {{
        $format->format($site->heatingLimit, Quantity::Temperature) }} outside, near it by their share. All year is the sum of all twelve.
        The design day is the yearly peak plus a five-day spell at {{ $format->format($site->climate->design(), Quantity::Temperature)
        }}{{ $site->climate->designGiven === null ? ', worked out from the months' : '' }}.</li>
    <li>Water that freezes or thaws in the ground is not in the temperatures shown: their line of {{ $format->format(0.0,
        Quantity::Temperature) }} is no
        verdict on frost, which has a winter of its own.</li>
    <li>Heat by ISO 13370, {{ $heat->floor->formula->label() }} ({{ $heat->floor->formula->clauses() }}), steady and periodic, layers by ISO
        6946. @if ($field !== null)@php $shown = $field->sides[$view->stretch]->solution;
        @endphp The section as drawn by ISO 10211, {{ $format->mark->grouped($shown->mesh->cells()) }} cells{{ $shown->isRough ?
        ', a coarse mesh: finer ones follow' : '' }}@if (is_finite($shown->refinement->flows)); halving each of them {{ $shown->isAccurate()
        ? 'changed' : 'still changed' }} no flow by more than {{ $format->mark->written((string) round(100 * $shown->refinement->flows, 1))
        }} %@endif.@endif</li>
</ul>
@if ($junctions !== null)
    <details class="levels" id="junctions" open>
        <summary>Junctions: ψ, in overall internal dimensions</summary>
        <div class="scroll" tabindex="0" role="region" aria-label="Junctions">
        <table>
            <thead><tr><th scope="col">Where floor and wall meet</th><th scope="col">length</th><th scope="col">ψ, {{
                $format->unit(Quantity::LinearTransmittance) }}</th><th scope="col">of its own</th><th scope="col">adds, {{
                $format->unit(Quantity::HeatLoss) }}</th><th scope="col">share</th></tr></thead>
            <tbody>
                @foreach ($junctions->all as $junction)
                    <tr><th scope="row">{{ $junction->label }} @if ($junction->note !== '')<span>{{ $junction->note
                        }}</span>@endif</th>
                        <td>{{ match (true) { $junction->length <= 0 => '–',
                        $junction->isPoint => $format->number($junction->length, Quantity::Ratio),
                        default => $format->format($junction->length, Quantity::Length) }
                        }}</td>
                        <td>{{ match (true) { $junction->psi === null => '–',
                        $junction->isPoint => $format->format($junction->psi, Quantity::PointTransmittance),
                        default => $format->number($junction->psi, Quantity::LinearTransmittance) }
                        }}@if ($junction->error !== null) <span class="quiet">± {{ $format->number($junction->error,
                        Quantity::LinearTransmittance) }}</span>@endif</td><td>{{ $junction->own === null || $junction->isPoint ? '–' :
                        $format->number($junction->own, Quantity::LinearTransmittance)
                        }}</td><td>{{ $junction->psi === null ? '–' : $format->number($junction->loss(), Quantity::HeatLoss) }}</td><td>{{
                        $junction->side === null ? '' : round(100 * $junctions->share($junction)).' %' }}</td></tr>
                @endforeach
                <tr><th scope="row">Floor by the standard</th><td></td><td></td><td></td><td>{{ $format->number($junctions->floor,
                    Quantity::HeatLoss) }}</td><td>{{ round(100 * $junctions->floor / ($junctions->floor + $junctions->sum)) }} %</td></tr>
                <tr><th scope="row">Together, as drawn</th><td></td><td></td><td></td><td>{{ $format->number($junctions->floor
                    + $junctions->sum, Quantity::HeatLoss) }}</td><td>100 %</td></tr>
            </tbody>
        </table>
        </div>
        <p>ψ takes the floor’s U from the standard’s formula (ISO 10211, option A), so that floor and junctions add up; ψ of its own takes
            it from a
            section of the formula’s even floor (option B), which leaves the junction alone. ± is what the last halving of the mesh changed,
            by
            which ψ may still be off.</p>
        @if ($junctions->formWebs !== null)
            <p>The form’s wall with its webs: R {{ $format->format($junctions->formWebs->byField, Quantity::Resistance) }} by a field of its
                level cut, {{ $format->format($junctions->formWebs->byArea, Quantity::Resistance) }} with the webs by their share of area,
                as it is reckoned with; {{ $format->format($junctions->formWebs->bare, Quantity::Resistance) }} without webs. No films.</p>
        @endif
    </details>
@endif
<details class="levels" open>
    <summary>Levels, {{ lcfirst($view->stretchOf($design)->label) }}</summary>
    <table>
        <thead><tr><th scope="col">From the top down</th><th scope="col">over the ground</th><th scope="col">over the finished
            floor</th></tr></thead>
        <tbody>
            @foreach ($page->levels() as $level)
                <tr><th scope="row">{{ $level->name }} @if ($level->note !== '')<span>{{ $level->note }}</span>@endif</th><td>{{
                    $format->signed($level->height, Quantity::Thickness) }}</td><td>{{ $format->signed($level->height -
                    $design->finishedFloor(), Quantity::Thickness) }}</td></tr>
            @endforeach
        </tbody>
    </table>
    <p>@if (($room = $page->headroom()) !== null)Headroom under the deck {{ $format->format($room,
        Quantity::Thickness) }}. @endif
        @if (($above = $page->footingAboveDig()) !== null)The footing’s top stands {{ $format->signed($above,
            Quantity::Thickness) }} over the dug floor; common practice wants 6 in (150 mm), so that the stone fits. @endif</p>
</details>
<p class="caution">{{ \Ondergrond\Caution::TEXT }}</p>
