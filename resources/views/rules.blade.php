<x-layout title="Rulebook" class="page">
    <h1>Rulebook</h1>
    <p class="lead">{{ count($rules) }} rules that every design is asked. Each says what it looks at, why, and where it comes from; most are
        common practice without a published source, and clauses are given from memory. Local code and a licensed engineer or designer
        decide.</p>
    <p class="lead">
        @foreach (\Ondergrond\Rules\Severity::cases() as $severity)<x-weight :severity="$severity" />
            {{ $severity->meaning() }}@if (! $loop->last); @else.@endif @endforeach
    </p>
    <div class="scroll" tabindex="0" role="region" aria-label="Rules">
        <table class="data data-rules">
            <thead><tr><th scope="col">Rule</th><th scope="col">Why</th><th scope="col">Looks at</th><th
                scope="col">Source</th></tr></thead>
            <tbody>
                @foreach ($rules as $rule)
                    <tr id="{{ $rule->id() }}"><th scope="row">{{ $rule->asks() }}</th><td>{{ $rule->why() }}</td><td>{{
                        collect($rule->parts())->map(fn ($p) => lcfirst($p->label()))->implode(', ') }}</td><td class="data-source">{{
                        $rule->source() }}</td></tr>
                @endforeach
            </tbody>
        </table>
    </div>
</x-layout>
