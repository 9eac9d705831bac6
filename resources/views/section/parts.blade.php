{{-- What may be put in, each drawn where it would go, and why the rest may not. --}}
<div id="parts-list">
    <ul class="parts-list">
        @foreach ($parts as $one)
            <li class="{{ $one->why === '' ? '' : 'parts-not' }}">
                @if ($one->why === '')
                    <button name="act" value="put:{{ $one->part->value }}">{!! $one->svg !!}<b>{{ $one->part->label() }}</b>
                        <span>{{ $one->size
                        }}</span> <span class="hint">{{ lcfirst($one->group->label()) }}</span></button>
                @else
                    <p><b>{{ $one->part->label() }}</b> <span class="hint">Not here: {{ $one->why }}.</span></p>
                @endif
            </li>
        @endforeach
    </ul>
</div>
