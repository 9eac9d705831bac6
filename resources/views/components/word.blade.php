{{-- A verdict's word with its shape, so that it never hangs on colour alone; of a ruling also who set aside what it hangs on. --}}
@props(['verdict' => null, 'ruling' => null])
@php
    $verdict ??= $ruling->word;
    $shape = ['holds' => '●', 'close' => '◆', 'fails' => '▲', 'disputed' => '≠', 'not checked' => '◌', 'shown' => '○'][$verdict->value];
@endphp
<span class="word word-{{ \Illuminate\Support\Str::slug($verdict->value) }}"><span aria-hidden="true">{{ $shape }}</span>
    {{ $ruling?->said() ?? $verdict->value }}</span>
