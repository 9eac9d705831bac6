@use('Carbon\CarbonImmutable')
<x-layout :title="'Levels of '.$page->project->name" :project="$page->project" :option="$page->option" class="page set-out">
    <div class="page-head"><h1>Levels</h1></div>
    @include('survey.tabs', ['project' => $page->project])
    <x-wrong what="Not kept" all />
    @php $rods = $page->survey->rods; @endphp
    <section aria-labelledby="instrument-title" class="instrument">
        <h2 id="instrument-title">Instrument</h2>
        @if ($page->plan->benchmark === null)
            <p class="care">The benchmark has no level yet. <a href="{{ route('plan.show', $page->project) }}#plan-corners">Type it on the
                plan</a>; where no survey gives one, choose a round figure well over the deepest dig.</p>
        @else
            @if ($rods)<p>It sees at <b>{{ $page->height($rods->instrument()) }}</b>@if ($rods->setUps() > 1), {{ $rods->setUps() }}
                set-ups @endif.
                @if ($page->survey->closing) {{ ucfirst($page->said($page->survey->closing)) }}, shared among the set-ups. @endif</p>
            @else <p>Not set up. Read the rod on the benchmark, {{ $page->height($page->plan->benchmark) }}.</p>@endif
            @if ($page->may)
                <form method="post" action="{{ route('plan.rod', $page->project) }}" class="sights" data-keep data-entry>
                    @csrf <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name($page->format) }}">
                    <x-input name="back" label="Rod on the benchmark" inputmode="decimal" />
                    <button name="act" value="benchmark" @class(['go' => ! $rods])>Set up</button>
                </form>
                @if ($rods)
                    <details class="more" @if ($errors->hasAny(['fore', 'turn_back', 'close'])) open @endif>
                        <summary>Move it, or close on the benchmark</summary>
                        <form method="post" action="{{ route('plan.rod', $page->project) }}" class="sights" data-keep data-entry>
                            @csrf <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name(
                                $page->format,
                            ) }}">
                            <x-input name="fore" label="Rod on a turning point, before" inputmode="decimal" />
                            <x-input name="turn_back" label="Rod on it, after" inputmode="decimal" />
                            <button name="act" value="turning">Moved</button>
                        </form>
                        <form method="post" action="{{ route('plan.rod', $page->project) }}" class="sights" data-keep data-entry>
                            @csrf <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name(
                                $page->format,
                            ) }}">
                            <x-input name="close" label="Rod back on the benchmark" inputmode="decimal"
                                hint="before the instrument is packed away" />
                            <button name="act" value="close">Close</button>
                        </form>
                    </details>
                @endif
            @endif
        @endif
        @if ($page->may)
            <details class="more" @if ($errors->hasAny(['apart', 'middle_a', 'middle_b', 'near_a', 'near_b'])) open @endif>
                <summary>Is it level itself @if ($page->survey->check)<span class="quiet">{{ $page->said($page->survey->check)
                    }}</span>@endif</summary>
                <p class="hint">Read two pegs from midway between them, then both again from beside the first.</p>
                <form method="post" action="{{ route('plan.rod', $page->project) }}" class="sights" data-keep data-entry>
                    @csrf <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name($page->format) }}">
                    @foreach (['apart' => 'Pegs apart', 'middle_a' => 'First, from midway', 'middle_b' => 'Second, from midway', 'near_a' =>
                        'First, from beside it', 'near_b' => 'Second, from there'] as $name => $label)
                        <x-input :name="$name" :label="$label" inputmode="decimal" />
                    @endforeach
                    <button name="act" value="check">Check</button>
                </form>
            </details>
        @endif
    </section>
    <form method="post" action="{{ route('plan.rod', $page->project) }}" id="rods" data-keep data-entry>
        @csrf <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name($page->format) }}">
        <fieldset @disabled(! $page->may || $rods === null)>
            <legend>Rods</legend>
            @if ($rods === null)<p class="empty">Set the instrument up first; then each height has the rod that it should read.</p>@endif
            <ol class="rods">@foreach ($page->targets as $id => $target)
                @php $read = $page->read($target); $rod = $page->rod($target); $field = 'rod.'.$id; @endphp
                <li id="rod-{{ strtr($id, ':', '-') }}" @class(['out' => $read && $page->isOut($read)])>
                    <div class="rod-what"><b><bdi>{{ $target->name }}</bdi></b> <span class="quiet">{{ $target->note }}</span><br>{{
                        $page->height($target->level) }} <span class="quiet nowrap">{{ $target->off($page->format) }}</span>
                        @if ($rod !== null)<br>rod <b>{{ $page->height($rod) }}</b>@if ($rod < 0) <span class="care">the instrument sees
                            below it</span>@endif @endif
                        @if ($read)<br><span @class(['rod-read', 'care' => $page->isOut($read)])>{{ $page->said($read)
                            }}@if ($page->isOut($read)), out of tolerance @endif</span> <span class="quiet"><bdi>{{ $read->who
                                }}</bdi>, <x-time
                            :at="CarbonImmutable::parse($read->at)" :zone="$page->project->site->timeZone"
                                />@if ($page->wasDrawnElsewhere($target, $read)); it was drawn at {{ $page->height($read->drawn) }}
                                    then @endif</span>
                        @endif</div>
                    <div class="rod-field"><input name="rod[{{ $id }}]" value="{{ old($field) }}" inputmode="decimal"
                        autocomplete="off" aria-label="Rod read
                        on {{ $target->name }}" @if ($errors->has($field)) aria-invalid="true" @endif></div>
                    @foreach ($errors->get($field) as $message)<p class="wrong">{{ $message }}</p>@endforeach
                </li>
            @endforeach</ol>
            @if ($errors->has('rod.*'))<label class="tick"><input type="checkbox" name="sure" value="1"> <span>that is what it
                reads</span></label>@endif
            @if ($page->may && $rods)<button class="go">Keep these readings</button>@endif
        </fieldset>
    </form>
</x-layout>
