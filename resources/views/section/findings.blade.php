@use('Ondergrond\Verdict\Severity')
@use('Ondergrond\Units\Quantity')
@php
    $open = array_filter($judgement->findings, fn ($j) => $j->isOpen());
    $asks = array_filter($open, fn ($j) => $j->finding->severity !== Severity::NotChecked);
    $aside = array_filter($judgement->findings, fn ($j) => ! $j->isOpen());
@endphp
@error('act')<p class="wrong">{{ $message }}</p>@enderror
@if ($asks === [])<p class="panel-empty">Nothing that the rules can see, apart from what is not checked. That is no approval.</p>@endif
<ol class="findings">
    @foreach ($asks as $judged)<x-finding :judged="$judged" :format="$format" :may="$may"
        :on-old="$option->design->standing->isFoundation()" />@endforeach
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
@if ($judgement->requirements !== [])
    <x-unit name="requirements" class="findings-more">
        <h3>Required insulation</h3>
        <table class="core-bearing"><thead><tr><th scope="col">R, {{ $format->unit(Quantity::Resistance) }}</th><th
            scope="col">needs</th><th scope="col">has</th><th scope="col">by</th></tr></thead><tbody>
            @foreach ($judgement->requirements as $asked)
                <tr><th scope="row"><x-word :verdict="$asked->word()" bare /> {{ $asked->where }}</th><td>{{
                    $format->number($asked->needed, Quantity::Resistance) }}</td><td>{{ $format->number($asked->found,
                    Quantity::Resistance) }}</td><td>{{ $asked->by === [] ? 'nothing' : collect($asked->by)->map(fn ($p) =>
                    lcfirst($p->label()))->implode(', ') }}</td></tr>
            @endforeach
        </tbody></table>
    </x-unit>
@endif
@php $passed = $judgement->passed(); @endphp
<x-unit tag="details" name="passed" class="findings-more" id="rules-passed">
    <summary>{{ count($passed) }} of {{ $judgement->rules }} rules find nothing</summary>
    <ul class="passed">@foreach ($passed as $rule)<li><a href="{{ route('rules') }}#{{ $rule->id() }}">{{ $rule->asks()
        }}</a></li>@endforeach</ul>
    <p class="hint">A rule that finds nothing may also have nothing to look at here.</p>
</x-unit>
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
