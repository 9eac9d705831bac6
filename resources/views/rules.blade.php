@use('Ondergrond\Verdict\Severity')
<x-layout title="Rulebook" class="page">
    <h1>Rulebook</h1>
    <p class="lead">{{ collect($groups)->flatten(1)->count() }} rules that every design is asked. Each says what it looks at, why, and
        where
        it
        comes from; most are common practice without a published source, and all clauses are given from memory. Local code and a licensed
        engineer or designer decide.</p>
    <p class="lead">
        @foreach (Severity::cases() as $severity)<x-weight :severity="$severity" />
            {{ $severity->meaning() }}@if (! $loop->last); @else.@endif @endforeach
    </p>
    <x-finder of="rules" label="Find a rule by a word" :weights="Severity::cases()" />
    <div class="scroll" tabindex="0" role="region" aria-label="Rules">
        <table class="data data-rules" id="rules">
            <thead><tr><th scope="col">Rule</th><th scope="col">Finds</th><th scope="col">Why</th><th scope="col">Looks at</th><th
                scope="col">Source</th></tr></thead>
            @foreach ($groups as $title => $rules)
                <tbody>
                    <tr class="compare-group"><th scope="rowgroup" colspan="5">{{ $title }}</th></tr>
                    @foreach ($rules as $rule)
                        <tr id="{{ $rule->id() }}" data-found="{{ collect($rule->weights())->map(fn ($w) => $w->value)->implode('|')
                            }}"><th
                            scope="row">{{ $rule->asks() }}</th><td>@foreach ($rule->weights() as $weight)<x-weight :severity="$weight" />
                            @endforeach</td><td>{{ $rule->why() }}</td><td>{{ collect($rule->parts())->map(fn ($p) =>
                            lcfirst($p->label()))->implode(', ') }}</td><td class="data-source">{{ $rule->cited() }}</td></tr>
                    @endforeach
                </tbody>
            @endforeach
        </table>
    </div>
    <h2 id="plan">On a plan</h2>
    <p class="lead">{{ count($clashes) }} rules about what things on a plan do to each other, to the edge and to the lot. Where one stands
        wrong, it says so at its place.</p>
    <div class="scroll" tabindex="0" role="region" aria-label="Rules on a plan">
        <table class="data data-rules" id="clashes">
            <thead><tr><th scope="col">Finds</th><th scope="col">Why</th><th scope="col">Source</th></tr></thead>
            <tbody>@foreach ($clashes as $id => $rule)<tr id="plan-{{ $id }}"><th scope="row">{{ $rule::finds() }}</th><td>{{
                $rule::reason()
                }}</td><td class="data-source">{{ ucfirst($rule::source()) }}</td></tr>@endforeach</tbody>
        </table>
    </div>
    <h2>Proposed on a plan</h2>
    <dl class="terms">@foreach ($proposals as $rule)<div><dt>{{ $rule::label() }}</dt><dd>{{ $rule::rule() }}</dd></div>@endforeach</dl>
</x-layout>
