@use('App\View\PlanLayers')
<form method="get" action="{{ route('plan.show', $page->project) }}" class="plan-layers" id="plan-layers">
    @if (isset($page->asked()['option']))<input type="hidden" name="option" value="{{ $page->option->ulid }}">@endif
    <label for="plan-show">Laid over it</label>
    <select id="plan-show" name="show" data-go>
        <option value="">nothing</option>
        @foreach (PlanLayers::ALL as $key => $label)
            <option value="{{ $key }}" @selected($page->layer?->which === $key)>{{ $label }}</option>
        @endforeach
    </select>
    <button class="no-script">Show</button>
    @if ($page->layer)<span class="hint" id="plan-layer" @if ($page->layer->pending) data-pending @endif>{{
        $page->layer->words }}</span>@endif
</form>
