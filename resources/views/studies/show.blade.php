@use('Ondergrond\Units\Quantity')
@use('App\Models\StudyProgress')
@php [$project, $option, $format, $gain, $search] = [$page->project, $page->option, $page->format, $page->gain, $page->search]; @endphp
<x-layout :title="'Where it pays, '.$option->name" :project="$project" :option="$option" class="page">
    <div class="page-head">
        <h1>Where it pays</h1>
        <a href="{{ route('section.show', [$project, $option]) }}">Back to the section</a>
        @can('create', \App\Models\Project::class)<a href="{{ route('prices.edit') }}">Prices</a>@endcan
    </div>
    @error('study')<p class="wrong" role="alert">{{ $message }}</p>@enderror
    <div x-data="poll" data-url="{{ route('studies.show', [$project, $option]) }}">
        <section aria-labelledby="gain-title">
            <h2 id="gain-title">The next size of board</h2>
            <p class="lead">Every size that insulates, one step up and one down, each worked out as drawn: what it saves, what it takes,
                what it does to the findings.</p>
            <div id="gain" data-live>
                <x-study-progress :study="$gain" :page="$page" />
                @if (($steps = $page->steps()) !== [])
                    <div class="scroll" tabindex="0" role="region" aria-label="Steps, most saved first">
                        <table class="data data-steps">
                            <thead><tr><th scope="col">Size</th><th scope="col">from</th><th scope="col">to</th><th scope="col">saves, {{
                                $format->unit(Quantity::Power) }}</th><th scope="col">all year, {{ $format->unit(Quantity::Energy)
                                }}</th><th scope="col">board, m³</th>@unless ($page->prices->isEmpty())<th
                                scope="col">cost</th>@endunless<th scope="col">findings</th>@if ($page->may)<td></td>@endif</tr></thead>
                            <tbody>
                                @php $most = max(0.001, ...array_map(fn ($s) => abs($s->watts), $steps)); @endphp
                                @foreach ($steps as $i => $step)
                                    <tr>
                                        <th scope="row">{{ $page->label($step->path) }}</th><td>{{ $page->size($step->path,
                                            $step->from) }}</td><td>{{ $page->size($step->path, $step->to) }}</td>
                                        <td class="step-bar"><svg viewBox="-50 0 100 10" preserveAspectRatio="none" aria-hidden="true"><rect
                                            class="{{ $step->watts >= 0 ? 'bar-floor' : 'bar-loss' }}" x="{{ min(0, round(50 *
                                            $step->watts / $most, 1)) }}" y="1" width="{{ abs(round(50 * $step->watts / $most, 1)) }}"
                                            height="8" /><path d="M0 0V10" class="bar-field" /></svg>
                                            {{ $format->mark->written(sprintf('%+.1f',
                                            Quantity::Power->unit($format->system)->fromSi($step->watts))) }}</td>
                                        <td>{{ $format->number($step->energy(), Quantity::Energy) }}</td><td>{{
                                            $format->mark->written(sprintf('%+.2f', $step->volume)) }}</td>
                                        @unless ($page->prices->isEmpty())<td>{{ $step->cost === null ? 'no price' :
                                            $page->money($step->cost) }}</td>@endunless
                                        <td class="step-findings">@if ($step->settles !== [])settles {{ $page->rules($step->settles)
                                            }}@endif @if ($step->brings !== []) <b>brings {{ $page->rules($step->brings)
                                            }}</b>@endif @if ($step->leavesFrost()) <span class="quiet">frost {{ $step->frost
                                            }}</span>@endif</td>
                                        @if ($page->may)<td>@if ($gain->state->isOver())<form method="post" action="{{ route('studies.open',
                                            [$project, $option, $gain, $i]) }}">@csrf<button>Open<span class="unseen">
                                            as an option: {{ $page->label($step->path) }}, {{ $page->size($step->path, $step->to)
                                            }}</span></button></form>@endif</td>@endif
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                    </div>
                @endif
            </div>
            @if ($page->may)
                <form method="post" action="{{ route('studies.gain', [$project, $option]) }}">@csrf<button class="go">{{ $gain === null ?
                    'Work it out' : 'Work it out again' }}</button></form>
            @endif
            @if (($stuck = $page->stuck()) !== [])
                <details class="findings-more"><summary>Sizes that cannot go a step further: {{ count($stuck) }}</summary>
                    <ul>@foreach ($stuck as $c)<li>{{ $page->label($c->path) }}, {{ $page->size($c->path, $c->from) }} to {{
                        $page->size($c->path, $c->to) }}: {{ $c->obstacle }}.</li>@endforeach</ul></details>
            @endif
        </section>
        <section aria-labelledby="wing">
            <h2 id="wing">The least that keeps frost out</h2>
            <p class="lead">From what the table asks upward, wings are put to the design winter one by one, {{
                $project->site->frost->use->label() }} as the site says, until the least is found with which frost stays {{
                $page->close() }} away. Some ten seconds each; it goes on when this
                page is closed.</p>
            <div id="wing-result" data-live>
                @php $wing = $page->wing; @endphp
                <x-study-progress :study="$wing" :page="$page" />
                @if (($wings = $page->wings()) !== null)
                    @php [$best, $besidesLeft] = [$wings->best, $page->besides() !== []]; @endphp
                    @if ($best !== null)
                        <p><b>{{ $best->hasWing() ? 'A wing '.$page->size('wing.width_m',
                            $best->width).' wide and '.$page->size('wing.thickness_m', $best->thickness).' thick' :
                            'No wing' }}, edge board {{ $page->size('edge_outside.thickness_m', $best->edge) }}</b>{{
                            $wing->state->isOver() ? '' : ', so far' }}: frost stays {{ $best->margin === null ? 'far' :
                            $page->depth($best->margin) }} away. {{ $wings->byTable ?
                            'No less than the table asks.' : ($besidesLeft
                            ? 'Less deep, or with less board at the edge, than the frost table asks.' :
                            'The table says nothing of this building.') }}
                                @if ($best->hasWing()) Corners are half as wide again.@elseif ($wings->corner !== null) At corners {{
                                $wings->corner }}. Left without heat through a winter, frost {{ $page->withoutHeat($wings) }}.@endif</p>
                        @if ($wings->changes !== [])<p>It also changes: {{ collect($wings->changes)->map($page->changed(...))->implode(', ')
                            }}.</p>@endif
                        @if ($page->may && $wing->state->isOver())<form method="post" action="{{ route('studies.open', [$project, $option,
                            $wing, 0]) }}">@csrf<button class="go">Open it as an option</button></form>@endif
                    @elseif ($wing->state->isOver() && $wings->complete)
                        <p class="wrong">No wing that is sold keeps frost out here. A footing below frost does, or more heat.</p>
                    @endif
                    <div class="scroll" tabindex="0" role="region" aria-label="Wings that were tried">
                    <table class="data data-tries"><thead><tr><th scope="col">Wing, width</th><th scope="col">thickness</th><th
                        scope="col">edge board</th><th scope="col">board, m³/m</th><th scope="col">margin</th><th
                        scope="col">day</th><td></td></tr></thead><tbody>
                        @foreach ($wings->tries as $try)
                            <tr><th scope="row">{{ $try->hasWing() ? $page->size('wing.width_m', $try->width) : 'none'
                                }}</th><td>{{ $page->size('wing.thickness_m', $try->thickness) }}</td><td>{{
                                $page->size('edge_outside.thickness_m', $try->edge) }}</td><td>{{
                                $format->mark->written(sprintf('%.3f', $try->board)) }}</td><td>{{ $try->margin === null ?
                                'no frost' : $page->depth($try->margin) }}</td><td>{{ $try->day ?? '–'
                                }}</td><td><x-word :verdict="$try->word()" /></td></tr>
                        @endforeach
                    </tbody></table></div>
                @endif
            </div>
            @if ($page->may)
                @php $besides = $page->besides(); @endphp
                <form method="post" action="{{ route('studies.wing', [$project, $option]) }}">@csrf
                    <input type="hidden" name="asked" value="1">
                    @if ($besides !== [])<p><label><input type="checkbox" name="besides" value="1"> As the frost table asks, it may also
                        change: {{ collect($besides)->map($page->changed(...))->implode(', ') }}.</label> Otherwise the wing alone is looked
                        for, and the table is not met.</p>@endif
                    <button class="go">{{ $page->wing === null ? 'Find it' : 'Find it again' }}</button></form>
            @endif
        </section>
        <section aria-labelledby="search">
            <h2 id="search">The cheapest that holds</h2>
            <p class="lead">Leave sizes open, and every design with them is weighed: by the rules that look at an open part, by your limits,
                by the table for shallow foundations, by its heat. What is left are choices that none of those
                put to the field beats in both {{ $page->prices->isEmpty() ? 'board' : 'cost' }} and heat. From the cheapest on the
                design winter is run, twelve at most,
                until one holds; the others read “frost not run”. Nothing is applied: each opens as an option of its own.</p>
            @if ($page->prices->isEmpty())<p><b>No prices are given</b>, so the volume of insulation stands for cost.
                @can('create', \App\Models\Project::class)<a href="{{ route('prices.edit') }}">Give prices</a>@endcan</p>
            @elseif (($lacks = $page->prices->missing($option->design)) !== [])<p><b>No price for:</b>
                {{ implode(', ', $lacks) }}. They count as free of cost.</p>@endif
            <div id="search-result" data-live>
                <x-study-progress :study="$search" :page="$page" />
                @if (($r = $page->found()) !== null)
                    <p>{{ $page->weighing($r->judged) }} of {{ $page->weighing($r->designs) }} designs judged, {{
                        $page->weighing($r->hold) }} hold by the rules that need no temperatures; {{ $r->fields }} fields solved in
                        {{ $format->mark->written(sprintf('%.1f', $r->seconds)) }} s.
                        @if ($r->front !== []){{ $r->tried }} were put to the field as drawn{{ $r->untried > 0 ? '; '
                        .$page->weighing($r->untried).' more, which a guess puts beside or ahead of those listed, were not' : '' }}. @endif
                        @if ($r->broken !== []) Turned away: {{ collect($r->broken)->map(fn ($n, $why) =>
                            $page->weighing($n).' by '.$page->rules([$why]))->implode(', ') }}. @endif</p>
                    @if ($search->state->isOver() && $r->judged > 0 && $r->hold === 0)<p class="wrong">No design holds within these
                        sizes. Open the part that the rules above look at, apply their remedies on the section first, or set a rule aside
                        there.</p>@endif
                    @if ($r->front !== [])
                        <div class="scroll" tabindex="0" role="region" aria-label="Choices, cheapest first">
                            <table class="data data-choices">
                                <thead><tr><th scope="col">{{ $r->priced ? 'Cost' : 'Insulation, m³' }}</th><th scope="col">all year, {{
                                    $format->unit(Quantity::Energy) }}</th><th scope="col">mean, {{ $format->unit(Quantity::Power)
                                    }}</th><th scope="col">frost</th>@foreach (array_keys($r->front[0]->sizes) as $path)<th
                                    scope="col">{{ $page->label($path) }}</th>@endforeach @if ($page->may)<td></td>@endif</tr></thead>
                                <tbody>
                                    @foreach ($r->front as $i => $choice)
                                        <tr><th scope="row">{{ $r->priced ? $page->money($choice->price) :
                                            $format->mark->written(sprintf('%.2f', $choice->price)) }}</th><td>{{
                                            $format->number($choice->energy(), Quantity::Energy) }}</td><td>{{
                                            $format->number($choice->watts ?? $choice->guess, Quantity::Power)
                                            }}@if ($choice->watts === null) (guess)@endif</td><td>{{ $page->frost($choice) }}</td>
                                            @foreach ($choice->sizes as $path =>
                                                $size)<td>{{ $page->size($path, $size) }}</td>@endforeach
                                            @if ($page->may)<td>@if ($search->state->isOver())<form method="post" action="{{
                                                route('studies.open', [$project, $option, $search, $i]) }}">@csrf<button>Open<span
                                                class="unseen"> choice {{ $i + 1 }} as an
                                                option</span></button></form>@endif</td>@endif</tr>
                                    @endforeach
                                </tbody>
                            </table>
                        </div>
                        @if (count($front = $page->front($r)) > 1)
                            <svg class="front" viewBox="0 0 320 150" role="img" aria-label="{{ $r->priced ? 'Cost' : 'Insulation'
                                }} across, heat of all the year up: {{ count($front) }} choices, each cheaper one losing more">
                                <path class="front-axes" d="M34 8V120H312" /><path class="front-line" d="M{{
                                    collect($front)->map(fn ($at) => implode(' ', $at))->implode('L') }}" />
                                @foreach ($front as [$x, $y])<circle cx="{{ $x }}" cy="{{ $y }}" r="3.5" />@endforeach
                                <text x="173" y="142" text-anchor="middle">{{ $r->priced ? 'cost' : 'insulation' }} →</text><text x="14"
                                    y="66" text-anchor="middle" transform="rotate(-90 14 66)">heat, all year →</text>
                            </svg>
                        @endif
                    @endif
                @endif
            </div>
            @if ($page->may)
                <form class="search" method="post" action="{{ route('studies.search', [$project, $option]) }}" novalidate data-keep>
                    @csrf <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name($format) }}">
                    @error('open')<p class="wrong" role="alert">{{ $message }}</p>@enderror
                    <fieldset>
                        <legend>Leave open</legend>
                        <div class="scroll" tabindex="0" role="region" aria-label="Sizes to leave open">
                        <table class="search-open">
                            <thead><tr><th scope="col">Size</th><th scope="col">now</th><th scope="col">from</th><th
                                scope="col">to</th></tr></thead>
                            <tbody>
                                @foreach ($page->open() as $path => $size)
                                    @php $was = fn (string $end) => is_array(old($end)) && is_string(old($end)[$path] ?? null) ?
                                        old($end)[$path] : $size[$end]; @endphp
                                    <tr>
                                        <th scope="row"><label><input type="checkbox" name="open[]" value="{{ $path }}"
                                            @checked(in_array($path, (array) old('open', []), true))>
                                            {{ $page->label($path) }}</label></th><td>{{ $size['now'] }}</td>
                                        @foreach (['from', 'to'] as $end)<td><input type="text" name="{{ $end }}[{{ $path }}]" value="{{
                                            $was($end) }}" aria-label="{{ $page->label($path) }}, {{ $end }}"
                                            autocomplete="off">@if ($errors->has("{$end}.{$path}"))<p class="wrong">{{
                                            $errors->first("{$end}.{$path}") }}</p>@endif</td>@endforeach
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                        </div>
                    </fieldset>
                    <x-input name="most_cost" label="All materials cost at most" value="" hint="empty: no limit" />
                    <x-input name="most_height" label="From the finished floor to the dig at most" value="" hint="empty: no limit" />
                    <button class="go">Search</button>
                </form>
            @endif
        </section>
    </div>
</x-layout>
