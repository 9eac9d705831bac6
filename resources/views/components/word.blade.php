{{-- A verdict's word with its shape, so that it never hangs on colour alone. --}}
@props(['verdict'])
@php $shape = ['holds' => '●', 'close' => '◆', 'fails' => '▲', 'not checked' => '◌', 'shown' => '○'][$verdict->value]; @endphp
<span class="word word-{{ \Illuminate\Support\Str::slug($verdict->value) }}"><span aria-hidden="true">{{ $shape }}</span> {{ $verdict->value }}</span>
