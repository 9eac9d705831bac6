@props(['name', 'label', 'hint' => null, 'autocomplete' => 'new-password'])
@php $bad = $errors->has($name); @endphp
<div class="field @if ($bad) field-bad @endif">
    <label for="{{ $name }}">{{ $label }}</label>
    <input id="{{ $name }}" name="{{ $name }}" type="password" autocomplete="{{ $autocomplete }}" required
        @if ($bad) aria-invalid="true" aria-describedby="{{ $name }}-wrong" @elseif ($hint) aria-describedby="{{ $name }}-hint" @endif>
    @if ($hint && ! $bad)<p class="hint" id="{{ $name }}-hint">{{ $hint }}</p>@endif
    @if ($bad)<p class="wrong" id="{{ $name }}-wrong">{{ implode(' ', $errors->get($name)) }}</p>@endif
</div>
