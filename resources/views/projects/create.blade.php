@use('Ondergrond\Units\UnitSystem')
@use('Ondergrond\Units\Quantity')
<x-layout title="Start a project" class="page">
    <h1>Start a project</h1>
    <p class="lead">Three steps to a drawn and judged edge. Everything else starts from common practice and can be changed on the bench.</p>
    <x-wrong />
    <form class="steps" method="post" action="{{ route('projects.store') }}" novalidate data-keep>
        @csrf
        <fieldset>
            <legend><span class="step" aria-hidden="true">1</span> Name and climate</legend>
            <x-input name="name" label="Name of the project" dir="auto" />
            <x-input name="place" label="Where it stands (may stay empty)" dir="auto" />
            <x-choice name="time_zone" label="Time zone there" :value="$zone" :options="$zones" />
            <x-choice name="units" label="Built and bought in" :value="$system->value"
                :options="[UnitSystem::Metric->value => 'Millimetres', UnitSystem::InchPound->value => 'Feet and inches']" />
            <x-choice name="climate" label="Climate to start from" :options="array_map(fn ($c) => $c->name, $climates)" />
            <x-choice name="soil" label="Ground under the floor" value="sand-or-gravel"
                :options="array_combine(array_column($soils, 'value'), array_map(fn ($s) => $s->label(), $soils))" />
            <x-input name="indoor_c" label="Kept inside at" :value="$system === UnitSystem::Metric ? '20 °C' : '68 °F'" />
            <p class="hint">The climates are invented examples. Put the site's own months in their place on the site page.</p>
        </fieldset>
        <fieldset>
            <legend><span class="step" aria-hidden="true">2</span> Family</legend>
            @foreach ($families as $slug => $family)
                <label class="family">
                    <input type="radio" name="family" value="{{ $slug }}" @checked(old('family', array_key_first($families)) === $slug)>
                    <span><b>{{ $family->label() }}</b> <span class="family-more">{{ $family->description() }}</span></span>
                </label>
            @endforeach
            @error('family')<p class="wrong">{{ $message }}</p>@enderror
        </fieldset>
        <fieldset>
            <legend><span class="step" aria-hidden="true">3</span> Footprint</legend>
            <p class="hint">To the inside face of the outer walls. A bare number is read in the units of step 1.</p>
            <x-input name="footprint.area_m2" label="Floor area" hint="such as 120 m² or 1290 ft²" />
            <x-input name="footprint.perimeter_m" label="Outline, all round" :hint="'such as 44 m or 144 ft 6 in'" />
            <x-input name="footprint.exposed_perimeter_m" label="Of that, next to outside or unheated" hint="empty: all of it" />
        </fieldset>
        <button class="go">Draw it</button>
    </form>
</x-layout>
