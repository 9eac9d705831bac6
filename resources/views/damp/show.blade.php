@use('Ondergrond\Units\Quantity')
@use('Ondergrond\Site\Calendar')
@php
    $verdict = $damp->verdict;
    [$water, $duty, $drying, $finish] = [$verdict->water, $verdict->duty, $verdict->drying, $verdict->design->finish];
    $grams = fn (float $kg): string => $kg < 0.0005 ? '–' : $format->number($kg, Quantity::Water);
@endphp
<x-layout :title="'Damp of '.$project->name.', '.$option->name" :project="$project" :option="$option" class="page page-wide">
    @php $whole = request()->fullUrlWithQuery(['field' => 'now']); @endphp
    <div x-data="poll" data-url="{{ $whole }}" data-soon><div data-live id="damp-live">
    <div class="page-head"><h1>Damp <x-word :ruling="$damp->ruling" /></h1> <a href="{{ route('section.show', [$project, $option]) }}">Back
        to the section</a></div>
    <p class="lead">{{ $damp->found() }}</p>
    <ul class="damp-list">
        @foreach ($verdict->words() as $what => $word)
            <li><x-word :verdict="$word" /> <b>{{ \App\View\DampPage::title($what) }}</b> {{ $damp->said($what) }}</li>
        @endforeach
    </ul>
    @if ($damp->seen !== [])<p><b>Seen on the spot:</b></p><ul class="damp-list">@foreach ($damp->seen as $one)<li dir="auto">{{
        $damp->sees($one) }}</li>@endforeach</ul>@endif
    @foreach ($remedies as $remedy)<p class="lead"><b>What mends it:</b> {{ $remedy }}
        <a href="{{ route('section.show', [$project, $option]) }}#bench-findings">One press on the section</a></p>@endforeach
    @if ($verdict->stacks === null)
        <p class="hint" data-pending role="status">The section as drawn is being worked out; layers and faces come in by themselves.</p>
        <noscript><p><a href="{{ $whole }}">Layers and faces</a></p></noscript>
    @endif
    @if ($verdict->stacks !== null)
        <div class="year-all">
            @if (($face = $verdict->dampest()) !== null)<x-year-bars title="Air at the dampest face" :months="Calendar::MONTHS"
                :values="$face->humidity" :limit="\Ondergrond\Damp\Surface::LIMIT" :said="$damp->said('surfaces')" />@endif
            @if (($wettest = $verdict->wettest()) !== null)<x-year-bars title="Water that lies in the layers" :months="Calendar::MONTHS"
                :values="$damp->held($wettest)" :least="\Ondergrond\Damp\DampStack::TRACE * 10" :said="$damp->said('stacks')" />@endif
        </div>
    @endif
    <section aria-labelledby="stacks-title">
        <h2 id="stacks-title">Vapour in the layers</h2>
        <p class="hint">Month by month after Glaser. Towards the ground each stack is as warm as the section as drawn finds it at that
            depth, and the
            ground’s air is saturated. What stays is judged by what it comes to in ten years. Water that is not vapour and air that leaks
            are not in it.</p>
        @foreach ($verdict->stacks ?? [] as $stack)
            <details class="damp-stack">
                <summary><x-word :verdict="$stack->word()" /> {{ $stack->label }}
                    <span class="quiet">to {{ $stack->beyond }}@if ($stack->where()), most {{ $stack->where() }}@endif</span></summary>
                <div class="scroll" tabindex="0" role="region" aria-label="{{ $stack->label }}, months">
                <table class="figures">
                    <thead><tr><th scope="col">{{ $format->unit(Quantity::Water) }}</th>@foreach (Calendar::MONTHS as $month)<th
                        scope="col">{{ $month }}</th>@endforeach<th scope="col">stays</th></tr></thead>
                    <tbody>
                        @forelse ($stack->year->condensed as $cut => $months)
                            <tr><th scope="row">{{ $stack->stack->place($cut) }}, comes or goes</th>@foreach ($months as $kg)<td>{{ abs($kg)
                                < 0.0005 ? '–' : ($kg < 0 ? '−' : '+').$format->number(abs($kg), Quantity::Water)
                                }}</td>@endforeach<td></td></tr>
                            <tr><th scope="row">lies there at its end</th>@foreach ($stack->year->held[$cut] as $kg)<td>{{ $grams($kg)
                                }}</td>@endforeach<td>{{ $grams($stack->year->held[$cut][($stack->year->start + 10) % 12]) }}</td></tr>
                        @empty
                            <tr><th scope="row">nothing condenses</th>
                                @foreach (Calendar::MONTHS as $month)<td>–</td>@endforeach<td>–</td></tr>
                        @endforelse
                        <tr><th scope="row">outer side, {{ $format->unit(Quantity::Temperature) }}</th>
                            @foreach ($stack->stack->months as $m)
                                <td>{{ $format->number($m->outside, Quantity::Temperature) }}</td>
                            @endforeach<td></td></tr>
                    </tbody>
                </table>
                </div>
                <table class="figures damp-layers"><caption>From the room outward</caption>
                    <thead><tr><th scope="col">layer</th><th scope="col">thick</th><th scope="col">R, {{ $format->unit(Quantity::Resistance)
                        }}</th><th scope="col">{{ $damp->passesIn() }}</th></tr></thead>
                    <tbody>@foreach ($stack->stack->layers as $layer)<tr><th scope="row">{{ $layer->name }}</th><td>{{ $layer->thickness >
                        0 ? $format->format($layer->thickness, $layer->thickness < 0.003 ? Quantity::SheetThickness : Quantity::Thickness) :
                        '–' }}</td><td>{{ $format->number($layer->resistance, Quantity::Resistance) }}</td><td>{{ $damp->passes($layer)
                        }}</td></tr>@endforeach</tbody>
                </table>
                @php $variants = $damp->variants($stack); @endphp
                @if ($variants !== [])
                    <table class="figures damp-variants"><caption>With its barriers elsewhere, by vapour alone, {{
                        $format->unit(Quantity::Water) }}</caption>
                        <thead><tr><th scope="col">instead</th><th scope="col">at most</th><th scope="col">stays</th><th
                            scope="col"></th></tr></thead>
                        <tbody>
                            <tr><th scope="row">as drawn</th><td>{{ $grams($stack->year->peak) }}</td><td>{{ $grams($stack->year->left)
                                }}</td><td><x-word :verdict="$stack->word()" /></td></tr>
                            @foreach ($variants as $variant)<tr><th scope="row">{{ $variant->label }}</th><td>{{
                                $grams($variant->stack->year->peak) }}</td><td>{{ $grams($variant->stack->year->left) }}</td><td><x-word
                                :verdict="$variant->stack->word()" /></td></tr>@endforeach
                        </tbody>
                    </table>
                @endif
            </details>
        @endforeach
        @foreach ($verdict->traps as $trap)
            <p class="damp-trap"><x-word :verdict="$trap->word()" /> {{ ucfirst($trap->what) }}: {{ $format->format($trap->water,
                Quantity::Water) }}, {{ $damp->years($trap) }} to dry.</p>
        @endforeach
    </section>
    <section aria-labelledby="faces-title">
        <h2 id="faces-title">Faces of the rooms</h2>
        <p class="hint">The coldest place of each face, with the air that furniture leaves before it. Mould grows where the air at a face
            stays above {{ $damp->share(\Ondergrond\Damp\Surface::LIMIT) }} for weeks. The rooms need f {{ $damp->factor($verdict->needed)
            }}@if ($verdict->neededMonth), most in {{ Calendar::MONTHS[$verdict->neededMonth - 1] }}@endif.
            @if ($verdict->surfaces !== null) Mould may grow in {{ $verdict->hoursAtRisk() }} hours of the year, in
            {{ $verdict->hoursAtRiskSetBack() }} where rooms are let cool by
            {{ $format->format($verdict->site->damp->setBack, Quantity::TemperatureDifference) }} at night.@endif</p>
        <details class="damp-stack"><summary>Each face, by month</summary>
        <div class="scroll" tabindex="0" role="region" aria-label="Faces">
        <table class="figures">
            <thead><tr><th scope="col">f that the rooms need</th>@foreach (Calendar::MONTHS as $month)<th scope="col">{{ $month
                }}</th>@endforeach</tr></thead>
            <tbody><tr><th scope="row">humidity as {{ mb_strtolower($verdict->site->damp->indoorRh === null ?
                'class '.$verdict->site->damp->humidity->label() : 'a machine keeps it')
                }}</th>@foreach ($damp->needed() as $f)<td>{{ $f }}</td>@endforeach</tr></tbody>
        </table>
        <table class="figures">
            <thead><tr><th scope="col">face</th><th scope="col">side</th><th scope="col">f</th><th scope="col">dampest</th><th
                scope="col">may grow mould</th><th scope="col">let cool at night</th><th scope="col">sweats in muggy
                spells</th></tr></thead>
            <tbody>
                @foreach ($verdict->surfaces ?? [] as $surface)
                    <tr><th scope="row">{{ $surface->name }}</th><td>{{ $damp->side($surface) }}</td><td>{{ $damp->factor($surface->factor)
                        }}</td><td>{{ $damp->share($surface->humidity[$surface->worstMonth() - 1]) }} in {{
                        Calendar::MONTHS[$surface->worstMonth() - 1] }}, {{ $format->format($surface->temperatures[$surface->worstMonth() -
                        1], Quantity::Temperature) }}</td><td>{{ \App\View\DampPage::months($surface->atRisk()) }}</td><td>{{
                        \App\View\DampPage::months($surface->atRiskSetBack()) }}</td><td>{{ \App\View\DampPage::months($surface->sweats())
                        }}</td></tr>
                @endforeach
            </tbody>
        </table>
        </div></details>
    </section>
    </div></div>
    <section aria-labelledby="water-title">
        <h2 id="water-title">Water from outside <x-word :verdict="$water->word()" /></h2>
        <p>{{ $damp->said('water') }}</p>
        <table class="figures">
            <tbody>
                <tr><th scope="row">highest water, from the ground outside</th><td>{{ $water->table === null ? 'not said' :
                    (is_finite($water->table) ? $format->format(-$water->table, Quantity::Depth).' down' : 'drains freely, never stands')
                    }}</td></tr>
                @if ($water->floorHead !== null)
                    <tr><th scope="row">head under the floor; what lifts; what the floor weighs</th><td>{{
                        $format->format($water->floorHead, Quantity::Depth) }}; {{ $format->format($water->uplift(), Quantity::Stress) }};
                        {{ $format->format($water->weight, Quantity::Stress) }}</td></tr>
                    <tr><th scope="row">head at the wall’s foot; pressure there; on all of the wall</th><td>{{
                        $format->format($water->wallHead, Quantity::Depth) }}; {{ $format->format($water->wallPressure(), Quantity::Stress)
                        }}; {{ $format->format($water->wallForce(), Quantity::LineLoad) }}</td></tr>
                @endif
                @if ($water->boards > 0)<tr><th scope="row">lift of the boards before the pour, if water reaches over them</th><td>{{
                    $format->format($water->boards, Quantity::Stress) }}</td></tr>@endif
                @if ($duty !== null)
                    <tr><th scope="row">drains bring in the worst hour: ground, rain</th><td>{{ $duty->ground === null ? 'not known' :
                        $format->format($duty->ground, Quantity::Flow) }}, {{ $format->format($duty->rain, Quantity::Flow) }}</td></tr>
                    <tr><td colspan="2" class="hint">{{ \Ondergrond\Damp\DrainDuty::BASE }}</td></tr>
                    <tr><th scope="row">where they end in a sump, a pump of; at a head of; taking</th><td>{{ $format->format($duty->pump(),
                        Quantity::Flow) }}; {{ $format->format($duty->head(), Quantity::Length) }}; {{ $format->format($duty->power(),
                        Quantity::PumpPower) }}</td></tr>
                    <tr><th scope="row">water between its start and stop</th><td>{{ $format->format($duty->sump(), Quantity::Volume)
                        }}</td></tr>
                @endif
            </tbody>
        </table>
        <p class="hint">Flow of ground water is never known better than to a factor of three: dig a trial pit. A structural engineer looks
            at floor and wall where water presses.</p>
    </section>
    <section aria-labelledby="drying-title">
        <h2 id="drying-title">Slab and finish <x-word :verdict="$verdict->dryingWord()" /></h2>
        <p>{{ $damp->said('drying') }}</p>
        @if ($drying !== null)
            <table class="figures">
                <thead><tr><th scope="col">to lay</th><th scope="col">slab at most</th><th scope="col">after curing, about</th></tr></thead>
                <tbody>
                    @foreach (\Ondergrond\Design\FloorFinish::cases() as $kind)
                        @if ($kind->limit() !== null)
                            @php $days = $drying->daysTo($kind->limit()); @endphp
                            <tr @if ($kind === $finish->kind) class="is-own" @endif><th scope="row">{{ $kind->label()
                                }}@if ($kind->isTight()) <span class="quiet">tight</span>@endif</th><td>{{ $damp->share($kind->limit())
                                }}</td><td>{{ $days === null ? 'never in this air' : $format->format(7 * ceil($days / 7), Quantity::Days)
                                }}</td></tr>
                        @endif
                    @endforeach
                </tbody>
            </table>
            <p class="hint">{{ $format->format($drying->thickness, Quantity::Thickness) }} drying to {{ $drying->both ? 'both sides' :
                'one side' }} in air of {{ $damp->share($drying->air) }}, at a month for an inch. Measure in the slab before anything is
                laid; the product’s own limit decides.</p>
        @endif
    </section>
    <section aria-labelledby="pour-title">
        <h2 id="pour-title">On the day of the pour</h2>
        <form class="sheet pour" method="get" action="{{ route('damp.show', [$project, $option]) }}#pour-title" novalidate>
            <x-input name="pour.concrete_c" label="Concrete" :value="$pour['concrete_c']" />
            <x-input name="pour.air_c" label="Air" :value="$pour['air_c']" />
            <x-input name="pour.humidity_share" label="Humidity" :value="$pour['humidity_share']" />
            <x-input name="pour.wind_m_s" label="Wind over the slab" :value="$pour['wind_m_s']" />
            <button class="go">Work it out</button>
        </form>
        @if ($evaporation !== null)
            <p class="pour-says"><x-word :verdict="$evaporation->word()" /> <b>{{ $format->format($evaporation->rate, Quantity::Evaporation)
                }}</b> leaves the face; from {{ $format->format(\Ondergrond\Damp\Evaporation::CAUTION, Quantity::Evaporation) }} on take
                care, at {{ $format->format(\Ondergrond\Damp\Evaporation::STOP, Quantity::Evaporation) }} stop. {{ $evaporation->advice()
                }}</p>
        @endif
    </section>
</x-layout>
