<x-layout title="Glossary" class="page">
    <h1>Glossary</h1>
    <p class="lead">The words that stand on these pages, as this program uses them.</p>
    <dl class="terms">
        @foreach ($terms as $term)
            <div id="{{ \Illuminate\Support\Str::slug($term->word) }}">
                <dt>{{ $term->word }} @if ($term->symbol !== '')<span>{{ $term->symbol }}</span>@endif</dt>
                <dd>{{ $term->meaning }}</dd>
            </div>
        @endforeach
    </dl>
</x-layout>
