@foreach ($page->remarks($place) as $remark)
    <p class="remark remark-{{ Str::slug($remark->severity->value) }}"><b>{{ $remark->severity->value }}</b>: {{
        $remark->said->in($page->format) }}. <span class="quiet">{{ ucfirst($remark->why) }}.</span></p>
@endforeach
