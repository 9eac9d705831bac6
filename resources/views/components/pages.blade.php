{{-- The way through a long list. --}}
@props(['page', 'newer' => 'Before', 'older' => 'After'])
@if ($page->hasPages())
    <nav class="pages" aria-label="Pages">
        @if ($page->previousPageUrl())<a href="{{ $page->previousPageUrl() }}" rel="prev">{{ $newer }}</a>@endif
        <span>page {{ $page->currentPage() }}</span>
        @if ($page->nextPageUrl())<a href="{{ $page->nextPageUrl() }}" rel="next">{{ $older }}</a>@endif
    </nav>
@endif
