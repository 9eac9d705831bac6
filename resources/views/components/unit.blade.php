{{-- A piece of a page that its script takes in by itself: sent empty where it is shown already. --}}
@props(['name', 'tag' => 'div'])
@inject('have', 'App\View\Have')
@php
    $html = trim((string) $slot);
    $print = $have::print($attributes.$html);
    $same = $have->shows($name, $print);
@endphp
<{{ $tag }} data-unit="{{ $name }}" data-print="{{ $print }}" @if ($same) data-same
    @endif {{ $attributes }}>@unless ($same){!! $html !!}@endunless</{{ $tag }}>
