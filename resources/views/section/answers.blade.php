{{-- What is not said yet: answered by one press where a word does it, else led to where it is filled in. --}}
@use('Ondergrond\Rules\Severity')
@php $unknown = array_filter($judgement->findings, fn ($j) => $j->isOpen() && $j->finding->severity === Severity::NotChecked); @endphp
@if ($unknown === [])<p class="panel-empty">Nothing is left to answer.</p>@endif
<ol class="findings">
    @foreach ($unknown as $judged)<x-finding :judged="$judged" :format="$format" :may="$may" :project="$project" />@endforeach
</ol>
