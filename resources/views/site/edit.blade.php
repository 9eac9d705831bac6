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
            <x-field name="site.heating_limit_c" label="A month counts half as heating when its mean is" hint="all of it a little colder, none a little warmer" :value="$format->format($site->heatingLimit, Quantity::Temperature)" />
            <x-field name="site.floor_limit_w_m2k" :label="'Highest U of the floor, '.$format->unit(Quantity::Transmittance)" hint="empty: none is set"
                :value="$site->floorLimit === null ? '' : $format->format($site->floorLimit, Quantity::Transmittance)" />
            <x-choice name="site.floor_limit_meant" label="That limit is meant" :value="$site->floorLimitMeant->value" :options="\Ondergrond\History\ChangeWords::options('site.floor_limit_meant')" />
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
        @php $f = $site->frost; $or = fn (?float $v, Quantity $q): string => $v === null ? '' : $format->format($v, $q); @endphp
        <fieldset @disabled(! $may)>
            <legend>Frost in the ground</legend>
            <x-choice name="site.frost.winter_use" label="Through the winter the building is" :value="$f->use->value" :options="\Ondergrond\History\ChangeWords::options('site.frost.winter_use')" />
            <x-field name="site.frost.set_back_c" label="Where it is set back, to" :value="$format->format($f->setBack, Quantity::Temperature)" />
            <x-choice name="site.frost.susceptibility" label="When it freezes, the ground" :value="$f->susceptibility->value" :options="\Ondergrond\History\ChangeWords::options('site.frost.susceptibility')" />
            <x-field name="site.frost.dry_density_kg_m3" label="Its dry density" hint="empty: by its class" :value="$or($f->dryDensity, Quantity::Density)" />
            <x-field name="site.frost.water_share" label="Water in it, of its dry mass" hint="empty: by its class" :value="$or($f->water, Quantity::Share)" />
            <x-choice name="site.frost.surface" label="On the ground outside" :value="$f->surface->value" :options="\Ondergrond\History\ChangeWords::options('site.frost.surface')" />
            <x-field name="site.frost.paving_m" label="Paving there, thickness" hint="0: none" :value="$format->format($f->paving, Quantity::Thickness)" />
            <x-field name="site.frost.paving_stone_m" label="Stone under the paving" :value="$format->format($f->pavingStone, Quantity::Thickness)" />
            <x-choice name="site.frost.snow" label="Snow that lies all winter is counted on" :value="$f->snow ? 'yes' : 'no'" :options="\Ondergrond\History\ChangeWords::options('site.frost.snow')" />
            <x-field name="site.frost.ledge_m" label="Rock below the ground outside" hint="empty: none is met" :value="$or($f->ledge, Quantity::Thickness)" />
            <div class="ledge" x-data="ledge" data-scale="{{ $ledge['pixels'] }}" data-grade="{{ $ledge['grade'] }}" data-unit="{{ $format->unit(Quantity::Thickness) }}" data-now="{{ $f->ledge ?? '' }}" @pointerdown="begin" @pointermove="drag" @pointerup="drop">
                {!! $ledge['svg'] !!}
                <p class="hint needs-script-block">Draw it in: press where rock was met under the ground outside, or drag its line.</p>
            </div>
        </fieldset>
        <fieldset @disabled(! $may)>
            <legend>The design winter</legend>
            <x-field name="site.frost.design_index_c_d" label="Its freezing index, from a map or the authority" hint="empty: worked out from what follows" :value="$or($f->designIndex, Quantity::FreezingIndex)" />
            <x-field name="site.frost.return_years" label="Comes once in" :value="$format->format($f->years, Quantity::Years)" />
            <x-field name="site.frost.spread_k" label="Days stray from their season by" :value="$format->format($f->spread, Quantity::TemperatureDifference)" />
            <x-field name="site.frost.variation_share" label="Winters vary by, of their mean" hint="used where there are fewer than {{ \Ondergrond\Frost\ExtremeWinter::FEWEST }} winters on record" :value="$format->format($f->variation, Quantity::Share)" />
            <x-field name="site.frost.winters_c_d" :label="'Winters on record, '.$format->unit(Quantity::FreezingIndex).' each'" hint="with spaces between" :value="\App\Http\Controllers\SiteController::listed($f->winters, Quantity::FreezingIndex, $format)" />
            <x-winter :site="$site" :format="$format" />
        </fieldset>
        @php $w = $site->damp; @endphp
        <fieldset @disabled(! $may)>
            <legend>Humidity and water</legend>
            <x-choice name="site.damp.humidity" label="Use of the rooms" :value="$w->humidity->value" :options="\Ondergrond\History\ChangeWords::options('site.damp.humidity')" />
            <x-field name="site.damp.indoor_rh_share" label="Humidity that a machine keeps inside" hint="empty: the rooms find their own" :value="$or($w->indoorRh, Quantity::Share)" />
            <x-field name="site.damp.outdoor_rh_share" label="Humidity outside, % of each month" hint="twelve, January first, spaces between; empty: as usual through the seasons" :value="\App\Http\Controllers\SiteController::listed($w->outdoorRh, Quantity::Share, $format)" />
            <x-field name="site.damp.muggy_k" label="Muggiest spell, dew point over its month’s" :value="$format->format($w->muggy, Quantity::TemperatureDifference)" />
            <x-field name="site.damp.set_back_k" label="Rooms are let cool at night by" :value="$format->format($w->setBack, Quantity::TemperatureDifference)" />
            <x-field name="site.damp.water_table_m" label="Highest water table, below the ground outside" hint="empty: not known" :value="$or($w->waterTable, Quantity::Thickness)" />
            <x-field name="site.damp.permeability_m_d" label="Water passes the ground at" hint="empty: by its class" :value="$or($w->permeability, Quantity::Permeability)" />
            <x-field name="site.damp.rain_mm_h" label="Rain of a heavy hour" :value="$format->format($w->rain, Quantity::Rain)" />
        </fieldset>
        @php [$sun, $room] = [$site->sun, $site->room]; @endphp
        <fieldset @disabled(! $may)>
            <legend>The rooms over the floor</legend>
            <p class="hint">For the hours that heat stays, the heated floor and the year by the hour.</p>
            @foreach ([
                'height_m' => ['Height of the heated rooms', $room->height, Quantity::Length, ''],
                'roof_u_w_m2k' => ['U of roof or ceiling', $room->roof, Quantity::Transmittance, ''],
                'air_changes_per_h' => ['Air changes, all the time', $room->airChanges, Quantity::AirChanges, ''],
                'open_windows_per_h' => ['Open windows add', $room->openWindows, Quantity::AirChanges, 'while it is too warm inside and cooler outside'],
                'gains_w_m2' => ['People, lamps and machines give', $room->gains, Quantity::HeatFlux, ''],
                'contents_kj_m2k' => ['Contents store, for the floor’s area', $room->contents, Quantity::Capacity, 'air, furniture, partitions'],
                'heater_w_m2' => ['Heating gives at most', $room->heater, Quantity::HeatFlux, 'empty: a fifth more than the design day takes'],
            ] as $key => [$label, $value, $kind, $hint])
                <x-field :name="'site.room.'.$key" :label="$label" :hint="$hint" :value="$or($value, $kind)" />
            @endforeach
        </fieldset>
        <fieldset @disabled(! $may)>
            <legend>Sun and glass</legend>
            <x-field name="site.sun.latitude_deg" label="Latitude" hint="south of the equator: below 0" :value="$format->format($sun->latitude, Quantity::Angle)" />
            <x-field name="site.sun.sunshine_share" label="Sunshine, % of the hours it could shine" hint="twelve, January first, spaces between; empty: as usual" :value="\App\Http\Controllers\SiteController::listed($sun->shares, Quantity::Share, $format)" />
            <x-field name="site.sun.day_swing_k" label="A day’s air goes up and down by" :value="$format->format($sun->daySwing, Quantity::TemperatureDifference)" />
            @foreach ([
                'glass_south_m2' => ['Glass to the south', $room->glassSouth, Quantity::Area], 'glass_west_m2' => ['to the west', $room->glassWest, Quantity::Area],
                'glass_north_m2' => ['to the north', $room->glassNorth, Quantity::Area], 'glass_east_m2' => ['to the east', $room->glassEast, Quantity::Area],
                'glass_roof_m2' => ['in the roof', $room->glassRoof, Quantity::Area], 'turned_deg' => ['These faces are turned toward the west by', $room->turned, Quantity::Angle],
                'glass_u_w_m2k' => ['U of the glass', $room->glassU, Quantity::Transmittance], 'glass_sun_share' => ['Sun that comes through it', $room->glassG, Quantity::Share],
                'blinds_share' => ['Of that, past the blinds', $room->blinds, Quantity::Share],
                'panels_kw' => ['Panels, peak', $room->panels, Quantity::PeakPower], 'own_use_kw' => ['Own use before any is surplus', $room->ownUse, Quantity::PeakPower],
            ] as $key => [$label, $value, $kind])
                <x-field :name="'site.room.'.$key" :label="$label" :value="$format->format($value, $kind)" />
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
    @if ($may)
        <form class="site" id="climate-import" method="post" action="{{ route('site.climate', $project) }}" enctype="multipart/form-data">
            @csrf
            <fieldset>
                <legend>Take the climate from a file</legend>
                <p class="hint">Hourly weather as EPW, or CSV with a date and a mean, by hour, day or month. It brings the months, the design day and, from whole winters, their freezing indices; what else the site says stays.</p>
                <div class="field"><label for="climate-file">EPW or CSV</label><input id="climate-file" type="file" name="climate" accept=".epw,.csv,.txt"></div>
                @foreach ($errors->get('climate') as $message)<p class="wrong" role="alert">{{ $message }}</p>@endforeach
                <button class="site-import">Take it in</button>
            </fieldset>
        </form>
    @endif
</x-layout>
