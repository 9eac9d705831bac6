@use('Ondergrond\Rules\Severity')
@php
    $open = array_filter($judgement->findings, fn ($j) => $j->isOpen());
    $asks = array_filter($open, fn ($j) => $j->finding->severity !== Severity::NotChecked);
    $unknown = array_filter($open, fn ($j) => $j->finding->severity === Severity::NotChecked);
    $aside = array_filter($judgement->findings, fn ($j) => ! $j->isOpen());
@endphp
<x-unit name="findings-head" class="findings-head">
    <h2 id="findings-title">What {{ $judgement->rules }} rules find</h2>
    <x-tally :judgement="$judgement" />
    @auth<span class="findings-ways"><a href="{{ route('studies.show', [$project, $option]) }}">Where it pays</a> ·
        <a href="{{ route('rules') }}">The rulebook</a></span>@endauth
</x-unit>
@error('act')<p class="wrong">{{ $message }}</p>@enderror
@if ($asks === [])<p>Nothing that the rules can see, apart from what is not checked. That is no approval.</p>@endif
<ol class="findings">
    @foreach ($asks as $judged)<x-finding :judged="$judged" :format="$format" :may="$may" />@endforeach
</ol>
@if ($unknown !== [])
    <details class="findings-more" id="findings-unknown" @if (collect($unknown)->contains(fn ($j) =>
        $errors->has('reason.'.$j->finding->rule->id()))) open @endif>
        <summary>Not checked, because something is not said: {{ count($unknown) }}</summary>
        <ol class="findings">@foreach ($unknown as $judged)<x-finding :judged="$judged" :format="$format" :may="$may" />@endforeach</ol>
    </details>
@endif
@if ($aside !== [] || $judgement->idle !== [])
    <h3>Set aside</h3>
    <ol class="findings findings-aside">
        @foreach ($aside as $judged)<x-finding :judged="$judged" :format="$format" :may="$may" />@endforeach
        @foreach ($judgement->idle as $idle)
            <li class="finding"><p><b>{{ $page->asks($idle) }}</b> Set aside by <bdi>{{ $idle->by }}</bdi>
                on {{ $idle->on }}: “<bdi>{{ $idle->reason }}</bdi>”. Nothing is found
                now.</p>
                @if ($may)<p class="finding-acts"><button name="act" value="take-back:{{ $idle->rule }}">Ask it again<span class="unseen">:
                    {{ $idle->rule }}</span></button></p>@endif</li>
        @endforeach
    </ol>
@endif
@php $hazards = $page->hazards(); @endphp
<x-unit tag="details" name="hazards" class="findings-more hazards">
    <summary>Mind when building this: {{ count($hazards) }} cautions</summary>
    <ul>
        @foreach ($hazards as $hazard)
            @php $where = array_filter($hazard->parts(), fn ($p) => $p->of($option->design)->present()); @endphp
            <li @if ($where !== []) data-part="{{ array_values($where)[0]->value }}" @endif>{{ $hazard->line() }}
                @if ($where !== [])<span class="hint">{{ collect($where)->map(fn ($p) =>
                lcfirst($p->label()))->implode(', ') }}</span>@endif</li>
        @endforeach
    </ul>
    <p class="caution">{{ \Ondergrond\Caution::TEXT }}</p>
</x-unit>
