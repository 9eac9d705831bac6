@use('Ondergrond\Rules\Severity')
@php
    $open = array_filter($judgement->findings, fn ($j) => $j->isOpen());
    $asks = array_filter($open, fn ($j) => $j->finding->severity !== Severity::NotChecked);
    $aside = array_filter($judgement->findings, fn ($j) => ! $j->isOpen());
@endphp
@error('act')<p class="wrong">{{ $message }}</p>@enderror
@if ($asks === [])<p class="panel-empty">Nothing that the rules can see, apart from what is not checked. That is no approval.</p>@endif
<ol class="findings">
    @foreach ($asks as $judged)<x-finding :judged="$judged" :format="$format" :may="$may" />@endforeach
</ol>
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
<p class="findings-ways"><a href="{{ route('rules') }}">{{ $judgement->rules }} rules were asked: the rulebook</a></p>
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
