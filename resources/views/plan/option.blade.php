@if ($page->project->options->count() > 1 || $page->option->isOnItsOwn())
    <form method="get" action="{{ route('plan.show', $page->project) }}" class="plan-layers">
        <label for="plan-option">With what this option puts on it</label>
        <select id="plan-option" name="option" data-go>
            @foreach ($page->project->options as $one)
                <option value="{{ $one->ulid }}" @selected($one->is($page->option))>{{ $one->name }}</option>
            @endforeach
        </select>
        <button class="no-script">Show</button>
    </form>
@endif
@if ($page->plan !== null)
    <form method="post" action="{{ route('plan.own', $page->project) }}" id="plan-own" data-live="pressed">
        @csrf @method('put')
        <input type="hidden" name="option" value="{{ $page->option->ulid }}">
        @if ($page->option->isOnItsOwn())
            <p class="note">This option has a whole plan of its own. It follows the project’s no longer: what is changed there passes it by.
                @if ($page->may)<button name="own" value="no">Follow the project’s again</button>@endif</p>
        @elseif ($page->project->options->count() > 1)
            <p class="hint">All options but those with a plan of their own stand on this one; where walls are thicker, the floor is
                smaller. @if ($page->may)<button name="own" value="yes">A plan of its own for this option</button>@endif</p>
        @endif
    </form>
@endif
