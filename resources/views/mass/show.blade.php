@use('Ondergrond\Units\Quantity')
@use('App\View\MassPage')
@php
    $m = $mass->mass;
    $pages = array_filter(['own' => $mass, 'other' => $beside]);
    $pending = ! $mass->isWhole() || ($beside !== null && ! $beside->isWhole());
@endphp
<x-layout :title="'Mass of '.$project->name.', '.$option->name" :project="$project" :option="$option" class="page page-wide mass-page">
    <div class="page-head"><h1>What the floor stores <x-word :ruling="$mass->ruling" /></h1>
        <a href="{{ route('section.show', [$project, $option]) }}">Back to the section</a></div>
    <div x-data="poll" data-url="{{ request()->fullUrl() }}">
    <div data-live id="mass-live">
    @if ($pending)<p data-pending role="status" class="mass-waits">The hours are being simulated; they come in by themselves.</p>@endif
    <p class="lead">{{ $mass->found() }}</p>
    @if ($project->options->count() > 1)
        <form class="mass-beside" method="get" action="{{ route('mass.show', [$project, $option]) }}">
            <label for="beside">Beside</label>
            <select name="beside" id="beside">
                <option value="">no other floor</option>
                @foreach ($project->options->where('id', '!=', $option->id) as $o)<option value="{{ $o->id }}"
                    @selected($other?->id === $o->id)>{{ $o->name }}</option>@endforeach
            </select>
            <button>Show</button>
        </form>
    @endif
    @if (! $pending)
        <section aria-labelledby="story-title" x-data="mass" data-first="heating-stops">
            <h2 id="story-title">What happens</h2>
            <div class="mass-story">
                <ol class="mass-questions">
                    @foreach ($mass->questions() as $slug => $title)
                        <li @if ($loop->first) class="is-shown" @endif data-question="{{ $slug }}" data-own="{{ route('mass.hours',
                            [$project, $option, $slug]) }}" @if ($other && isset($beside->questions()[$slug])) data-other="{{
                            route('mass.hours', [$project, $other, $slug]) }}" data-name="{{ $other->name }}" @endif>
                            <button type="button" @click="pick" aria-pressed="{{ $loop->first ? 'true' : 'false' }}">{{ $title }}</button>
                            @foreach ($pages as $which => $page)
                                <p @class(['mass-other' => $which === 'other'])>@if ($beside)<b>{{ $which === 'own' ? $option->name :
                                    $other->name }}:</b> @endif{{ $page->said($slug) }}</p>
                            @endforeach
                            <a href="{{ route('mass.csv', [$project, $option, $slug]) }}" download>its hours, CSV</a>
                        </li>
                    @endforeach
                </ol>
                <div class="mass-face needs-script-block">
                    <p class="mass-shown" x-ref="title"></p>
                    <div class="mass-plots">
                        <figure><figcaption>Temperatures, {{ $format->unit(Quantity::Temperature) }}</figcaption><div x-ref="warm"
                            class="mass-plot"></div></figure>
                        <figure><figcaption>What flows in, kW</figcaption><div x-ref="flow" class="mass-plot"></div></figure>
                        <figure><figcaption>What the floor holds over the temperature rooms are kept at, {{
                            $format->unit(Quantity::Stored) }}</figcaption><div x-ref="store"
                            class="mass-plot"></div></figure>
                    </div>
                    <div class="mass-strip" x-ref="strip"></div>
                    <div class="mass-film">
                        <button type="button" @click="play" x-ref="play">Let it run</button>
                        <label for="mass-hour" class="unseen">Hour</label>
                        <input type="range" id="mass-hour" min="0" max="1" value="0" step="1" x-ref="hour" @input="slide">
                        <output x-ref="when" for="mass-hour"></output>
                    </div>
                    <p role="status" class="mass-waits" x-ref="state"></p>
                </div>
            </div>
        </section>
        <section aria-labelledby="variants-title">
            <h2 id="variants-title">Had it been built otherwise</h2>
            <p class="hint">The same rooms over the same ground. Heating stops on the coldest day; from cold, the same heating warms them
                up.</p>
            <div class="mass-otherwise">
            @include('mass.cooling', ['variants' => $m->told->variants])
            <details class="damp-stack"><summary>Other floors, in figures</summary>
            <div class="scroll" tabindex="0" role="region" aria-label="Other floors">
            <table class="figures">
                <thead><tr><th scope="col">floor</th><th scope="col">a day’s κ, {{ $format->unit(Quantity::Capacity) }}</th><th
                    scope="col">{{ $mass->warm(16) }} after</th><th scope="col">{{ $mass->warm(10) }} after</th><th scope="col">{{
                    $mass->warm(5) }} after</th><th scope="col">warm after</th>@if ($m->heated)<th scope="col">takes of
                    surplus</th>@endif</tr></thead>
                <tbody>
                    @foreach ($m->told->variants as $v)
                        <tr @if ($loop->first) class="is-own" @endif><th scope="row">{{ $v->label }}</th><td>{{ $mass->kappa($v->inner)
                            }}</td>@foreach ([16, 10, 5] as $t)<td>{{ MassPage::time($v->coast['hours_to_'.$t]) }}</td>@endforeach<td>{{
                            MassPage::time($v->warm) }}</td>@if ($m->heated)<td>{{ $mass->kwh($v->takes)
                            }}</td>@endif</tr>
                    @endforeach
                </tbody>
            </table>
            </div>
            </details>
            </div>
        </section>
    @endif
    @foreach ($pages as $which => $page)
        @if ($page->mass->heated)
            @include('mass.heated', ['page' => $page, 'h' => $page->mass->heated, 'proof' => $page->mass->proof, 'name' =>
                $beside ? ($which === 'own' ? $option->name : $other->name) : null, 'which' => $which])
        @endif
    @endforeach
    <section aria-labelledby="layers-title">
        <h2 id="layers-title">What its layers take in</h2>
        <p class="hint">For a swing of a day, three days, a week, a month, from air to air after ISO 13786, ground included. κ is what its
            area takes in and gives back for each degree of swing; in brackets from surface to surface, as a room’s own sum takes it. The
            longer the swing, the deeper it reaches.</p>
        <details class="damp-stack"><summary>Layers, in figures</summary>
            <div class="scroll" tabindex="0" role="region" aria-label="Layers">
        <table class="figures mass-dynamic">
            <thead><tr><th scope="col">stack</th><th scope="col">swing of</th><th scope="col">admittance, {{
                $format->unit(Quantity::Transmittance) }}</th><th scope="col">κ inside, {{ $format->unit(Quantity::Capacity) }}</th><th
                scope="col">of a swing beyond, comes through</th><th scope="col">later by</th><th scope="col">holds in the warm, {{
                $format->unit(Quantity::Capacity) }}</th></tr></thead>
            <tbody>
                @foreach ($m->stored->stacks as $stack)
                    @foreach ($mass->swings() as $hours)
                        @php $d = $mass->dynamic($stack, $hours); @endphp
                        <tr @if ($loop->first) class="mass-first" @endif><th scope="row">{{ $loop->first ? $stack->place->label() : ''
                            }}</th><td>{{ $d['swing'] }}</td><td>{{ $d['admittance'] }}</td><td>{{ $d['kappa'] }} ({{ $d['surface']
                            }})</td><td>{{ $d['through'] }}</td><td>{{ $d['lag'] }}</td><td>{{ $loop->first ?
                            $mass->kappa($stack->store()) : '' }}</td></tr>
                    @endforeach
                @endforeach
            </tbody>
        </table>
        </div>
            </details>
        <p>The floor takes and gives back @foreach ($mass->swings() as $hours){{
            $mass->perDegree($m->stored->usable($hours)) }} over {{ $hours === 24 ? 'a day' : MassPage::time($hours) }}{{
            $loop->last ? '' : ', ' }}@endforeach, where the room swings by a {{ $mass->degree() }} up and down. In the warm, floor and
                walls hold {{
            $mass->perDegree($m->stored->store()) }} for each {{ $mass->degree() }}.</p>
    </section>
    @if ($m->isWhole())
        @php $room = $mass->room(); @endphp
        <section aria-labelledby="room-title">
            <h2 id="room-title">The rooms, as they are taken</h2>
            <table class="figures"><tbody>
                <tr><th scope="row">kept at; floor</th><td>{{ $mass->warm($room->set()) }}; {{ $format->format($room->area,
                    Quantity::Area) }}</td></tr>
                <tr><th scope="row">the design day takes; heating gives at most</th><td>{{ $format->format($room->designLoad(),
                    Quantity::Power) }}; {{ $format->format($room->heater(), Quantity::Power) }}</td></tr>
                <tr><th scope="row">lost by air and glass</th><td>{{ $format->format($room->direct, Quantity::HeatLoss)
                    }}</td></tr>
                <tr><th scope="row">beyond the ground, coldest and warmest month</th><td>{{ $mass->warm(min($room->virtual)) }}, {{
                    $mass->warm(max($room->virtual)) }}</td></tr>
            </tbody></table>
            <p class="hint">Height, glass, air, sun and panels are the site’s:
                <a href="{{ route('site.edit', $project) }}">change them there</a>. One node for all rooms; days clear or covered as the
                months have sunshine; cellar and void below a deck by their resistance. Junctions are not in it. Local code and a licensed
                designer decide.</p>
        </section>
    @endif
    </div>
    </div>
</x-layout>
