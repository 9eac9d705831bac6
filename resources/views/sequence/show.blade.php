<x-layout :title="'Sequence of '.$page->project->name" :project="$page->project" :option="$page->job->option" class="page sequence">
    <div class="page-head"><h1>Sequence</h1> @if ($page->schedule)<a href="{{ route('sequence.calendar', $page->project) }}">As a calendar
        file</a>@endif</div>
    <x-wrong what="Not saved" />
    @if ($page->may)
        <details class="more" @if ($page->schedule === null || $errors->any()) open @endif>
            <summary>{{ $page->schedule === null ? 'Set the first day' : 'First day, holidays, waiting' }}</summary>
            <form method="post" action="{{ route('sequence.update', $page->project) }}" class="days sheet-acts">
                @csrf @method('put')
                <x-input name="start" label="First day" :value="$page->job->option->days()->start" inputmode="numeric" hint="year-month-day"
                    />
                <x-input name="holidays" label="Nobody works on" :value="implode(' ', $page->job->option->days()->holidays)"
                    hint="days, beside Saturdays and Sundays" />
                <x-choice name="task" label="A task that waits"
                    :options="['' => 'none'] + collect($page->tasks())->pluck('name', 'id')->all()" />
                <x-input name="not_before" label="Not before" inputmode="numeric" hint="a day; empty takes the wait away" />
                @if ($page->job->option->days()->notBefore !== [])
                    <p class="hint">Waiting: @foreach ($page->job->option->days()->notBefore as $id => $day)<span class="nowrap">{{
                        lcfirst($page->job->network->tasks[$id]->name ?? $id) }} until {{ $day }}</span>@if (! $loop->last), @endif
                        @endforeach</p>
                @endif
                <button class="go">Save</button>
            </form>
        </details>
    @endif
    @if ($page->schedule === null)
        <p class="empty">{{ count($page->tasks()) }} tasks follow from the section and the plan. Set the first day of work
            above, and each gets its days.</p>
    @else
        <p class="lead">{{ count($page->schedule->tasks) }} tasks, {{ round($page->schedule->days()) }} working days. A line at the left
            marks
            what decides the end.</p>
        <section aria-labelledby="today-title" class="today">
            <h2 id="today-title">Today, {{ $page->today }}</h2>
            @forelse ($page->now() as $planned)
                <div class="task @if ($planned->isCritical()) task-driving @endif">
                    <p><b>{{ $planned->task->name }}</b> <span class="quiet">{{ $page->hours($planned) }}@if ($planned->task->who !== ''),
                        {{
                        $planned->task->who }} @elseif ($planned->task->crew >
                            0), {{ $planned->task->crew }} {{ $planned->task->crew === 1 ? 'person' : 'people' }} @endif</span></p>
                    @foreach ($page->closed($planned) as $hold)
                        <p class="care">▲ H{{ $hold->hold->number() }} {{ $hold->hold->label() }}: {{ $hold->word() }}</p>
                    @endforeach
                    @if ($planned->task->caution !== '')<p class="care-line">{{ $planned->task->caution }}</p>@endif
                    @foreach ($page->limits($planned) as $line)<p class="hint">{{ $line }}</p>@endforeach
                </div>
            @empty
                <p class="empty">Nothing is on today.</p>
            @endforelse
        </section>
        @foreach ($page->days() as $day => $tasks)
            <section class="day" aria-label="{{ $day }}">
                <h2>{{ $day }} <span class="quiet">{{ date('l', strtotime($day)) }}</span></h2>
                @foreach ($tasks as $planned)
                    <details class="task @if ($planned->isCritical()) task-driving @endif">
                        <summary><b>{{ $planned->task->name }}</b> <span class="quiet">{{ $page->hours($planned) }} · {{
                            $page->slack($planned)
                            }}</span> @if ($hold = $page->hold($planned)) <span @class(['hold',
                            'hold-over' => $hold->isPassedOver(), 'hold-passed' => $hold->isPassed() && ! $hold->isPassedOver()])>H{{
                            $hold->hold->number() }} {{ $hold->word() }}</span>@endif</summary>
                        @if ($page->why($planned) !== '')<p>{{ ucfirst($page->why($planned)) }}.</p>@endif
                        @if ($planned->task->caution !== '')<p class="care-line">{{ $planned->task->caution }}</p>@endif
                        @foreach ($page->limits($planned) as $line)<p class="hint">{{ $line }}</p>@endforeach
                    </details>
                @endforeach
            </section>
        @endforeach
    @endif
</x-layout>
