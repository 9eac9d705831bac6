@if ($field->options === null)
    <x-input :name="$field->name" :label="$field->label" :value="$field->value" :data-grip="$field->grip" dir="auto" />
@else
    <x-choice :name="$field->name" :label="$field->label" :value="$field->value" :options="$field->options" />
@endif
