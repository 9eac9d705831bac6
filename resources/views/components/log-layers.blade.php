{{-- A list of layers, each with its material and thickness, one more or one less by a button. --}}
@props(['layers', 'path', 'label', 'may'])
<div class="layers">
    <p class="layers-name">{{ $label }}</p>
    @foreach ($layers as $i => $fields)
        <div class="wall-layer">
            @foreach ($fields as $field)<x-log-input :field="$field" />@endforeach
            @if ($may)<button name="act" value="remove:{{ $path }}:{{ $i }}" title="Take this layer out" aria-label="Take layer {{ $i + 1
                }} out: {{ $label }}">−</button>@endif
        </div>
    @endforeach
    @if ($may)<button class="layers-add" name="act" value="add:{{ $path }}" aria-label="Add a layer: {{ $label }}">+ layer</button>@endif
</div>
