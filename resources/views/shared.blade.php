<x-layout :title="$page->project->name.', '.$page->option->name" :project="$page->project" :option="$page->option" class="bench-page">
    <h1 class="unseen">Section of {{ $page->project->name }}, {{ $page->option->name }}</h1>
    <div class="bench bench-shared">
        <div class="bench-face">
            <div class="bench-drawing">
                {!! $page->svg !!}
                <p class="bench-scale">Scale 1 : {{ (int) $page->scale }} <span>For <bdi>{{ $share->made_for }}</bdi>, until <x-time :at="$share->expires_at" /></span></p>
            </div>
            <div class="bench-cores">
                @include('section.heat', ['heat' => $page->heat, 'format' => $page->format])
            </div>
            <section class="bench-notes" aria-labelledby="notes-title">
                @include('section.notes', ['heat' => $page->heat, 'format' => $page->format])
            </section>
        </div>
    </div>
</x-layout>
