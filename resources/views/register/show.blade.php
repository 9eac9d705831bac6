@use('Carbon\CarbonImmutable')
<x-layout :title="'Register of '.$page->project->name" :project="$page->project" :option="$page->job->option" class="page register">
    <div class="page-head"><h1>Before the pour</h1> <a href="{{ route('plan.show', $page->project) }}">Plan</a>
        <a href="{{ route('log.show', $page->project) }}#h9">Log</a></div>
    <x-wrong what="Not kept" all />
    @php $open = $page->register->open(); @endphp
    <p class="lead">@if ($page->register->points === [])Nothing is open on section or plan. Add below what else must be settled before
        concrete covers it.@elseif ($open === [])All of it is settled.@else{{ count($open) }} of {{ count($page->register->points) }} open:
        the pour is not passed before they are settled, or somebody says why all the same.@endif</p>
    <ol class="points">@foreach ($page->register->points as $id => $point)
        <li id="{{ $id }}" class="point point-{{ $point->isOpen() ? ($point->severity === null ? 'note' : Str::slug(
            $point->severity->value)) : 'settled' }}">
            <div><span class="remarked remarked-{{ $point->isOpen() ? Str::slug($point->severity->value ?? 'note') : 'settled' }}">{{
                $page->word($point) }}</span>
                @if ($point->name !== '')<b><bdi>{{ $point->name }}</bdi></b>@endif <span dir="auto">{{ $point->what->in($page->format)
                }}</span>
                <br><span class="quiet"><bdi>{{ $point->trade === '' ? 'nobody’s yet' : $point->trade }}</bdi>, {{ $point->due === '' ?
                    'before the pour' : 'by '.$point->due }}, {{ $point->origin->label() }}</span>
                @if ($page->link($point) !== null)<a href="{{ $page->link($point) }}">put it right there</a>@endif
                @if ($point->isOther)<br><span class="care">It was settled, and says something else since.</span>@endif
                @if ($point->settled)<br><bdi>{{ $point->settled->text }}</bdi> <span class="quiet"><bdi>{{ $point->settled->who }}</bdi>,
                    <x-time :at="CarbonImmutable::parse($point->settled->at)" :zone="$page->project->site->timeZone" /></span>@endif</div>
            @if ($point->isOpen() && $page->settles)
                <form method="post" action="{{ route('register.settle', $page->project) }}" data-keep data-entry>
                    @csrf <input type="hidden" name="point" value="{{ $id }}">
                    <label><span class="unseen">How {{ $point->name }} was settled</span><input name="how[{{ $id }}]" value="{{ old(
                        'how.'.$id) }}" maxlength="300" autocomplete="off" placeholder="how it was settled" dir="auto"></label>
                    <button>Settled</button>
                    @foreach ($errors->get('how.'.$id) as $message)<p class="wrong" role="alert">{{ $message }}</p>@endforeach
                </form>
            @endif
        </li>
    @endforeach</ol>
    @if ($page->may)
        <section aria-labelledby="add-title">
            <h2 id="add-title">Something else</h2>
            <form method="post" action="{{ route('register.store', $page->project) }}" class="sheet-acts" data-keep data-entry>
                @csrf
                <x-input name="what" label="What must be settled" maxlength="300" dir="auto" />
                <x-input name="trade" label="Whose" maxlength="60" list="trades" />
                <datalist id="trades">@foreach ($page->trades() as $trade)<option value="{{ $trade }}"></option>@endforeach</datalist>
                <x-input name="due" label="By when" hint="a day, such as {{ $page->today }}; empty: before the pour" />
                <button class="go">Put it in</button>
            </form>
        </section>
    @endif
</x-layout>
