@use('Ondergrond\Units\Quantity')
@use('Ondergrond\Inspection\Sign')
@php
    $may = auth()->user()->can('inspect', $project);
    $or = fn (?float $v, Quantity $q): string => $v === null ? '' : $format->format($v, $q);
    $typed = old('signs');
    $ticked = is_array($typed) ? $typed : ($errors->any() ? [] : array_column($seen->signs, 'value'));
    $groups = collect(Sign::cases())->groupBy(fn (Sign $s): string => $s->group());
    $rows = min(\App\Forms\TypedInspection::ROWS, max(5, count($seen->readings) + 2));
@endphp
<x-layout :title="($record ? $seen->place : 'A damp place').', '.$project->name" :project="$project" class="page inspection">
    <div class="page-head"><h1>@if ($record)<bdi>{{ $seen->place }}</bdi>@else A damp place @endif</h1>
        <a href="{{ route('inspections.index', $project) }}">All places</a></div>
    <x-wrong what="Not kept" />
    @if ($diagnosis !== null && $diagnosis->specialists !== [])
        <section class="specialist" aria-labelledby="call-title"><h2 id="call-title">▲ Call first</h2><ul>@foreach ($diagnosis->specialists
            as $line)<li>{{ $line }}</li>@endforeach</ul></section>
    @endif
    @if ($diagnosis !== null)
        <section aria-labelledby="points-title" class="points">
            <h2 id="points-title">What it points to</h2>
            @foreach ($diagnosis->measured as $line)<p>{{ $line }}</p>@endforeach
            @foreach ($diagnosis->contradictions as $contradiction)<p><b>▲ These contradict each other: {{ $contradiction->said }}.</b>
                {{ $contradiction->next }}</p>@endforeach
            @if ($diagnosis->suspects === [])<p>Nothing that was seen points anywhere yet. Tick what is there, and take three readings up
                the wall.</p>@endif
            @if ($diagnosis->isOpen && $diagnosis->contradictions === [])<p><b>The first two are not told apart yet.</b></p>@endif
            <ol class="suspects">
                @foreach ($diagnosis->suspects as $suspect)
                    <li>
                        <p><b>{{ $suspect->cause->label() }}</b> <span class="quiet">{{ $suspect->points }} points</span></p>
                        <svg viewBox="0 0 200 12" preserveAspectRatio="none" role="img" aria-label="{{ round(100 * $suspect->share)
                            }} % of all points"><rect class="gauge-hole" x="0.5" y="0.5" width="199" height="11" /><rect class="gauge-fill"
                            x="0.5" y="0.5" width="{{ round(199 * $suspect->share, 1) }}" height="11" /></svg>
                        <p class="quiet">For: {{ implode('; ', $suspect->for) }}.@if ($suspect->against !== []) Against: {{ implode('; ',
                            $suspect->against) }}.@endif</p>
                    </li>
                @endforeach
            </ol>
            @if ($diagnosis->suspects !== [])
                <h3>What would settle it</h3>
                <ul>@foreach ($diagnosis->tests() as $line)<li>{{ $line }}</li>@endforeach</ul>
                <h3>What to do first, if it is that</h3>
                <ul>@foreach ($diagnosis->suspects[0]->cause->first() as $line)<li>{{ $line }}</li>@endforeach</ul>
            @endif
            <p class="hint">Points for and against, by common practice: a ranking, no proof. Where health, wiring or what carries is in
                question, the one whose trade it is decides.</p>
        </section>
    @endif
    <form class="inspect" method="post" action="{{ $record ? route('inspections.update', [$project, $record]) : route('inspections.store',
        $project) }}" novalidate data-keep>
        @csrf @if ($record) @method('put') @endif
        <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name($format) }}">
        <fieldset @disabled(! $may)>
            <legend>Which place</legend>
            <x-input name="place" label="Where it is" :value="$seen->place" maxlength="120" dir="auto"
                hint="as: cellar, north wall under the window" />
            <x-input name="on" label="Looked at on" :value="$seen->on" inputmode="numeric" hint="year-month-day" />
            <x-input name="height_m" label="The damp reaches up to" :value="$or($seen->height, Quantity::Length)"
                hint="over the floor; empty where that says nothing" />
        </fieldset>
        @foreach ($groups as $group => $signs)
            <fieldset @disabled(! $may) @class(['signs', 'signs-care' => $group === 'Take care'])>
                <legend>{{ $group }}</legend>
                @foreach ($signs as $sign)
                    <label class="tick"><input type="checkbox" name="signs[]" value="{{ $sign->value }}"
                        @checked(in_array($sign->value, $ticked, true))> <span>{{ $sign->label() }}</span></label>
                @endforeach
            </fieldset>
        @endforeach
        <fieldset @disabled(! $may)>
            <legend>Moisture meter, up the wall</legend>
            <p class="hint">One meter, its own scale; three heights or more tell how it goes up. A surface meter is fooled by salts and
                foil.</p>
            @foreach ($errors->get('readings') as $message)<p class="wrong">{{ $message }}</p>@endforeach
            <div class="readings">
                @for ($i = 0; $i < $rows; $i++)
                    @php $reading = $seen->readings[$i] ?? null; @endphp
                    <x-input :name="'readings.'.$i.'.height_m'" :label="'Height '.($i + 1)"
                        :value="$or($reading?->height, Quantity::Length)" />
                    <x-input :name="'readings.'.$i.'.value'" :label="'Reading '.($i + 1)"
                        :value="$reading === null ? '' : $format->number($reading->value, Quantity::Ratio)" inputmode="decimal" />
                @endfor
            </div>
        </fieldset>
        <fieldset @disabled(! $may)>
            <legend>Air and face, measured there</legend>
            <x-input name="air_c" label="Air of the room" :value="$or($seen->air, Quantity::Temperature)" />
            <x-input name="humidity_share" label="Its humidity" :value="$or($seen->humidity, Quantity::Share)" />
            <x-input name="surface_c" label="The damp face" :value="$or($seen->surface, Quantity::Temperature)"
                hint="with an infrared or contact thermometer" />
            <x-input name="note" label="Anything else" :value="$seen->note" maxlength="2000" dir="auto" />
        </fieldset>
        @if ($may)<button class="go">Keep it and say what it points to</button>@endif
    </form>
</x-layout>
