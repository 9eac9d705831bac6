{{-- A verdict's word with its shape, so that it never hangs on colour alone; of a ruling also who set aside what it hangs on, and
     whether the climate it hangs on is the site's own. `bare`: the shape stands for the word. --}}
@props(['verdict' => null, 'ruling' => null, 'bare' => false])
@php
    $verdict ??= $ruling->word;
    $shape = ['holds' => '●', 'close' => '◆', 'fails' => '▲', 'disputed' => '≠', 'not checked' => '◌', 'shown' => '○'][$verdict->value];
@endphp
@if ($ruling?->provisional)<i class="provisional">provisional</i> @endif
<span class="word word-{{ \Illuminate\Support\Str::slug($verdict->value) }}"><span aria-hidden="true">{{ $shape }}</span>
    <span @class(['unseen' => $bare])>{{ $ruling?->said() ?? $verdict->said() }}</span></span>
