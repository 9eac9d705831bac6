{{-- How far a study is, and what ends it. --}}
@props(['study', 'page'])
@use('App\Models\StudyProgress')
@if ($study !== null)
    @php [$done, $of, $says] = [$study->progress['done'] ?? 0, $study->progress['of'] ?? 0, $study->progress['says'] ?? '']; @endphp
    <div class="study-state" @if (! $study->state->isOver()) data-pending role="status" @endif>
        <p><b>{{ ['queued' => 'Waiting for its turn', 'running' => 'Being worked out', 'done' => 'Worked out', 'stopped' =>
            'Stopped', 'failed' => 'Not worked out'][$study->state->value] }}</b>@if ($study->state === StudyProgress::Running && $of >
            0): {{ $done }} of {{ $of }}@endif. @if ($says !== '' && $study->state !== StudyProgress::Done){{ $says }}@endif
            Asked by <bdi>{{ $study->who }}</bdi>, <x-time :at="$study->created_at" />
            @if ($page->oldMethods($study) !== null) <b>Worked out by methods {{ $page->oldMethods($study) }}; they are at {{
                \Ondergrond\Version::METHODS }} now and may say otherwise: work it out again.</b>
            @elseif ($page->isOld($study)) <b>The design or its site has changed since: this is about what it was then.</b>@endif
            @if ($study->isSilent()) No worker has answered for a while; it goes on when Ondergrond is started again.@endif</p>
        @if ($study->state === StudyProgress::Running && $of > 0)<progress value="{{ $done }}" max="{{ $of }}"
            aria-label="done"></progress>@endif
        @if (! $study->state->isOver() && $page->may)
            <form method="post" action="{{ route('studies.stop', [$page->project, $page->option, $study])
                }}">@csrf @method('delete')<button>Stop</button></form>
        @endif
    </div>
@endif
