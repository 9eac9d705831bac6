{{-- The three pages of setting out. --}}
<p class="plan-links survey-tabs">
    @foreach (['plan.set-out' => 'Sheet', 'plan.square' => 'Square it', 'plan.levels' => 'Levels', 'plan.walls' => 'Walls'] as $route
        => $label)
        <a href="{{ route($route, $project) }}" @if (request()->routeIs($route)) aria-current="page" @endif>{{ $label }}</a>
    @endforeach
    <a href="{{ route('plan.show', $project) }}">Plan</a>
</p>
