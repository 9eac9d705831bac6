@use('Ondergrond\SetOut\Rods')
<x-layout :title="'Setting out '.$page->project->name" :project="$page->project" :option="$page->option" class="page set-out">
    <div class="page-head"><h1>Set out</h1> <a href="{{ route('plan.show', $page->project) }}">Plan</a></div>
    <x-pens />
    <div class="plan-drawing plan-sheet" tabindex="0" role="region" aria-label="Drawing">{!! $page->svg !!}</div>
    <p class="hint">The pegs P and Q @unless ($page->out->arePegsSet) are a proposal: set them on the plan. They @endunless stand
        {{ $page->length($page->out->line->pegs->length()) }} apart. Lengths are level, to the outer face of the concrete.</p>
    <h2>Corners</h2>
    <div class="scroll" tabindex="0" role="region" aria-label="Table"><table class="sheet-table">
        <thead><tr><th scope="col">Corner</th><th scope="col">Along P–Q</th><th scope="col">Off it</th><th scope="col">Tape from P</th>
            <th scope="col">Tape from Q</th></tr></thead>
        <tbody>@foreach ($page->out->corners as $p)<tr><th scope="row">{{ $p->id }}</th><td>{{ $page->length($p->along) }}</td><td>{{
            $page->length($p->across) }}</td><td>{{ $page->length($p->fromP) }}</td><td>{{ $page->length($p->fromQ) }}@unless ($p->fixed)
            <span class="care">the tapes cut too flat: use the offsets</span>@endunless</td></tr>@endforeach</tbody>
    </table></div>
    @if ($page->out->items !== [])
        <h2>Items</h2>
        <div class="scroll" tabindex="0" role="region" aria-label="Table"><table class="sheet-table">
            <thead><tr><th scope="col">Item</th><th scope="col">From two faces</th><th scope="col">Tapes P, Q</th><th scope="col">Level</th>
                @if ($page->rods)<th scope="col">Rod</th>@endif</tr></thead>
            <tbody>@foreach ($page->out->items as $p)<tr><th scope="row"><bdi>{{ $p->name }}</bdi> <span class="quiet">{{ $p->trade
                }}</span></th><td>@foreach ($p->off($page->format) as $off)<span class="nowrap">{{ $off }}</span> @endforeach <span
                class="quiet">{{ $p->face }}</span></td><td>{{ $page->length($p->fromP) }}, {{ $page->length($p->fromQ) }}@unless ($p->fixed) <span class="care">too flat</span>@endunless</td><td>{{
                $page->length($p->level) }} <span class="nowrap quiet">all ±{{ $page->small($p->tolerance) }}</span></td>
                @if ($page->rods)<td>{{ $page->rod($p->level) }}</td>@endif</tr>@endforeach</tbody>
        </table></div>
    @endif
    <form method="get" action="{{ route('plan.set-out', $page->project) }}" class="set-out-form" id="set-out-form">
        <section aria-labelledby="square-title">
            <h2 id="square-title">Square up</h2>
            <div class="tapes">
                @foreach ([...$page->out->sides, ...$page->out->diagonals] as $line)
                    @php $field = $line['from'].'-'.$line['to']; $bad = isset($page->wrong[$field]); @endphp
                    <div class="field @if ($bad) field-bad @endif"><label for="tape-{{ $field }}">{{ $line['from'] }}–{{ $line['to'] }}
                        <span class="quiet">{{ $page->length($line['m']) }}</span></label><input id="tape-{{ $field }}" name="tape[{{ $field
                        }}]" value="{{ $page->typed[$field] ?? '' }}" inputmode="decimal" autocomplete="off" @if ($bad) aria-invalid="true"
                        @endif>@if ($bad)<p class="wrong">{{ $page->wrong[$field] }}</p>@endif</div>
                @endforeach
                <div class="field"><label for="hold">What stays</label><select id="hold" name="hold">@foreach ($page->holds() as $value =>
                    $words)<option value="{{ $value }}" @selected($page->typed['hold'] === $value)>{{ $words
                        }}</option>@endforeach</select></div>
                <label class="tick"><input type="checkbox" name="both" value="1" @checked($page->typed['both'] === '1')>
                    <span>both of its corners stay</span></label>
                <div class="field"><label for="warm">Steel tape at</label><input id="warm" name="warm" value="{{ $page->typed['warm'] }}"
                    inputmode="decimal" autocomplete="off"><p class="hint">empty: as warm as it was marked at</p></div>
            </div>
            @isset($page->wrong['square'])<p class="wrong" role="alert">{{ $page->wrong['square'] }}</p>@endisset
            @if ($page->square)
                <div class="answer" role="status">
                    <p><b>{{ $page->square->words() }}</b> Held: {{ $page->square->held->words() }}. Allowed out: {{
                        $page->small($page->square->tolerance) }}.</p>
                    <ul>@foreach ($page->moves() as $move)<li><b>{{ $move['corner'] }}</b> {{ $move['words'] }}@unless ($move['within'])
                        <span class="care">move it</span>@endunless</li>@endforeach</ul>
                </div>
            @endif
        </section>
        <section aria-labelledby="level-title">
            <h2 id="level-title">Levels</h2>
            <div class="field"><label for="sight">Rod on the benchmark ({{ $page->length(
                $page->plan->benchmark,
            ) }})</label><input id="sight"
                name="sight" value="{{ $page->typed['sight'] }}" inputmode="decimal" autocomplete="off">@isset($page->wrong['sight'])<p
                class="wrong">{{ $page->wrong['sight'] }}</p>@endisset</div>
            @if ($page->rods)<p>The instrument sees at {{ $page->length($page->rods->instrument) }}.</p>@endif
            <div class="scroll" tabindex="0" role="region" aria-label="Table"><table class="sheet-table">
                <thead><tr><th scope="col">Level</th><th scope="col">Height</th>@if ($page->rods)<th scope="col">Rod</th>@endif</tr></thead>
                <tbody>@foreach ($page->out->levels as $level)<tr><th scope="row">{{ $level->name }} <span class="quiet">{{ $level->note
                    }}</span></th><td>{{ $page->length($page->plan->level($level->height)) }}</td>@if ($page->rods)<td>{{
                    $page->rod($page->plan->level($level->height)) }}</td>@endif</tr>@endforeach</tbody>
            </table></div>
        </section>
        <p><button class="go">Work it out</button></p>
    </form>
</x-layout>
