{{-- The hatches that drawings on this page lay over their areas, once a page. --}}
<svg class="unseen" aria-hidden="true" width="1" height="1">{!! \Ondergrond\Exchange\SvgPatterns::all() !!}</svg>
