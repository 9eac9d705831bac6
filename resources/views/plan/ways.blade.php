<p class="undo" id="plan-ways">
    @foreach (['undo' => $page->undo(), 'redo' => $page->redo()] as $way => $what)
        <button form="plan-{{ $way }}" data-press="{{ $way === 'undo' ? 'u' : 'r' }}" @disabled($what === null)>{{ ucfirst($way) }}</button>
    @endforeach
    <span class="hint" role="status" data-said></span>
    <button type="button" data-again hidden>Try again</button>
</p>
@foreach (['undo', 'redo'] as $way)
    <form method="post" action="{{ route('plan.'.$way, $page->project) }}" id="plan-{{ $way }}" data-live>@csrf @method('put')
        @include('plan.asked')</form>
@endforeach
