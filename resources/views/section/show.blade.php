@php
    [$project, $option, $format, $view] = [$page->project, $page->option, $page->format, $page->view];
    [$heat, $field, $log] = [$page->heat, $page->field, $page->log];
    [$junctions, $load, $judgement] = [$page->junctions, $page->load, $page->judgement];
    $same = [$project, $option, ...$view->query()];
@endphp
<x-layout :title="$project->name.', '.$option->name" :project="$project" :option="$option" class="bench-page">
    @if ($whole)<x-hatches :materials="$log->materials()" />
        <script type="application/json" id="size-lists">@json($log->sizeLists())</script>@endif
    <h1 class="unseen">Section of {{ $project->name }}, {{ $option->name }}</h1>
    <form class="bench" method="post" action="{{ route('section.update', $same) }}" novalidate
        data-show="{{ route('section.show', $same) }}" data-ahead="{{ route('section.ahead', [...$same, 'field' => 'rough']) }}"
            @if ($may) data-may @endif @if (auth()->user()->single_keys) data-keys @endif
        x-data="bench" @change="changed" @submit.prevent="submitted" @mouseover="point" @mouseleave="point" @focusin="point"
        @click="pick" @pointerdown="grab" @keydown="step" @keydown.window="key" @focus.window="resume" @online.window="resume"
            @beforeunload.window="leave">
        @csrf @method('put')
        {{-- Enter in a field presses a form's first button: this one, never Undo. --}}
        <button class="unseen" tabindex="-1">Save</button>
        <div class="bench-log">
            @include('section.options')
            @if ($held)<p class="note">Released to be built: it is changed with a reason alone. <a href="{{ route('release.show',
                $project) }}">Release</a></p>@endif
            @include('section.state')
            <fieldset class="bench-fields" @disabled(! $may)>
                <legend class="unseen">The parts</legend>
                @fragment('log')
                    @unless ($late)<div id="bench-log">@include('section.log')</div>@endunless
                @endfragment
            </fieldset>
        </div>
        <div class="bench-face">
            <div class="bench-plate" x-data="overlay" @fresh.window="fresh" @overlay-next.window="next"
                @overlay-step.window="step($event.detail)" @pointermove="point" @pointerdown="point" @pointerleave="point"
                @resize.window="draw">
            @fragment('sides')
                <x-unit tag="nav" name="sides" class="bench-sides" id="bench-sides" aria-label="Sections of this design">
                    @foreach ($page->stretches() as $stretch)
                        <a href="{{ route('section.show', [$project, $option, ...$view->query($stretch->id)]) }}"
                            @if ($stretch->id === $view->stretch) aria-current="true" @endif>
                            {{ $stretch->label }} <span>{{ $format->format($stretch->length, \Ondergrond\Units\Quantity::Length)
                                }}</span></a>
                    @endforeach
                    <a class="bench-tally" href="#bench-findings"><x-tally :judgement="$judgement" /></a>
                    <a class="bench-zoom" href="{{ route('section.show', [$project, $option, ...$view->query(null, ! $view->detail)]) }}">{{
                        $view->detail ? 'Whole section' : 'Zoom to the edge' }}</a>
                </x-unit>
            @endfragment
            @fragment('drawing')
                <div class="bench-drawing" id="bench-drawing">
                    <x-unit name="drawing">{!! $page->svg !!}</x-unit>
                    <x-unit name="field-sheet">
                        <script type="application/json" id="field-sheet" data-film="{{ route('frost.film', [...$same, 'of' =>
                            $print]) }}">{!! $page->sheet !!}</script>
                    </x-unit>
                    <x-unit name="vapour-sheet"><script type="application/json" id="vapour-sheet">{!! $page->vapour !!}</script></x-unit>
                </div>
            @endfragment
            @include('section.overlay')
            @fragment('files')
                <x-unit name="files" class="bench-files" id="bench-files">
                    <p>Scale 1 : {{ (int) $page->scale }} <span class="legend"><i class="legend-sheet"></i> sheets
                        <i class="legend-air"></i> airtight line</span></p>
                    <p><a href="{{ route('section.drawing', $same) }}" download>SVG</a> ·
                        <a href="{{ route('section.drawing', [...$same, 'levels' => 1]) }}" download>with levels</a> ·
                        <a href="{{ route('section.drawing', [...$same, 'water' => 1]) }}" download>with water</a> ·
                        <a href="{{ route('section.drawing', [...$same, 'month' => (int) round($heat->floor->outdoor->coldest)]) }}"
                        download>with temperatures</a> · <a href="{{ route('section.drawing', [...$same, 'frost' =>
                        1]) }}" download>with frost</a> · <a href="{{ route('section.dxf', $same) }}" download>DXF</a> ·
                        <a href="{{ route('section.field', $same) }}" download>Field, VTK</a> ·
                        <a href="{{ route('section.assessment', [$project, $option]) }}" download>Assessment, JSON</a> ·
                        <a href="{{ route('projects.export', $project) }}" download>Project, JSON</a></p>
                </x-unit>
            @endfragment
            </div>
            @fragment('cores')
                <div class="bench-cores" id="bench-cores">
                    <x-unit name="core-heat">@include('section.heat', ['rulings' => $judgement->rulings])</x-unit>
                    <x-unit name="core-frost">@include('section.frost', ['frost' => $page->frost, 'sizing' =>
                        route('studies.show', [$project, $option]).'#wing'])</x-unit>
                    <x-unit name="core-damp">@include('section.damp', ['damp' => $page->damp, 'whole' =>
                        route('damp.show', [$project, $option])])</x-unit>
                    <x-unit name="core-mass">@include('section.mass', ['mass' => $page->mass, 'whole' =>
                        route('mass.show', [$project, $option])])</x-unit>
                    <x-unit name="core-load">@include('section.load', ['rulings' => $judgement->rulings])</x-unit>
                </div>
            @endfragment
            @fragment('findings')
                <section class="bench-findings" id="bench-findings" aria-labelledby="findings-title">
                    @include('section.findings')
                </section>
            @endfragment
            @fragment('notes')
                <x-unit tag="section" name="notes" class="bench-notes" id="bench-notes" aria-labelledby="notes-title">
                    @include('section.notes')
                </x-unit>
            @endfragment
        </div>
    </form>
    @include('section.keys')
</x-layout>
