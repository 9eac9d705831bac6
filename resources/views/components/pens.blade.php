<svg class="unseen" aria-hidden="true" width="1" height="1">{!! $patterns !!}</svg>
