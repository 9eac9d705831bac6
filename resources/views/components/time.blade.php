{{-- A moment: stored in UTC, rewritten by the page's script in the reader's own time. --}}
@props(['at'])
<time datetime="{{ $at->toIso8601ZuluString() }}">{{ $at->format('j M Y, H:i') }} UTC</time>
