{{-- A climate from what people know: each way asks for what it needs and says what it leaves open. --}}
@php
    $known = $page->known();
    $months = \App\View\SitePage::monthNames();
@endphp
<div class="known" id="known">
    <h3>From what you know</h3>
    <section aria-labelledby="known-months-title">
        <h4 id="known-months-title">Twelve months</h4>
        <x-input name="known.months.monthly_mean_c" label="January first, spaces between" :value="$known['monthly_mean_c']"
            form="known-months" />
        <p class="hint">Leaves open: the design day and the design winter.</p>
        <p class="known-said" role="status" id="said-months"></p>
        <button form="known-months">Take these months</button>
    </section>
    <section aria-labelledby="known-extremes-title">
        <h4 id="known-extremes-title">Coldest and warmest month, mean of the year</h4>
        <x-input name="known.extremes.coldest_c" label="Mean of the coldest month" :value="$known['coldest_c']" form="known-extremes" />
        <x-input name="known.extremes.warmest_c" label="Mean of the warmest month" :value="$known['warmest_c']" form="known-extremes" />
        <x-input name="known.extremes.mean_c" label="Mean of the year" :value="$known['mean_c']" form="known-extremes" />
        <x-choice name="known.extremes.month" label="Coldest month" :value="$known['month']" :options="$months" form="known-extremes" />
        <p class="hint">The months between follow a smooth wave. Leaves open: how they really go, the design day, the design winter.</p>
        <p class="known-said" role="status" id="said-extremes"></p>
        <button form="known-extremes">Work the months out</button>
    </section>
    <section aria-labelledby="known-sum-title">
        <h4 id="known-sum-title">Degree-days and mean of the year</h4>
        <x-input name="known.sum.degree_days_c_d" label="Heating degree-days of a year" :value="$known['degree_days_c_d']"
            form="known-sum" />
        <x-input name="known.sum.base_c" label="Counted below" :value="$known['base_c']" form="known-sum" />
        <x-input name="known.sum.mean_c" label="Mean of the year" :value="$known['mean_c']" form="known-sum" />
        <x-choice name="known.sum.month" label="Coldest month" :value="$known['month']" :options="$months" form="known-sum" />
        <p class="hint">Of degree-days that count each day by what it is below that base. Leaves open: how the months really go, the
            design day, the design winter.</p>
        <p class="known-said" role="status" id="said-sum"></p>
        <button form="known-sum">Work the months out</button>
    </section>
    <section aria-labelledby="known-office-title">
        <h4 id="known-office-title">From the building office</h4>
        <p>Its frost depth or freezing index stands in <a href="#site-frost-office_depth_m">Winter</a>: it fixes the design winter, not the
            months. Its design temperature is the heating design day above.</p>
    </section>
    <section aria-labelledby="known-file-title">
        <h4 id="known-file-title">A weather file</h4>
        <div class="field"><label for="climate-file">EPW by the hour, or CSV with a date and a mean</label><input id="climate-file"
            type="file" name="climate" accept=".epw,.csv,.txt" form="climate-import"></div>
        @foreach ($errors->get('climate') as $message)<p class="wrong" role="alert">{{ $message }}</p>@endforeach
        <p class="hint">Brings the months; hours and days bring the design day, whole winters their freezing indices.</p>
        <button class="site-import" form="climate-import">Take it in</button>
    </section>
</div>
