<x-layout :title="$page->project->name.', '.$page->option->name" :project="$page->project" :option="$page->option" class="bench-page">
    <h1 class="unseen">Section of {{ $page->project->name }}, {{ $page->option->name }}</h1>
    <div class="bench bench-shared">
        <div class="bench-face">
            <div class="bench-plate" x-data="overlay" @pointermove="point" @pointerdown="point" @pointerleave="point" @resize.window="draw">
            <div class="bench-drawing" id="bench-drawing">
                <x-pens />
                {!! $page->svg !!}
                <script type="application/json" id="field-sheet">{!! $page->sheet !!}</script>
                <script type="application/json" id="vapour-sheet">{!! $page->vapour !!}</script>
            </div>
            @include('section.overlay', ['film' => false])
            <div class="bench-files"><p>Scale 1 : {{ (int) $page->scale }}</p><p>For <bdi>{{ $share->made_for }}</bdi>, until
                <x-time :at="$share->expires_at" :zone="$share->project->site->timeZone" /></p></div>
            </div>
            @foreach ($others as [$label, $svg])
                <figure class="bench-plate"><figcaption class="side-name">{{ $label }}</figcaption><div class="bench-drawing">{!! $svg
                    !!}</div></figure>
            @endforeach
            <div class="bench-cores">
                @include('section.heat', ['rulings' => $page->judgement->rulings, 'heat' => $page->heat, 'field' =>
                    $page->field, 'format' => $page->format])
                @include('section.frost', ['frost' => $page->frost])
                @include('section.damp', ['damp' => $page->damp])
                @include('section.mass', ['mass' => $page->mass])
                @include('section.load', ['rulings' => $page->judgement->rulings, 'load' => $page->load, 'format' => $page->format, 'may' =>
                    false])
            </div>
            <section class="bench-findings" aria-labelledby="findings-title">
                @include('section.findings', ['judgement' => $page->judgement, 'project' => $page->project, 'option' =>
                    $page->option, 'format' => $page->format, 'may' => false])
            </section>
            <section class="bench-notes" aria-labelledby="notes-title">
                @include('section.notes', ['heat' => $page->heat, 'field' => $page->field, 'format' => $page->format, 'view' =>
                    $page->view, 'option' => $page->option, 'junctions' => $page->junctions])
            </section>
        </div>
    </div>
</x-layout>
