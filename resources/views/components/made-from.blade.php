{{-- What a form was made from: the revision whose values its fields show, and how they are written. Fields that come back as
     they were typed keep what they were made from. --}}
@props(['head', 'format', 'again' => false, 'form' => null])
@php
    $revision = $again ? old('revision') : null;
    $written = $again ? old(\App\Forms\Reader::FIELD) : null;
@endphp
<input type="hidden" @if ($form) form="{{ $form }}" @endif name="revision" value="{{ is_numeric($revision) ? (int) $revision : $head->id
    }}">
<input type="hidden" @if ($form) form="{{ $form }}" @endif name="{{ \App\Forms\Reader::FIELD }}" value="{{ is_string($written) ? $written :
    \App\Forms\Reader::name($format)
    }}">
