{{-- What the site does not say and verdicts hang on, the weightiest first; each leads to where it is answered. --}}
@if ($page->questions === [])
    <p>Nothing is left to answer at the site. <a href="{{ route('section.show', $page->project) }}">To the section</a></p>
@else
    <h2>Still to answer</h2>
    <ol>
        @foreach ($page->questions as $question)
            <li><a href="{{ $page->at('site.'.$question->key) }}" title="{{ $question->meanwhile }}">{{ $question->asks }}</a></li>
        @endforeach
    </ol>
@endif
