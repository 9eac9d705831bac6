@php
    [$project, $option, $format, $view] = [$page->project, $page->option, $page->format, $page->view];
    [$heat, $field, $log] = [$page->heat, $page->field, $page->log];
    [$junctions, $load, $judgement] = [$page->junctions, $page->load, $page->judgement];
    $same = [$project, $option, ...$view->query()];
@endphp
<x-layout :title="$project->name.', '.$option->name" :project="$project" :option="$option" class="bench-page" workspace>
    <x-slot:bar>
        @include('section.options')
        @include('section.state')
    </x-slot:bar>
    <x-slot:exports>
        @fragment('files')@include('section.exports')@endfragment
    </x-slot:exports>
    @if ($whole)<x-hatches :materials="$log->materials()" />
        <script type="application/json" id="size-lists">@json($log->sizeLists())</script>@endif
    <h1 class="unseen">Section of {{ $project->name }}, {{ $option->name }}</h1>
    <form class="bench" id="bench" method="post" action="{{ route('section.update', $same) }}" novalidate
        data-show="{{ route('section.show', $same) }}" data-ahead="{{ route('section.ahead', [...$same, 'field' => 'rough']) }}"
        data-preview="{{ route('section.preview', $same) }}" data-parts="{{ route('section.parts', $same) }}"
            @if ($may) data-may @endif @if (auth()->user()->single_keys) data-keys @endif
        x-data="bench" @change="changed" @submit.prevent="submitted" @mouseover="point" @mouseleave="point" @focusin="point"
        @click="pick" @pointerdown="grab" @keydown="step" @keydown.window="key" @focus.window="resume" @online.window="resume"
            @beforeunload.window="leave" @bench-help.window="help">
        @csrf @method('put')
        @fragment('strip')
            <div class="strip" id="bench-strip" role="group" aria-label="Verdicts">@include('section.strip')</div>
        @endfragment
        <div class="bench-log" id="bench-parts" tabindex="0" role="region" aria-label="Parts">
            @if ($held)<p class="note">Released to be built: it is changed with a reason alone. <a href="{{ route('release.show',
                $project) }}">Release</a></p>@endif
            <fieldset class="bench-fields" @disabled(! $may)>
                <legend class="unseen">The parts</legend>
                @fragment('log')
                    @unless ($late)<div id="bench-log">@include('section.log')</div>@endunless
                @endfragment
            </fieldset>
            @if ($may)<p class="log-add needs-script"><button type="button" @click="openParts">+ Add a part</button></p>
                <noscript><p><button class="go">Work it out</button></p></noscript>@endif
        </div>
        <div class="bench-plate" x-data="overlay" @fresh.window="fresh" @overlay-next.window="next"
            @overlay-step.window="step($event.detail)" @overlay-show.window="show($event.detail)" @pointermove="point"
            @pointerdown="point" @pointerleave="point" @resize.window="draw">
            @fragment('sides')
                <x-unit tag="nav" name="sides" class="bench-sides" id="bench-sides" aria-label="Sections of this design">
                    @foreach ($page->stretches() as $stretch)
                        <a href="{{ route('section.show', [$project, $option, ...$view->query($stretch->id)]) }}"
                            @if ($stretch->id === $view->stretch) aria-current="true" @endif>
                            {{ $stretch->label }} <span>{{ $format->format($stretch->length, \Ondergrond\Units\Quantity::Length)
                                }}</span></a>
                    @endforeach
                    <span class="bench-scale">1 : {{ (int) $page->scale }} <span class="legend"><i class="legend-sheet"></i> sheets
                        <i class="legend-air"></i> airtight @if ($option->design->standing->any())<i class="legend-stands"></i> stands
                        already @endif</span></span>
                </x-unit>
            @endfragment
            @fragment('drawing')
                <div class="bench-drawing" id="bench-drawing">
                    <x-unit name="drawing">{!! $page->svg !!}</x-unit>
                    <x-unit name="small" tag="a" class="bench-small"
                        :href="route('section.show', [$project, $option, ...$view->query(null, !
                        $view->detail)])">{!! $page->small !!}<span>{{ $view->detail ? 'Whole section' : 'Close to the edge'
                            }}</span></x-unit>
                    <x-unit name="field-sheet">
                        <script type="application/json" id="field-sheet" data-film="{{ route('frost.film', [...$same, 'of' =>
                            $print]) }}">{!! $page->sheet !!}</script>
                    </x-unit>
                    <x-unit name="vapour-sheet"><script type="application/json" id="vapour-sheet">{!! $page->vapour !!}</script></x-unit>
                </div>
            @endfragment
            @include('section.overlay')
            <div class="bench-word">
                <p class="word-stuck" x-show="$store.bench.mood !== 'calm' && $store.bench.mood !== 'busy'" x-cloak><span
                    x-text="$store.bench.said"></span> <button type="button" x-show="$store.bench.stuck"
                        @click="again">Try again</button></p>
                @fragment('change')
                    <x-unit name="change" tag="p" class="bench-change" id="bench-change">@if ($change !== null)<span>{{ $change->what
                        }}</span>@foreach ($change->did as $did) <b>{{ $did }}</b>@endforeach @if ($undoes)<button
                        form="bench" formaction="{{ route('section.undo', $same) }}">Undo<span class="unseen"> this</span></button>@endif
                        @else<span class="quiet">{{ \Ondergrond\Caution::TEXT }}</span>@endif</x-unit>
                @endfragment
            </div>
        </div>
        <div class="bench-side" id="bench-side" tabindex="0" role="region" aria-label="Findings and figures">
            @fragment('conflict')
                <div id="bench-conflict">
                    @if ($conflict)<x-conflict :conflict="$conflict" :reload="route('section.show', $same)" />@endif
                </div>
            @endfragment
            <div class="tabs needs-script-block" role="group" aria-label="What is shown below">
                <button type="button" data-core="findings" @click="pickCore">Findings</button>
                <button type="button" data-core="answers" @click="pickCore">To answer</button>
                <button type="button" data-core="notes" @click="pickCore">Read with it</button>
                <button type="button" class="tab-core" x-show="isCore()" x-cloak x-text="coreName()" aria-pressed="true"></button>
            </div>
            <section class="panel" data-panel="findings" aria-labelledby="findings-title" x-show="shows('findings')">
                <h2 id="findings-title" class="unseen">Findings</h2>
                @fragment('findings')
                    <div id="bench-findings">@include('section.findings')</div>
                @endfragment
            </section>
            <section class="panel" data-panel="answers" aria-labelledby="answers-title" x-show="shows('answers')">
                <h2 id="answers-title" class="unseen">To answer</h2>
                @fragment('answers')
                    <div id="bench-answers">@include('section.answers')</div>
                @endfragment
            </section>
            @fragment('cores')
                <x-unit name="core-heat" data-panel="heat" x-show="shows('heat')">@include('section.heat', ['rulings' =>
                    $judgement->rulings])</x-unit>
                <x-unit name="core-frost" data-panel="frost" x-show="shows('frost')">@include('section.frost', ['frost' =>
                    $page->frost, 'sizing' => route('studies.show', [$project, $option]).'#wing'])</x-unit>
                <x-unit name="core-damp" data-panel="damp" x-show="shows('damp')">@include('section.damp', ['damp' => $page->damp,
                    'whole' => route('damp.show', [$project, $option])])</x-unit>
                <x-unit name="core-mass" data-panel="mass" x-show="shows('mass')">@include('section.mass', ['mass' => $page->mass,
                    'whole' => route('mass.show', [$project, $option])])</x-unit>
                <x-unit name="core-load" data-panel="load" x-show="shows('load')">@include('section.load', ['rulings' =>
                    $judgement->rulings])</x-unit>
            @endfragment
            @fragment('notes')
                <x-unit tag="section" name="notes" class="panel bench-notes" id="bench-notes" aria-labelledby="notes-title"
                    data-panel="notes" x-show="shows('notes')">
                    @include('section.notes')
                </x-unit>
            @endfragment
        </div>
        <dialog class="parts" id="parts" aria-labelledby="parts-title">
            <div class="parts-head"><h2 id="parts-title">Add a part</h2> <button type="button" class="go"
                @click="closeParts">Close</button></div>
            <div id="parts-list"></div>
        </dialog>
    </form>
    @if ($may)
        <form id="look-for-wing" method="post" action="{{ route('studies.wing', [$project, $option]) }}">@csrf</form>
        <form id="say-at-site" method="post" action="{{ route('site.say', $same) }}">@csrf</form>
    @endif
    @include('section.keys')
</x-layout>
