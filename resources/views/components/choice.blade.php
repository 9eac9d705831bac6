{{-- A pick list: $options is value => words; $refused what may not be picked, with the reason. --}}
@props(['name', 'label', 'options', 'value' => '', 'plain' => false, 'refused' => []])
@php
    $id = str_replace('.', '-', $name);
    $parts = explode('.', $name);
    $html = array_shift($parts).implode('', array_map(fn ($p) => "[{$p}]", $parts));
    $picked = old($name, $value);
    $bad = $errors->has($name);
@endphp
<div class="field @if ($plain) field-plain @endif @if ($bad) field-bad @endif">
    <label for="{{ $id }}">{{ $label }}</label>
    <select id="{{ $id }}" name="{{ $html }}" @if ($bad) aria-invalid="true" aria-describedby="{{ $id }}-wrong" @endif {{ $attributes }}>
        @foreach ($options as $key => $words)
            <option value="{{ $key }}" @selected((string) $key === (is_string($picked) ? $picked : ''))>{{ $words }}</option>
        @endforeach
        @if ($refused !== [])
            <optgroup label="Not here">
                @foreach ($refused as $words)<option disabled>{{ $words }}</option>@endforeach
            </optgroup>
        @endif
    </select>
    @if ($bad)<p class="wrong" id="{{ $id }}-wrong">@foreach ($errors->get($name) as $message){{ $message }} @endforeach</p>@endif
</div>
