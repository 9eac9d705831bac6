@use('Ondergrond\Units\Quantity')
@use('App\Models\OrderState')
@php $states = $page->order?->states() ?? []; @endphp
<x-layout :title="'Order of '.$page->project->name" :project="$page->project" :option="$page->job->option" class="page order">
    <div class="page-head"><h1>Order</h1> <a href="{{ route('order.csv', $page->project) }}">As CSV</a></div>
    <x-wrong what="Not done" all />
    @unless ($page->project->plan())<p class="note">No outline is drawn: corners are counted as if all were square, and nothing that stands
        on
        a plan is in here. <a href="{{ route('plan.show', $page->project) }}">Plan</a></p>@endunless
    @if ($page->order)
        <p>Asked for by <bdi>{{ $page->order->by }}</bdi>, <x-time :at="$page->order->created_at" :zone="$page->project->site->timeZone" />.
            What
            has changed since is seen by its quantity.</p>
    @elseif ($page->may)
        <form method="post" action="{{ route('order.store', $page->project) }}" class="sheet-acts">@csrf<button class="go">Ask for all of
            it</button> <span class="hint">of the released option; quantities and prices are written down as they are now</span></form>
    @endif
    <div class="scroll" tabindex="0" role="region" aria-label="Table"><table class="sheet-table order-lines">
        <thead><tr><th scope="col">For</th><th scope="col">Product</th><th scope="col" class="figure lesser">Net</th><th scope="col"
            class="figure lesser">Waste</th><th scope="col" class="figure">To order</th>@if ($page->may)<th scope="col"
                class="figure">Costs</th>@endif
            @if ($page->order)<th scope="col">State</th>@endif</tr></thead>
        <tbody>
        @foreach ($page->list->lines as $line)
            @php
                $asked = collect($page->order->lines ?? [])->firstWhere('id', $line->id);
                $state = $states[$line->id] ?? null;
            @endphp
            <tr>
                <td>{{ $page->for($line) }}</td>
                <td><b>{{ $line->product }}</b>@if ($line->note !== '')<br><span class="quiet">{{ $line->note }}</span>@endif</td>
                <td class="figure lesser">{{ $page->much($line, $line->net) }}</td>
                <td class="figure lesser">{{ $page->format->format($line->waste, Quantity::Share) }}</td>
                <td class="figure"><b class="nowrap">{{ $page->much($line, $line->quantity()) }}</b>@if ($line->pack)<br><span
                    class="quiet">{{ $line->packs() }} × {{ $line->pack->name }}, {{ $page->much($line, $line->over())
                    }} over</span>@endif
                    @if ($asked && abs($asked['quantity'] - $line->quantity()) >
                        0.005)<br><span class="care">asked: {{ $page->much($line, $asked['quantity']) }}</span>@endif</td>
                @if ($page->may)<td class="figure">{{ $page->money($page->list->cost($line)) }}</td>@endif
                @if ($page->order)
                    <td class="order-state">
                        @if ($state)<b class="state-{{ $state->state->value }}">{{ $state->state->value }}</b>@if ($state->quantity !==
                            null) {{ $page->much($line, $state->quantity) }}@endif @if ($state->note !== '')<span
                                dir="auto">{{
                            $state->note }}</span>@endif <span class="quiet">{{ $state->who }}</span>@endif
                        @if ($asked && $page->delivers)
                            <details @if ($errors->has('quantity.'.$line->id)) open @endif><summary>Change</summary>
                                <form method="post" action="{{ route('order.event', [$page->project, $page->order]) }}" class="sheet-acts">
                                    @csrf
                                    <input type="hidden" name="line" value="{{ $line->id }}">
                                    <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{
                                        \App\Forms\Reader::name($page->format)
                                        }}">
                                    <label>How much <input name="quantity" inputmode="decimal" autocomplete="off" size="6"></label>
                                    <label>Note <input name="note" autocomplete="off" maxlength="500" size="14"></label>
                                    @foreach ($errors->get('quantity.'.$line->id) as $message)<p class="wrong">{{ $message }}</p>@endforeach
                                    @foreach (OrderState::cases() as $to)
                                        @if ($to !== OrderState::Asked && ($to->isDelivery() || $page->may))<button name="state" value="{{
                                            $to->value }}">{{ $to->value }}</button> @endif
                                    @endforeach
                                </form>
                            </details>
                        @endif
                    </td>
                @endif
            </tr>
        @endforeach
        </tbody>
        @if ($page->may)<tfoot><tr><th scope="row" colspan="2">Together, of what is priced</th><td
            class="lesser"></td><td class="lesser"></td><td></td><td class="figure"><b>{{
            $page->money($page->list->total()) }}</b></td>@if ($page->order)<td></td>@endif</tr></tfoot>@endif
    </table></div>
    @if ($page->may && $page->list->unpriced() !== [])
        <p class="note">Not priced: {{ implode(', ', array_map(fn ($l) => $l->product, $page->list->unpriced())) }}. <a href="{{
            route('prices.edit') }}">Prices</a></p>
    @endif
    @if ($page->list->trucks !== [])
        <h2>Concrete by truck</h2>
        <ul>@foreach ($page->list->trucks as $truck)<li><b>{{ ucfirst($truck->pour) }}</b>: {{ $page->volume($truck->volume) }} with
            waste,
            {{ $truck->full() }} × {{ $page->volume($truck->load) }} and {{ $page->volume($truck->rest()) }}.
                @if ($truck->caution() !==
            '')<span class="care">{{ $truck->caution() }}</span>@endif</li>@endforeach</ul>
    @endif
    @if ($page->list->uncounted !== [])
        <h2>Not counted</h2>
        <ul>@foreach ($page->list->uncounted as $line)<li>{{ $line }}</li>@endforeach</ul>
    @endif
    @if ($page->may)
        <h2 id="swap-title">Another product</h2>
        <p class="hint">Before something else is taken, the whole design is judged with it.</p>
        <form method="get" action="{{ route('order.show', $page->project) }}#swap-title" class="sheet-acts swap">
            <div class="field"><label for="swap-part">In place of</label><select id="swap-part" name="part">
                @foreach ($page->swaps() as $part => $choices)<option value="{{ $part }}"
                    @selected($page->swap?->part->value === $part)>{{ $page->part($part) }}</option>@endforeach</select></div>
            <div class="field"><label for="swap-material">Take</label><select id="swap-material"
                name="material">@foreach ($page->products() as $slug => $name)<option value="{{ $slug }}"
                @selected($page->swap?->material->slug === $slug)>{{ $name }}</option>@endforeach</select></div>
            <button>Judge it</button>
        </form>
        @if ($page->swap)
            <div class="answer" role="status">
                <p><b>{{ $page->swap->material->name }}</b> as {{ lcfirst($page->swap->part->label()) }}:
                    @if ($page->swap->refused !== '') not possible: {{ $page->swap->refused }}.
                        @else {{ $page->swap->annual >= 0 ? '+' : '' }}{{
                    $page->format->format($page->swap->annual, Quantity::Energy) }} a year (on rough meshes). @endif</p>
                @foreach ($page->swap->verdicts as $v)<p>{{ ucfirst($v['concern']->value) }}: {{ $v['before'] }} →
                    <b>{{ $v['after'] }}</b></p>
                @endforeach
                @if ($page->swap->brought !== [])<p>It brings:</p><ul>@foreach ($page->swap->brought as $j)<li><b>{{
                    $j->finding->severity->value }}</b> {{ $j->finding->said->in($page->format) }}</li>@endforeach</ul>@endif
                @if ($page->swap->taken !== [])<p>It takes away:</p><ul>@foreach ($page->swap->taken as $j)<li>{{
                    $j->finding->said->in($page->format) }}</li>@endforeach</ul>@endif
                @if ($page->swap->refused === '' && $page->held)<p class="hint">The option is released: begin a change with its reason, then
                    take it. <a href="{{ route('release.show', $page->project) }}">Release</a></p>
                @elseif ($page->swap->refused === '')<form method="post" action="{{ route('order.swap', $page->project) }}"
                    class="sheet-acts">@csrf @method('put')
                    <input type="hidden" name="part" value="{{ $page->swap->part->value }}">
                    <input type="hidden" name="material" value="{{ $page->swap->material->slug }}">
                    <input type="hidden" name="revision" value="{{ $page->revision }}"><button class="go">Take it</button></form>@endif
                @error('swap')<p class="wrong" role="alert">{{ $message }}</p>@enderror
            </div>
        @endif
    @endif
</x-layout>
