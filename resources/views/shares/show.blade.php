@php [$project, $option] = [$page->project, $page->option]; @endphp
<x-layout :title="$project->name.', '.$option->name" :project="$project" :option="$option" class="page page-wide client-page">
    <div class="page-head"><h1><bdi>{{ $project->name }}</bdi></h1></div>
    <p class="lead"><bdi>{{ $option->name }}</bdi>. Made by <bdi>{{ $project->firm->name }}</bdi> for
        <bdi>{{ $share->made_for }}</bdi>. This
        page is live: it shows the design as it stands, last changed <x-time :at="$option->updated_at" :zone="$project->site->timeZone" />.
        The link works until <x-time :at="$share->expires_at" :zone="$project->site->timeZone" />.</p>
    <div class="strip" role="group" aria-label="Verdicts">@foreach ($page->cores() as $core)<div class="cell"><x-core-cell :core="$core"
        /></div>@endforeach</div>
    <section aria-labelledby="means-title">
        <h2 id="means-title">What it means</h2>
        <ol class="means">@foreach ($client->sentences() as $sentence)<li>{{ $sentence }}</li>@endforeach</ol>
    </section>
    <section aria-labelledby="drawn-title">
        <h2 id="drawn-title">How it is built</h2>
        <div class="client-drawn">
            <div class="bench-plate" x-data="overlay" @pointermove="point" @pointerdown="point" @pointerleave="point" @resize.window="draw">
                <div class="bench-drawing" id="bench-drawing">
                    <x-pens />
                    <div data-unit="drawing">{!! $page->svg !!}</div>
                    <script type="application/json" id="field-sheet">{!! $page->sheet !!}</script>
                    <script type="application/json" id="vapour-sheet">{!! $page->vapour !!}</script>
                </div>
                @include('section.overlay', ['film' => false])
            </div>
            <table class="client-key"><caption>What the numbers stand for, in the order it is laid; scale 1 : {{ (int) $page->scale
                }}</caption><tbody>
                @foreach ($client->key() as [$number, $part, $size])<tr><td><b class="log-no-round">{{ $number }}</b></td><th scope="row">{{
                    $part }}</th><td>{{ $size }}</td></tr>@endforeach
            </tbody></table>
        </div>
        @foreach ($others as [$label, $svg])
            <figure class="client-side"><figcaption class="side-name">{{ $label }}</figcaption><div class="bench-drawing"><div
                data-unit="drawing">{!! $svg !!}</div></div></figure>
        @endforeach
    </section>
    <section aria-labelledby="findings-title">
        <h2 id="findings-title">What the rules find</h2>
        @include('section.findings', ['judgement' => $page->judgement, 'project' => $project, 'option' => $option, 'format' =>
            $page->format, 'may' => false])
        @include('section.answers', ['judgement' => $page->judgement, 'project' => $project, 'format' => $page->format, 'may' => false])
    </section>
    <section aria-labelledby="figures-title">
        <h2 id="figures-title">The figures</h2>
        <div class="client-cores">
            @include('section.heat', ['rulings' => $page->judgement->rulings, 'heat' => $page->heat, 'field' =>
                $page->field, 'format' => $page->format])
            @include('section.frost', ['frost' => $page->frost])
            @include('section.damp', ['damp' => $page->damp])
            @include('section.mass', ['mass' => $page->mass])
            @include('section.load', ['rulings' => $page->judgement->rulings, 'load' => $page->load, 'format' => $page->format, 'may' =>
                false])
        </div>
    </section>
    <section class="bench-notes" aria-labelledby="notes-title">
        @include('section.notes', ['heat' => $page->heat, 'field' => $page->field, 'format' => $page->format, 'view' =>
            $page->view, 'option' => $option, 'junctions' => $page->junctions])
    </section>
</x-layout>
