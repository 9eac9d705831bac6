{{-- A list of layers or of other things, each with what is said of it, one more or one less by a button. --}}
@props(['layers', 'path', 'label', 'may', 'one' => 'layer'])
<div class="layers {{ count($layers[0] ?? []) > 2 ? 'layers-said' : '' }}">
    <p class="layers-name">{{ $label }}</p>
    @foreach ($layers as $i => $fields)
        <div class="wall-layer">
            @if (count($fields) > 2)<p class="layers-one">{{ ucfirst($one) }} {{ $i + 1 }}</p>@endif
            @foreach ($fields as $field)<x-log-input :field="$field" />@endforeach
            @if ($may)<button name="act" value="remove:{{ $path }}:{{ $i }}" title="Take this {{ $one }} out" aria-label="Take {{ $one
                }} {{ $i + 1 }} out: {{ $label }}">−</button>@endif
        </div>
    @endforeach
    @if ($may)<button class="layers-add" name="act" value="add:{{ $path }}" aria-label="Add a {{ $one }}: {{ $label }}">+ {{ $one
        }}</button>@endif
</div>
