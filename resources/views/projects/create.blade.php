@use('Ondergrond\Units\UnitSystem')
@php $metric = $system === UnitSystem::Metric; @endphp
<x-layout title="Start a project" class="page start-page">
    <h1>Start a project</h1>
    <p class="lead">Choose how it is built, say how large it is and what you know of the climate: its edge is drawn and judged.
        Everything else starts from common practice and can be changed.</p>
    <x-wrong />
    <form class="start" id="start" method="post" action="{{ route('projects.store') }}" novalidate data-keep x-data="floor"
        data-floor="{{ route('projects.floor') }}">
        @csrf
        <fieldset class="start-what">
            <legend>The job</legend>
            <x-input name="name" label="Name of the project" dir="auto" />
            <x-choice name="units" label="Built and bought in" :value="$system->value"
                :options="[UnitSystem::Metric->value => 'Millimetres', UnitSystem::InchPound->value => 'Feet and inches']" />
            <x-input name="footprint.sides" label="Floor, inside its outer walls" :hint="$metric ? '9 x 14 m, or 30\' x 46\'' :
                '30\' x 46\', or 9 x 14 m'" x-on:change="ask" />
            <p class="start-floor" role="status" x-text="said"></p>
            <details @if ($errors->hasAny(['footprint.area_m2', 'footprint.perimeter_m', 'footprint.exposed_perimeter_m'])) open @endif>
                <summary>No rectangle, or not all of it outside</summary>
                <x-input name="footprint.area_m2" label="Floor area" :hint="$metric ? 'such as 120 m²' : 'such as 1290 ft²'" />
                <x-input name="footprint.perimeter_m" label="Outline, all round" :hint="$metric ? 'such as 44 m' : 'such as 144 ft 6 in'" />
                <x-input name="footprint.exposed_perimeter_m" label="Of that, next to outside or unheated" hint="empty: all of it" />
            </details>
            <x-choice name="heated_floor" label="Heated floor" value="" :options="\App\Forms\NewProject::HEATED" />
            <x-choice name="soil" label="Ground under the floor" value="sand-or-gravel"
                :options="array_combine(array_column($soils, 'value'), array_map(fn ($s) => $s->label(), $soils))" />
        </fieldset>
        <fieldset class="start-climate">
            <legend>The climate</legend>
            <p class="hint">Three figures that a weather table has. Leave them empty where they are not known yet: then frost, damp and
                mass are drawn, not checked. The site page takes months, degree-days and weather files.</p>
            <x-input name="known.extremes.coldest_c" label="Mean of the coldest month"
                :hint="$metric ? 'such as -4 °C' : 'such as 25 °F'" />
            <x-input name="known.extremes.warmest_c" label="Mean of the warmest month"
                :hint="$metric ? 'such as 18 °C' : 'such as 70 °F'" />
            <x-input name="known.extremes.mean_c" label="Mean of the year" :hint="$metric ? 'such as 7 °C' : 'such as 47 °F'" />
            <x-choice name="known.extremes.month" label="Coldest month" value="1" :options="\App\View\SitePage::monthNames()" />
            <details @if ($errors->hasAny(['climate', 'indoor_c', 'time_zone', 'place'])) open @endif>
                <summary>More, all of it optional</summary>
                <x-input name="place" label="Where it stands" dir="auto" />
                <x-choice name="climate" label="Or try it under an invented climate" value=""
                    :options="['' => 'no'] + array_map(fn ($c) => $c->name, $climates)" />
                <x-input name="indoor_c" label="Kept inside at" :value="$metric ? '20 °C' : '68 °F'" />
                <x-choice name="time_zone" label="Time zone there" :value="$zone" :options="$zones" />
            </details>
        </fieldset>
        <fieldset class="start-family">
            <legend>How it is built</legend>
            <div class="families">
                @foreach ($families as $i => $card)
                    <label class="family">
                        <input type="radio" name="family" value="{{ $card->family->slug() }}" @checked(old('family', $i === 0 ?
                            $card->family->slug() : '') === $card->family->slug())>
                        <span class="family-drawing">{!! $card->svg !!}</span>
                        <b>{{ $card->family->label() }}</b>
                        <span class="family-more">{{ $card->family->description() }} @if ($card->isHeated) Its floor is heated.
                            @endif</span>
                    </label>
                @endforeach
            </div>
            @error('family')<p class="wrong">{{ $message }}</p>@enderror
        </fieldset>
        <p class="start-go"><button class="go">Draw it</button></p>
    </form>
</x-layout>
