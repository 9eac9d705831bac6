{{-- The five verdicts, always in sight, and how much is still to be done. --}}
@foreach ($page->cores() as $core)
    <x-unit tag="button" type="button" :name="'strip-'.$core->slug" class="cell" data-core="{{ $core->slug }}" aria-pressed="false"
        x-on:click="pickCore"><x-core-cell :core="$core" /></x-unit>
@endforeach
<x-unit tag="button" type="button" name="strip-tally" class="cell cell-tally" data-core="findings" aria-pressed="true"
    x-on:click="pickCore">
    <x-tally :judgement="$judgement" />
    @php $unknown = $judgement->count(\Ondergrond\Verdict\Severity::NotChecked); @endphp
    @if ($page->project->site->climate->source->isProvisional())<span class="provisional">climate {{
        $page->project->site->climate->source->label() }}</span>@endif
    <span class="cell-says">@if ($unknown > 0)<b>{{ $unknown }}</b> to answer before this is final @elseif (($left =
        count($page->questions())) > 0) the site leaves <b>{{ $left }}</b> open @else nothing is left to answer @endif</span>
</x-unit>
