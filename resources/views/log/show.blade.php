<x-layout :title="'Log of '.$page->project->name" :project="$page->project" :option="$page->job->option" class="page log">
    <div class="page-head"><h1>Log</h1> <a href="{{ route('built.show', $page->project) }}">As built</a></div>
    <x-wrong what="Not kept" all />
    @php $next = $page->next(); @endphp
    @if ($next)<p class="lead">Next: <a href="#{{ $next->hold->value }}">H{{ $next->hold->number() }} {{ $next->hold->label() }}</a>, {{
        $next->word() }}.</p>@endif
    @foreach ($page->holds as $hold)
        <details id="{{ $hold->hold->value }}" @class(['hold-point', 'hold-point-over' => $hold->isPassedOver(),
            'hold-point-passed' => $hold->isPassed() && ! $hold->isPassedOver(),
            'hold-point-stopped' => ! $hold->isPassed() && $hold->failing() !== []])
            @if ($next === $hold || $errors->has('pass-'.$hold->hold->value) || str_starts_with((string) old('hold'),
            $hold->hold->value.':')) open @endif>
            <summary><b>H{{ $hold->hold->number() }}</b> {{ $hold->hold->label() }}
                <span class="hold-word">{{ $hold->word() }}</span></summary>
            @foreach ($page->read($hold) as $item)
                @include('log.item')
            @endforeach
            @if ($page->registered($hold) > 0)<p>@if ($page->unsettled($hold) > 0)<span class="care">{{ $page->unsettled($hold) }} of {{
                $page->registered($hold) }} points are open</span> in the <a href="{{ route('register.show', $page->project)
                }}">register</a>.@else All {{ $page->registered($hold) }} points of the <a href="{{ route('register.show', $page->project)
                }}">register</a> are settled.@endif</p>@endif
            @if ($hold->pass)
                <p class="passed-by">Passed by <bdi>{{ $hold->pass->who }}</bdi>, {{ $page->moment($hold->pass->at) }}.
                    @if ($hold->isPassedOver()) Over what was open, because:
                        <bdi>{{ $hold->pass->passing->reason }}</bdi>.
                    @if ($hold->pass->passing->competent !== '') Competent: <bdi>{{ $hold->pass->passing->competent }}</bdi>, <bdi>{{
                    $hold->pass->passing->document }}</bdi>. @endif @endif</p>
            @elseif ($page->passes)
                <form method="post" action="{{ route('log.pass', $page->project) }}" class="pass" data-keep data-entry>
                    @csrf
                    <input type="hidden" name="hold" value="{{ $hold->hold->value }}">
                    @php $open = [...$hold->missing(), ...$hold->failing()]; @endphp
                    @if ($open !== [])
                        <p class="care">Open: {{ implode('; ', array_map(fn ($id) => $hold->items[$id]->label, $open)) }}.</p>
                        <label class="big">Why it is passed all the same <input name="reason" autocomplete="off" maxlength="500" value="{{
                            old('hold') === $hold->hold->value ? old('reason') : '' }}"></label>
                        @if ($hold->forCompetent() !== [])
                            <p class="hint">Not on your word: a competent person or engineer decides over {{ implode('; ', array_map(fn
                                ($id) =>
                                lcfirst($hold->items[$id]->label), $hold->forCompetent())) }}.</p>
                            <label class="big">Competent person or engineer <input name="competent" autocomplete="off"
                                maxlength="120"></label>
                            <label class="big">What they gave, with its date <input name="document" autocomplete="off"
                                maxlength="200"></label>
                        @endif
                    @endif
                    @foreach ($errors->get('pass-'.$hold->hold->value) as $message)<p class="wrong" role="alert">{{ $message
                        }}</p>@endforeach
                    <button class="go">Pass H{{ $hold->hold->number() }}@if ($open !== []) over what is open @endif</button>
                </form>
            @endif
        </details>
    @endforeach
    @if ($page->may)
        <section aria-labelledby="free-title" class="free">
            <h2 id="free-title">Something else</h2>
            <form method="post" action="{{ route('log.store', $page->project) }}" enctype="multipart/form-data" data-keep data-entry>
                @csrf <input type="hidden" name="kind" value="note">
                <label class="big">Note <input name="note" autocomplete="off" maxlength="2000" value="{{ old('hold') === null ? old('note')
                    : ''
                    }}"></label>
                <label class="big">Photograph <input type="file" name="photo" accept="image/*" capture="environment"></label>
                @foreach ([...$errors->get('note'), ...(old('hold') === null ? $errors->get('photo') : [])] as $message)<p class="wrong"
                    role="alert">{{ $message }}</p>@endforeach
                <button class="go">Keep it</button>
            </form>
            @if ($page->boards() !== [])
                <details class="more" @if ($errors->hasAny(['part', 'stretch', 'length'])) open
                    @endif><summary>A board was left out</summary>
                    <form method="post" action="{{ route('log.store', $page->project) }}" data-keep data-entry>
                        @csrf <input type="hidden" name="kind" value="left-out">
                        <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name($page->format) }}">
                        <label class="big">Board <select name="part">@foreach ($page->boards() as $value => $words)<option value="{{ $value
                            }}">{{ $words }}</option>@endforeach</select></label>
                        <label class="big">Along <select name="stretch">@foreach (array_filter($page->walls(), fn ($v) => $v !== '',
                            ARRAY_FILTER_USE_KEY) as $value => $words)<option value="{{ $value }}">{{ $words
                                }}</option>@endforeach</select></label>
                        <label class="big">How long <input name="value" inputmode="decimal" autocomplete="off"></label>
                        <label class="big">Note <input name="note" autocomplete="off" maxlength="2000"></label>
                        @foreach ([...$errors->get('part'), ...$errors->get('stretch'), ...$errors->get('length')] as $message)<p
                            class="wrong"
                            role="alert">{{ $message }}</p>@endforeach
                        <button class="go">Keep it</button>
                    </form>
                </details>
            @endif
        </section>
    @endif
    <section aria-labelledby="entries-title">
        <h2 id="entries-title">What was read</h2>
        @if ($page->entries === [])<p class="empty">Nothing is logged yet. Pick above what was read or done, type it, keep it: it is
            judged at once.</p>@endif
        <ol class="entries">
            @foreach ($page->entries as $entry)
                @php $said = $entry->said(); @endphp
                <li class="read-{{ $said->state->value }}"><span class="read-mark" aria-hidden="true"></span><div><b>{{ $page->label($entry)
                    }}</b> <span class="read-state">{{ $said->state->value }}</span><br>{{ $page->said($entry) }}
                    @if ($entry->note !== '' && ! str_contains($page->said($entry), $entry->note))<span dir="auto">{{ $entry->note
                        }}</span>@endif
                    @if ($entry->photo !== '')<a href="{{ route('log.photo', [$page->project, $entry->photo]) }}"><img src="{{
                        route('log.photo',
                        [$page->project, $entry->photo]) }}" alt="{{ $entry->note === '' ? 'Photograph' : $entry->note }}" loading="lazy"
                        width="160"></a>@endif
                    <br><span class="quiet"><bdi>{{ $entry->who }}</bdi>, {{ $page->moment($entry->at) }}@if ($entry->source->value !==
                        'typed'), {{
                    $entry->source->value }}@endif @if ($entry->about->place !== ''), {{ $entry->about->place }}@endif</span></div></li>
            @endforeach
        </ol>
        @if ($page->count > count($page->entries))<p><a href="{{ route('log.show', [$page->project, 'all' => 1]) }}">All {{ $page->count
            }}</a></p>@endif
    </section>
</x-layout>
