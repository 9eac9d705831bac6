<x-layout :title="'Setting out '.$page->project->name" :project="$page->project" :option="$page->option" class="page set-out">
    <div class="page-head"><h1>Set out</h1></div>
    @include('survey.tabs', ['project' => $page->project])
    <form method="get" class="sheet-acts survey-by">
        <span>With</span>
        <button name="by" value="level" aria-pressed="{{ $page->isTapesOnly ? 'false' : 'true' }}">tapes and a level</button>
        <button name="by" value="tapes" aria-pressed="{{ $page->isTapesOnly ? 'true' : 'false' }}">tapes only</button>
    </form>
    <x-pens />
    <div class="plan-drawing plan-sheet" tabindex="0" role="region" aria-label="Drawing">{!! $page->svg !!}</div>
    @php
        $pegs = $page->out->line->pegs;
        $hole = $page->out->dig;
        $earth = $page->earth();
    @endphp
    <h2>Base line and benchmark</h2>
    <p>Pegs P and Q stand {{ $page->length($pegs->length()) }} apart, crosses on the drawing.
        @unless ($page->out->arePegsSet) <span class="care">Nobody has set them: a proposal, clear of the dig.</span>@endunless
        @if ($page->out->inDig !== []) <span class="care">{{ implode(' and ', $page->out->inDig) }} would stand in the dig: set
            {{ count($page->out->inDig) === 1 ? 'it' : 'them' }} further out.</span>@endif
        Lengths are level, and to the outer face of the concrete. @if ($page->plan->benchmark === null)
        <span class="care">The benchmark has no level: type it on the plan, under its corners.</span> @else
        Benchmark {{ $page->height($page->plan->benchmark) }}; ground at the common edge {{ $page->height($page->plan->zero) }}.
            @endif</p>
    <h2>Corners</h2>
    <div class="scroll" tabindex="0" role="region" aria-label="Corners"><table class="sheet-table">
        <thead><tr><th scope="col">Corner</th><th scope="col">Along P–Q</th><th scope="col">Off it</th><th scope="col">Tape from P</th>
            <th scope="col">Tape from Q</th></tr></thead>
        <tbody>@foreach ($page->out->corners as $at)<tr><th scope="row">{{ $at->id }}</th><td>{{ $page->length($at->along) }}</td><td>{{
            $page->length($at->across) }}</td><td>{{ $page->length($at->fromP) }}</td><td>{{ $page->length($at->fromQ)
                }}@unless ($at->fixed)
            <span class="care">the tapes cut too flat: use the offsets</span>@endunless</td></tr>@endforeach</tbody>
    </table></div>
    <h2>Is it square</h2>
    @if ($page->out->rectangles !== [])
        <p>In each rectangle both diagonals read alike. <a href="{{ route('plan.square', $page->project) }}">Type what they read</a>.</p>
        <div class="scroll" tabindex="0" role="region" aria-label="Rectangles"><table class="sheet-table">
            <thead><tr><th scope="col">Rectangle</th><th scope="col">Sides</th><th scope="col">Each diagonal</th></tr></thead>
            <tbody>@foreach ($page->out->rectangles as $r)<tr><th scope="row">{{ implode(', ', $r->names) }}</th><td>{{
                $page->length($r->long)
                }} × {{ $page->length($r->short) }}</td><td>{{ $page->length($r->diagonal()) }}</td></tr>@endforeach</tbody>
        </table></div>
    @endif
    <p class="taped-lines">@foreach ([...$page->out->sides, ...$page->out->diagonals] as $line)<span class="nowrap">{{ $line['from'] }}–{{
        $line['to'] }} <b>{{ $page->length($line['m']) }}</b></span> @endforeach</p>
    <h2>Pegs in the line of each wall</h2>
    <p>The dig’s top edge lies {{ $page->length($hole->top()) }} out from the concrete: {{ $page->length($hole->reach) }} to its foot, and a
        slope of {{ $hole::SLOPE }} out to 1 up until a competent person has classed the soil. {{ ucfirst($hole->protection()) }}: local
            code
        and that person govern. Dug {{ $earth['sloped'] }} in the bank with its slopes, {{ $earth['upright'] }} if it stood upright. These
            pegs
        stand clear of it; a string from one to the other is the face of the wall.</p>
    <div class="scroll" tabindex="0" role="region" aria-label="Pegs beyond the dig"><table class="sheet-table">
        <thead><tr><th scope="col">Peg</th><th scope="col">To the corner</th><th scope="col">To the far corner</th><th
            scope="col">Tapes P,
            Q</th></tr></thead>
        <tbody>@foreach ($page->out->setBacks as $back)<tr><th scope="row">{{ $back->name() }}</th><td>{{ $back->corner }} {{
            $page->length($back->toCorner) }}</td><td>{{ $back->far }} {{ $page->length($back->toFar) }}</td><td>{{
            $page->length($back->fromP) }}, {{ $page->length($back->fromQ) }}</td></tr>@endforeach</tbody>
    </table></div>
    <h2>Along each form</h2>
    <p>Hook the tape on the first corner and leave it there.</p>
    @foreach ($page->out->running as $run)
        <h3>{{ $run->from }} to {{ $run->to }}, {{ $page->length($run->length) }}</h3>
        @if ($run->marks === [])<p class="quiet">Nothing to mark.</p>@else
            <ol class="running">@foreach ($run->marks as $mark)<li><b>{{ $page->length($mark['along']) }}</b> <bdi>{{ $mark['name']
                }}</bdi>@if (abs($mark['in']) >= 0.0005), {{ $page->length(abs($mark['in'])) }} {{ $mark['in'] > 0 ? 'in' : 'out'
                }}@endif</li>@endforeach</ol>
        @endif
    @endforeach
    @if ($page->out->items !== [])
        <h2>Items</h2>
        <div class="scroll" tabindex="0" role="region" aria-label="Items"><table class="sheet-table">
            <thead><tr><th scope="col">Item</th><th scope="col">Along P–Q, off it</th><th scope="col">From two faces</th><th
                scope="col">Tapes P, Q</th><th scope="col">Level</th>@if ($page->rodHead() !== '')<th scope="col">{{ $page->rodHead()
                }}</th>@endif</tr></thead>
            <tbody>@foreach ($page->out->items as $at)<tr><th scope="row"><bdi>{{ $at->name }}</bdi> <span class="quiet">{{ $at->trade
                }}</span></th><td>{{ $page->length($at->along) }}, {{ $page->length($at->across)
                    }}</td><td>@foreach ($at->off($page->format) as $off)<span class="nowrap">{{ $off }}</span> @endforeach <span
                        class="quiet">{{ $at->face
                }}</span></td><td>{{ $page->length($at->fromP) }}, {{ $page->length($at->fromQ) }}@unless ($at->fixed) <span
                class="care">too flat</span>@endunless</td><td>{{ $page->height($at->level) }} <span class="nowrap quiet">all ±{{
                $page->small($at->tolerance) }}</span></td>@if ($page->rodHead() !== '')<td>{{ $page->rod($at->level) }}</td>@endif</tr>
            @endforeach</tbody>
        </table></div>
    @endif
    <h2>Levels</h2>
    @if (! $page->isTapesOnly && $page->rods === null)<p>Rods follow from the first back sight. <a href="{{ route('plan.levels',
        $page->project) }}">Set the instrument up</a>.</p>@endif
    <div class="scroll" tabindex="0" role="region" aria-label="Levels"><table class="sheet-table">
        <thead><tr><th scope="col">Height</th><th scope="col">Level</th><th scope="col">Allowed</th>@if ($page->rodHead() !== '')<th
            scope="col">{{ $page->rodHead() }}</th>@endif</tr></thead>
        <tbody>@foreach ($page->targets as $target)<tr><th scope="row"><bdi>{{ $target->name }}</bdi> <span class="quiet">{{ $target->note
            }}</span></th><td>{{ $page->height($target->level) }}</td><td class="nowrap">{{ $target->off($page->format)
                }}</td>@if ($page->rodHead() !== '')<td>{{ $page->rod($target->level) }}</td>@endif</tr>@endforeach</tbody>
    </table></div>
    <p class="caution">Underground services are located before a peg is driven. A trench is judged by a competent person each morning and
        after rain; local code governs.</p>
</x-layout>
