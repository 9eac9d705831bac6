{{-- What a form was made from: the revision whose values its fields show, and how they are written. Fields that come back as
     they were typed keep what they were made from. --}}
@props(['head', 'format', 'again' => false])
@php
    $revision = $again ? old('revision') : null;
    $written = $again ? old(\App\Forms\Reader::FIELD) : null;
@endphp
<input type="hidden" name="revision" value="{{ is_numeric($revision) ? (int) $revision : $head->id }}">
<input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ is_string($written) ? $written : \App\Forms\Reader::name($format)
    }}">
