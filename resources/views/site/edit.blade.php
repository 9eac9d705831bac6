@use('Ondergrond\Units\Quantity')
<x-layout :title="'Site of '.$project->name" :project="$project" class="page">
    <div class="page-head"><h1>Site</h1> <a href="{{ route('site.history', $project) }}">History</a></div>
    @if ($errors->any())<p class="wrong" role="alert">Not saved: {{ $errors->count() === 1 ? 'one field needs' : $errors->count().' fields need' }} another look. What you typed is still there.</p>@endif
    <form class="site" method="post" action="{{ route('site.update', $project) }}" novalidate data-keep>
        @csrf @method('put')
        @if (session('conflict'))<div class="wide"><x-conflict :conflict="session('conflict')" :reload="route('site.edit', $project)" /></div>@endif
        <x-made-from :head="$head" :format="$format" :again="$errors->any() || session('conflict')" />
        <fieldset @disabled(! $may)>
            <legend>Place</legend>
            <x-field name="name" label="Name of the project" :value="$project->name" dir="auto" />
            <x-field name="site.place" label="Where it stands" :value="$site->place" dir="auto" />
            <x-choice name="site.soil" label="Ground under the floor" :value="$site->soil->value"
                :options="array_combine(array_column($soils, 'value'), array_map(fn ($s) => $s->label().', λ '.$format->number($s->conductivity(), Quantity::Conductivity).' '.$format->unit(Quantity::Conductivity), $soils))" />
        </fieldset>
        <fieldset @disabled(! $may)>
            <legend>Inside and limits</legend>
            <x-field name="site.indoor_c" label="Kept inside at, mean of the year" :value="$format->format($site->indoor, Quantity::Temperature)" />
            <x-field name="site.indoor_swing_k" label="Warmer in summer, cooler in winter by" :value="$format->format($site->indoorSwing, Quantity::TemperatureDifference)" />
            <x-field name="site.heating_limit_c" label="A month heats when its mean is below" :value="$format->format($site->heatingLimit, Quantity::Temperature)" />
            <x-field name="site.floor_limit_w_m2k" :label="'Highest U of the floor, '.$format->unit(Quantity::Transmittance)" hint="empty: none is set"
                :value="$site->floorLimit === null ? '' : $format->format($site->floorLimit, Quantity::Transmittance)" />
        </fieldset>
        <fieldset @disabled(! $may)>
            <legend>The ground’s dangers</legend>
            @foreach (['water' => $site->water, 'termites' => $site->termites, 'radon' => $site->radon] as $key => $now)
                <x-choice :name="'site.'.$key" :label="\Ondergrond\History\ChangeWords::label('site.'.$key)" :value="$now->value" :options="\Ondergrond\History\ChangeWords::options('site.'.$key)" />
            @endforeach
        </fieldset>
        <fieldset @disabled(! $may)>
            <legend>Required insulation</legend>
            <x-choice name="site.requirements.set" label="Set" :value="$site->requirements->set" :options="\Ondergrond\History\ChangeWords::options('requirements.set')" />
            <p class="hint">Choosing another set fills in its figures; each can then be changed. Emptied, it asks nothing. R without films. The sets are from memory: the code in force decides.</p>
            @foreach ([
                'under_slab_r_m2kw' => ['Under the slab, R', $site->requirements->underSlab, Quantity::Resistance],
                'edge_r_m2kw' => ['At the edge, R', $site->requirements->edge, Quantity::Resistance],
                'edge_depth_m' => ['At the edge, reach', $site->requirements->edgeDepth, Quantity::Length],
                'basement_wall_r_m2kw' => ['Basement walls, R', $site->requirements->basementWall, Quantity::Resistance],
                'crawlspace_wall_r_m2kw' => ['Crawlspace walls, R', $site->requirements->crawlspaceWall, Quantity::Resistance],
                'deck_r_m2kw' => ['Deck over unheated, R', $site->requirements->deck, Quantity::Resistance],
            ] as $key => [$label, $value, $kind])
                <x-field :name="'site.requirements.'.$key" :label="$label" :value="$value === null ? '' : $format->format($value, $kind)" />
            @endforeach
        </fieldset>
        <fieldset class="wide" @disabled(! $may)>
            <legend>Outdoor air</legend>
            <x-field name="site.climate.name" label="What these figures are" :value="$site->climate->name" maxlength="120" />
            <x-field name="site.climate.design_c" label="Heating design day" :value="$format->format($site->climate->design, Quantity::Temperature)" />
            <div class="months">
                @foreach ($months as $i => $month)
                    <x-field :name="'site.climate.monthly_mean_c.'.$i" :label="$month" :value="$format->format($site->climate->monthly[$i], Quantity::Temperature)" />
                @endforeach
            </div>
            <x-year :site="$site" :format="$format" :months="$months" />
        </fieldset>
        @if ($may)<button class="go">Save the site</button>@endif
    </form>
</x-layout>
