{{-- As x-input and x-choice write a field; a plan has hundreds, and a component takes ten times as long. --}}
@php
    $bad = $errors->has($field->name);
    $typed = old($field->name);
    $value = is_string($typed) ? $typed : $field->value;
@endphp
<div class="field @if ($bad) field-bad @endif">
    <label for="{{ $field->id() }}">{{ $field->label }}</label>
    @if ($field->options === null)
        <input id="{{ $field->id() }}" name="{{ $field->html() }}" type="text" value="{{ $value }}" autocomplete="off" dir="auto"
            @if ($field->grip !== '') data-grip="{{ $field->grip }}" @endif @if ($field->dimension !== '') data-dimension="{{
            $field->dimension }}" @endif @if ($field->isNamed()) list="plan-names" @endif @if ($bad) aria-invalid="true"
            aria-describedby="{{ $field->id() }}-wrong" @endif>
    @else
        <select id="{{ $field->id() }}" name="{{ $field->html() }}" @if ($bad) aria-invalid="true" aria-describedby="{{ $field->id()
            }}-wrong" @endif>@foreach ($field->options as $key => $words)<option value="{{ $key }}" @selected((string) $key === $value)>{{
            $words }}</option>@endforeach</select>
    @endif
    @if ($bad)<p class="wrong" id="{{ $field->id() }}-wrong">@foreach ($errors->get($field->name) as $message){{ $message }}
        @endforeach</p>@endif
</div>
