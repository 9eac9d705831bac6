{{-- What ignoring each finding costs in heat; the bench's script puts each sentence at its finding. --}}
<div id="costs">
    @foreach ($costs as $rule => $words)<span data-cost="{{ $rule }}">{{ $words }}</span>@endforeach
</div>
