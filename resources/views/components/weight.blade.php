{{-- A finding's weight with its shape, so that it never hangs on colour alone. --}}
@props(['severity', 'bare' => false])
@php $shape = ['stop' => '▲', 'fix' => '◆', 'note' => '○', 'not checked' => '◌'][$severity->value]; @endphp
<span class="weight weight-{{ \Illuminate\Support\Str::slug($severity->value) }}"><span aria-hidden="true">{{ $shape
    }}</span>@unless ($bare) {{ $severity->value }}@endunless</span>
