{{-- How many findings of each weight, with their shapes; what is to be answered is counted apart. --}}
@props(['judgement', 'all' => false])
@use('Ondergrond\Verdict\Severity')
@php $any = false; @endphp
<span class="tally">
    @foreach (Severity::cases() as $severity)
        @if (($all || $severity !== Severity::NotChecked) && ($n = $judgement->count($severity)) > 0)@php $any = true; @endphp<span
            class="weight weight-{{ \Illuminate\Support\Str::slug($severity->value) }}"><x-weight :severity="$severity" bare />
            {{ $n }} {{ $severity->value }}</span>@endif
    @endforeach
    @if (! $any)<span>nothing found</span>@endif
    @if ($judgement->setAside() > 0)<span>{{ $judgement->setAside() }} set aside</span>@endif
</span>
