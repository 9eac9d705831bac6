@use('App\View\PlanLayers')
<x-layout :title="'Plan of '.$page->project->name" :project="$page->project" :option="$page->option" class="bench-page" workspace>
    <div class="plan" id="live" x-data="live" @if (auth()->user()->single_keys) data-keys @endif
        data-stop="{{ $page->format->system->value === 'metric' ? '0.05' : '0.0508' }}"
        @if ($page->scale) data-left="{{ $page->scale[0] }}" data-top="{{ $page->scale[1] }}" data-px="{{ $page->scale[2] }}" @endif>
        <div class="plan-face">
            <h1 class="unseen">Plan of {{ $page->project->name }}</h1>
            <x-wrong what="Not saved" all />
            @if ($page->plan === null)
                <p class="lead">Nothing is drawn yet. Draw the outline: every length, board, tape and truck is counted from it, and the
                    floor’s area follows. Until then the typed numbers stand.</p>
                @if ($page->svg !== '')
                    <x-pens />
                    <div class="plan-drawing plan-proposed">{!! $page->svg !!}</div>
                    <p class="hint">The typed numbers as a rectangle: a proposal, nothing counts from it yet.</p>
                @endif
            @else
                <x-pens />
                @include('plan.layers')
                <x-unit name="drawing" class="plan-drawing" id="plan-drawing">{!! $page->svg !!}</x-unit>
                <dl class="figures" id="plan-figures">
                    <div><dt>Floor</dt><dd>{{ $page->area($page->footprint()->area) }}</dd></div>
                    <div><dt>Outline inside</dt><dd>{{ $page->length($page->footprint()->perimeter) }}</dd></div>
                    <div><dt>Next to outside or unheated</dt><dd>{{ $page->length($page->footprint()->exposed) }}</dd></div>
                    <div><dt>B′</dt><dd>{{ $page->length($page->footprint()->characteristicDimension()) }}</dd></div>
                    <div><dt>To the ground, by the formula</dt><dd id="plan-heat">{{ $page->heat() }}</dd></div>
                    <div><dt>Corners out, in</dt><dd>{{ $page->corners()['outward'] }}, {{ $page->corners()['reentrant'] }}</dd></div>
                </dl>
                @foreach ($page->unmet as $line)<p class="note">{{ $line }}</p>@endforeach
                <p class="plan-links"><a class="go" href="{{ route('plan.set-out', $page->project) }}">Set out</a>
                    <a href="{{ route('register.show', $page->project) }}">Before the pour</a>
                    <a href="{{ route('release.show', $page->project) }}">Release</a>
                    @foreach (['drawing' => 'SVG', 'dxf' => 'DXF', 'csv' => 'CSV'] as $file => $label)
                        <a href="{{ route('plan.'.$file, [$page->project, ...$page->asked()]) }}">{{ $label }}</a>
                    @endforeach</p>
            @endif
        </div>
        <div class="plan-side" tabindex="0" role="region" aria-label="Outline, walls and items">
            @if ($page->release)
                <p class="note" id="plan-release">Released by <bdi>{{ $page->release->by }}</bdi>. @if ($page->release->holdsFast()) What
                    stands here is changed by a change alone. <a href="{{ route('release.show', $page->project) }}">Release</a> @else
                        It is
                    being changed: {{ $page->release->changing }} @endif</p>
            @endif
            @if ($page->may)@include('plan.ways')@endif
            @include('plan.option')
            @if ($page->plan !== null)
                <form method="post" action="{{ route('plan.update', $page->project) }}" id="plan-form" data-live novalidate>
                    @csrf @method('put')
                    @include('plan.asked')
                    @if (session('conflict'))<x-conflict :conflict="session('conflict')" :reload="route('plan.show', [
                        $page->project, ...$page->asked(),
                    ])" />@endif
                    <x-made-from :head="$page->head" :format="$page->format" :again="$errors->any() || session('conflict')" />
                    @if ($page->layoutHead)<input type="hidden" name="layout_revision" value="{{ $page->layoutHead->id }}">@endif
                    @if ($page->remarks('plan') !== [])<x-unit name="remarks"><details class="more plan-remarks" id="plan-remarks">
                        <summary>Of the whole plan <span class="remarked remarked-{{
                            Str::slug($page->remarks('plan')[0]->severity->value) }}">{{
                            $page->remarks('plan')[0]->severity->value }}@if (count($page->remarks('plan')) > 1) +{{
                            count($page->remarks('plan')) - 1 }}@endif</span></summary>
                        @include('plan.remarks', ['place' => 'plan'])</details></x-unit>@endif
                    @include('plan.items')
                    @include('plan.walls')
                    <x-unit name="corners">@include('plan.corners')</x-unit>
                    @if ($page->may)<p class="no-script"><button class="go" name="act" value="">Save the plan</button></p>@endif
                </form>
            @endif
            @if ($page->may)
                <x-unit name="outline">@include('plan.outline')</x-unit>
            @endif
        </div>
    </div>
</x-layout>
