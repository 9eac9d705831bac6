{{-- What is not said yet: answered by one press where a word does it, else led to where it is filled in. --}}
@use('Ondergrond\Verdict\Severity')
@php $unknown = array_filter($judgement->findings, fn ($j) => $j->isOpen() && $j->finding->severity === Severity::NotChecked); @endphp
@if ($unknown === [] && $page->questions() === [])<p class="panel-empty">Nothing is left to answer.</p>@endif
<ol class="findings">
    @foreach ($unknown as $judged)<x-finding :judged="$judged" :format="$format" :may="$may" :project="$project" />@endforeach
</ol>
@if ($page->questions() !== [])
    <h3 class="answers-site">At the site</h3>
    <ol class="site-questions">
        @foreach ($page->questions() as $question)
            <li>
                @if ($may)
                    <a href="{{ route('site.edit', $project) }}{{ \App\View\SitePage::at('site.'.$question->key) }}"
                        data-answers="site.{{ $question->key }}">{{ $question->asks }}</a>
                @else {{ $question->asks }} @endif
                <span class="quiet">{{ $question->meanwhile }}</span>
            </li>
        @endforeach
    </ol>
@endif
