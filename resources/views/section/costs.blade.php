{{-- What ignoring each finding costs in heat and what its remedy makes worse by the fields; the script puts each at its finding. --}}
<div id="costs">
    @foreach ($costs as $rule => $of)
        <span data-cost="{{ $rule }}">{{ $of['cost'] }}</span><span data-worse="{{ $rule }}">{{ $of['worse'] === null ? '' :
            "But {$of['worse']}." }}</span>
    @endforeach
</div>
