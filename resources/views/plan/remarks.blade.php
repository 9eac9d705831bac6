@php $which = []; @endphp
@foreach ($page->remarks($place) as $remark)
    @php $which[$remark->id] = ($which[$remark->id] ?? -1) + 1; @endphp
    <div class="remark remark-{{ Str::slug($remark->severity->value) }}"><p><b>{{ $remark->severity->value }}</b>: {{
        $remark->said->in($page->format) }}. @if ($remark->reason !== ''){{ $remark->reason }} @endif<span class="quiet">{{ ucfirst(
        $remark->why) }}.</span></p>
    @if ($remark->mend !== null && $page->may)<p class="mend"><button name="act" value="mend:{{ $place }}|{{ $remark->id }}|{{
        $which[$remark->id] }}">{{ $remark->mend->words->in($page->format) }}</button></p>@endif</div>
@endforeach
