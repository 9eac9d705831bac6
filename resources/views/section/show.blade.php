@use('Ondergrond\Units\Quantity')
<x-layout :title="$project->name.', '.$option->name" :project="$project" :option="$option" :format="$format" class="bench-page">
    <h1 class="unseen">Section of {{ $project->name }}, {{ $option->name }}</h1>
    <form class="bench" method="post" action="{{ route('section.update', [$project, $option]) }}" novalidate
        x-data="bench" @change="save" @submit.prevent="save" @mouseover="point" @mouseleave="point" @focusin="point" @click="pick" @ajax:merge="keepFolds">
        @csrf @method('put')
        <div class="bench-log" id="bench-log" x-merge="morph">
            @include('section.log')
        </div>
        <div class="bench-face">
            <div class="bench-drawing" id="bench-drawing">
                {!! $svg !!}
                <p class="bench-scale">Scale 1 : {{ (int) $scale }}
                    <span class="bench-files"><a href="{{ route('section.drawing', [$project, $option]) }}" download>SVG</a> · <a href="{{ route('section.assessment', [$project, $option]) }}" download>Assessment, JSON</a> · <a href="{{ route('projects.export', $project) }}" download>Project, JSON</a></span></p>
            </div>
            <div class="bench-cores" id="bench-cores">
                @include('section.heat')
            </div>
            <section class="bench-notes" id="bench-notes" aria-labelledby="notes-title">
                @include('section.notes')
            </section>
        </div>
    </form>
</x-layout>
