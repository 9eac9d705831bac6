{{-- A core that what takes long has changed: its detail, and its cell in the strip. --}}
@include($piece)
<div data-cell><x-core-cell :core="$core" /></div>
