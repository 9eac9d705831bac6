<svg class="unseen" aria-hidden="true" width="1" height="1">{!! $symbols !!}</svg>
<x-pens />
