@use('Carbon\CarbonImmutable')
<x-layout :title="'Squaring up '.$page->project->name" :project="$page->project" :option="$page->option" class="page set-out">
    <div class="page-head"><h1>Square it</h1></div>
    @include('survey.tabs', ['project' => $page->project])
    <x-wrong what="Not kept" all />
    <section id="answer" aria-labelledby="answer-title">
        <h2 id="answer-title">Which corner is out</h2>
        @foreach ($page->wrong as $line)<p class="wrong" role="alert">{{ $line }}</p>@endforeach
        @if ($page->square)
            <div @class(['answer', 'answer-out' => ! $page->isSquare()]) role="status">
                <p><b>{{ $page->square->words() }}</b> Held: {{ $page->square->held->words() }}. A corner may be out by {{
                    $page->small($page->square->tolerance) }}.</p>
                @if ($page->square->doubtful)<p class="care">A tape of that class may be off by more than that: take a better
                    one.</p>@endif
                <ul class="corners">@foreach ($page->moves() as $move)<li @class(['out' => ! $move['within']])><b>{{ $move['corner']
                    }}</b>
                    @if ($move['within']){{ $move['words'] === 'stands as drawn' ? 'stands as drawn' : 'within: '.$move['words']
                        }}@elseif ($page->square->isPlaced())<span class="care">move it {{ $move['words'] }}</span>. Then read
                            @foreach ($move['next']
                    as $next)<span class="nowrap">{{ $next }}</span>@unless ($loop->last), @endunless @endforeach
                    @if ($page->may)<form method="post" action="{{ route('plan.tape', [$page->project, ...$page->asked()]) }}" data-entry>
                        @csrf<button name="moved" value="{{ $move['corner'] }}">{{ $move['corner'] }} is moved</button></form>@endif
                    @else seems out: {{ $move['words'] }}; not before the tapes are read again @endif</li>@endforeach</ul>
                <details class="more"><summary>Each tape against what fits them best</summary>
                    <ul>@foreach ($page->residuals() as $r)<li><b>{{ $r['name'] }}</b> {{ $r['off'] }} <span class="quiet">{{
                        $r['checked']
                        }}</span></li>@endforeach</ul>
                    <p class="hint">By least squares, {{ $page->square->adjustment->redundancy }} {{
                        $page->square->adjustment->redundancy === 1 ? 'tape' : 'tapes' }} more than would just do.</p>
                </details>
            </div>
        @elseif ($page->survey->tapes === [])<p class="empty">Nothing is taped yet. Type what the tapes read below.</p>
        @elseif ($page->wrong === [])<p class="empty">Choose below what stays: the other corners are moved to suit.</p>@endif
    </section>
    <form method="post" action="{{ route('plan.tape', $page->project) }}" class="set-out-form" id="tape-form" data-keep data-entry>
        @csrf <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name($page->format) }}">
        <fieldset>
            <legend>What the tapes read</legend>
            <div class="held">
                <div class="field"><label for="hold">What stays</label><select id="hold" name="hold">@foreach ($page->holds() as $value =>
                    $words)<option value="{{ $value }}" @selected(old('hold', $page->hold) === $value)>{{ $words
                        }}</option>@endforeach</select>
                    <p class="hint">a nailed line, a set-back: it is asked, never assumed</p></div>
                <label class="tick"><input type="checkbox" name="both" value="1" @checked(old('both', $page->both))> <span>both of its
                    corners
                    stay</span></label>
                <label class="tick"><input type="checkbox" name="framed" value="1" @checked(old('framed', $page->framed))> <span>a
                    frame maker asks for
                    {{ $page->framed() }}</span></label>
            </div>
            <div class="tapes">
                @foreach ($page->lines() as $line)
                    @php $read = $page->read($line['from'], $line['to']); $field = 'tape.'.$line['from'].'-'.$line['to']; @endphp
                    <x-input :name="$field" :label="$line['from'].'–'.$line['to'].', drawn '.$page->length($line['m'])"
                        inputmode="decimal"
                        :hint="match (true) {
                            $read !== null => 'read '.$page->length($read->values[0]).', '.$read->who,
                            $page->isStale($line['from'], $line['to']) => 'a corner was moved: read it again',
                            default => null,
                        }" />
                @endforeach
                <x-choice name="class" label="Tape" :value="$page->class" :options="$page->classes()" />
                <x-input name="warm" label="Steel tape at" :value="$page->warm" inputmode="decimal" hint="empty: as warm as it was
                    marked at" />
            </div>
            @if ($page->may)<button class="go">Keep and work it out</button>
            @else <button formmethod="get" formaction="{{ route('plan.square', $page->project) }}">Work it out</button>@endif
        </fieldset>
    </form>
</x-layout>
