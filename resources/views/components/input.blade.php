{{-- A field of a form with its label, what was typed last and what is wrong with it. $name is a path with dots; $sizes are
     those that arrow keys step through, and how many of them are smaller than the stored one. --}}
@props(['name', 'label', 'value' => '', 'hint' => null, 'plain' => false, 'sizes' => []])
@php
    $id = str_replace('.', '-', $name);
    $parts = explode('.', $name);
    $html = array_shift($parts).implode('', array_map(fn ($p) => "[{$p}]", $parts));
    $typed = old($name);
    $bad = $errors->has($name);
@endphp
<div class="field @if ($plain) field-plain @endif @if ($bad) field-bad @endif">
    <label for="{{ $id }}">{{ $label }}</label>
    <input id="{{ $id }}" name="{{ $html }}" type="text" value="{{ is_string($typed) ? $typed : $value }}" autocomplete="{{
        $attributes->get('autocomplete', 'off') }}"
        @if ($bad) aria-invalid="true" aria-describedby="{{ $id }}-wrong" @elseif ($hint) aria-describedby="{{ $id }}-hint" @endif
        @if ($sizes !== []) data-sizes="{{ $sizes['list'] }}" data-below="{{ $sizes['below'] }}" @endif
        {{ $attributes->except('autocomplete') }}>
    @if ($hint && ! $bad)<p class="hint" id="{{ $id }}-hint">{{ $hint }}</p>@endif
    @if ($bad)<p class="wrong" id="{{ $id }}-wrong">@foreach ($errors->get($name) as $message){{ $message }} @endforeach</p>@endif
</div>
