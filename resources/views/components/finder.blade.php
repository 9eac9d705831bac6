{{-- Narrows a table down to the rows that have a word, and where there are weights, to those that may find one. --}}
@props(['of', 'label', 'weights' => []])
<div class="finder needs-script-block" x-data="finder" data-of="{{ $of }}">
    <label for="find-{{ $of }}">{{ $label }}</label>
    <input id="find-{{ $of }}" type="search" autocomplete="off" @input="narrow" x-ref="word">
    @if ($weights !== [])
        <label for="weight-{{ $of }}">that may find</label>
        <select id="weight-{{ $of }}" @change="narrow" x-ref="weight">
            <option value="">anything</option>
            @foreach ($weights as $weight)<option value="{{ $weight->value }}">a {{ $weight->value }}</option>@endforeach
        </select>
    @endif
    <output aria-live="polite" x-text="said"></output>
</div>
