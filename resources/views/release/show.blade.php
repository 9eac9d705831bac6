<x-layout :title="'Release of '.$project->name" :project="$project" :option="$option" class="page">
    <div class="page-head"><h1>Release</h1> <a href="{{ route('plan.show', $project) }}">Plan</a></div>
    <x-wrong what="Not done" all />
    <ol class="stages">@foreach (\App\Models\Stage::cases() as $one)<li @class(['stage', 'stage-now' => $one === $stage]) @if ($one ===
        $stage) aria-current="step" @endif><b>{{ ucfirst($one->value) }}</b> <span class="quiet">{{ $one->meaning()
            }}</span></li>@endforeach</ol>
    @if ($release === null)
        <p class="lead">One option at one revision is released to be built, with your name. Order, order of work, log and hand-over are
            about that one, and from then on it
            is changed with a reason alone.</p>
        @if ($may)
            <form method="post" action="{{ route('release.store', $project) }}" class="sheet-acts">
                @csrf
                <x-choice name="option" label="Which option" :value="(string) $option->id"
                    :options="$project->options->pluck('name', 'id')->all()" />
                <p class="hint">What is open on it now is written down with your name.</p>
                <button class="go">Release it to be built</button>
            </form>
        @else
            <p class="empty">No option is released yet. Whoever designs here releases the one that gets built.</p>
        @endif
    @else
        <dl class="figures">
            <div><dt>Released</dt><dd><bdi>{{ $release->option->name }}</bdi></dd></div>
            <div><dt>By</dt><dd><bdi>{{ $release->by }}</bdi></dd></div>
            <div><dt>When</dt><dd><x-time :at="$release->created_at" :zone="$project->site->timeZone" /></dd></div>
            @if ($release->heads !== [])<div><dt>Revision</dt><dd>{{ implode(', ', array_map(fn ($of, $n) => "{$of} {$n}", array_keys(
                $release->numbers()), $release->numbers())) }}</dd></div>@endif
        </dl>
        @if ($release->open !== [])
            <h2>Open when it was released</h2>
            <ul>@foreach ($release->open as $line)<li dir="auto">{{ $line }}</li>@endforeach</ul>
        @endif
        @if ($release->changes !== [])
            <h2>Changed since</h2>
            <ol>@foreach ($release->changes as $change)<li><bdi>{{ $change['why'] }}</bdi> <span class="quiet"><bdi>{{ $change['by']
                }}</bdi>, <x-time :at="\Carbon\CarbonImmutable::parse($change['at'])" :zone="$project->site->timeZone" /></span>
                <ul>@foreach (explode('; ', $change['what']) as $line)<li dir="auto">{{ $line }}</li>@endforeach</ul></li>@endforeach</ol>
            <p class="quiet">What was released before each change stands in the <a href="{{ route('history.index', [$project,
                $release->option]) }}">history of the option</a>.</p>
        @endif
        @if ($may && $release->holdsFast())
            <h2>Change it</h2>
            <form method="post" action="{{ route('release.update', $project) }}" class="sheet-acts">
                @csrf @method('put')
                <x-input name="why" label="Why" maxlength="500" dir="auto" hint="what came otherwise than drawn; it goes into the
                    hand-over"
                    />
                <button class="go">Begin a change</button>
            </form>
            @unless ($underWay)
                <form method="post" action="{{ route('release.destroy', $project) }}" class="sheet-acts">@csrf @method('delete')<p>Nothing
                    is
                    ordered or logged yet. <button>Withdraw it</button></p></form>
            @endunless
        @elseif ($may)
            <p class="note">Being changed: <bdi>{{ $release->changing }}</bdi>. Change the section and the plan, then end it.</p>
            <h2>Different so far</h2>
            @if ($differences === [])<p class="empty">Nothing yet.</p>@else<ul>@foreach ($differences as $line)<li dir="auto">{{ $line
                }}</li>@endforeach</ul>@endif
            <form method="post" action="{{ route('release.update', $project) }}" class="sheet-acts">@csrf @method('put')<button class="go"
                name="act" value="end">End the change and release it</button></form>
        @endif
    @endif
</x-layout>
