{{-- A moment: stored in UTC; written in the site's own time where there is a site, else rewritten by the page's script in the reader's.
    --}}
@props(['at', 'zone' => null])
@if ($zone !== null)
<time datetime="{{ $at->toIso8601ZuluString() }}" data-zone="{{ $zone }}" title="{{ str_replace('_', ' ', $zone) }}">{{
    $at->setTimezone($zone)->format('j M Y, H:i') }}</time>@else
<time datetime="{{ $at->toIso8601ZuluString() }}">{{ $at->format('j M Y, H:i') }} UTC</time>@endif
