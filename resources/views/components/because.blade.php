{{-- What a verdict hangs on, where that is a finding and not its own sums. --}}
@props(['ruling', 'format'])
@use('Ondergrond\Verdict\Severity')
@if ($ruling->worst !== null && $ruling->worst->severity !== Severity::Note)
    <p class="core-says core-because">{{ ucfirst($ruling->worst->severity->value) }}: {{ $ruling->worst->said->in($format)
        }}@if ($ruling->aside !== null) Set aside by <bdi>{{ $ruling->aside->by }}</bdi>: “<bdi>{{ $ruling->aside->reason
        }}</bdi>”.@endif</p>
@endif
