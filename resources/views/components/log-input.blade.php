{{-- One field of a log row: picked or typed. --}}
@props(['field'])
@if ($field->options !== null)
    <x-choice plain :name="$field->name" :label="$field->label" :value="$field->value" :options="$field->options" :refused="$field->refused"
        />
@else
    <x-input plain :name="$field->name" :label="$field->label" :value="$field->value" :sizes="$field->sizes" :inputmode="$field->pad" />
@endif
