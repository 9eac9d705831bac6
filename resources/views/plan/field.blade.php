@if ($field->options === null)
    <x-input :name="$field->name" :label="$field->label" :value="$field->value" :data-grip="$field->grip" dir="auto"
        :list="str_ends_with($field->name, '.in_line') ? 'plan-names' : null" />
@else
    <x-choice :name="$field->name" :label="$field->label" :value="$field->value" :options="$field->options" />
@endif
