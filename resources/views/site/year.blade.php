{{-- The year: a bar a month from freezing, to be dragged by its end or typed below it. --}}
@use('Ondergrond\Units\Quantity')
@php
    $ruler = $page->year->ruler;
    $warm = fn (float $t): string => $page->format->format($t, Quantity::Temperature);
    $height = \App\View\YearPicture::HEIGHT;
    $column = 100 / 12;
@endphp
<figure class="year" aria-label="The year">
    <div class="year-face">
        <svg class="year-scale" height="{{ $height }}" aria-hidden="true">
            @foreach ($page->year->grid() as $words => $y)<text x="100%" y="{{ $y + 4 }}" text-anchor="end">{{ $words }}</text>@endforeach
        </svg>
        <svg class="year-plot" height="{{ $height }}" role="img" aria-label="Monthly mean air temperatures from {{
            $warm(min($page->site->climate->monthly)) }} to {{ $warm(max($page->site->climate->monthly)) }}" data-zero="{{ $ruler->zero }}"
            data-per="{{ $ruler->per }}" data-step="{{ $ruler->step }}" data-unit="{{ $ruler->unit }}"
            data-base="{{ $ruler->y(0.0) }}">
            @foreach ($page->year->grid() as $y)<path class="year-grid" d="M0 {{ $y }}h4000" />@endforeach
            @foreach ($page->year->bars() as $i => $bar)
                <rect @class(['bar', 'bar-below' => $bar['below'], 'bar-warm' => ! $bar['heats']])
                    data-of="site-climate-monthly_mean_c-{{ $i }}" x="{{ round($column * ($i + 0.12), 3) }}%"
                    width="{{ round(0.76 * $column, 3) }}%" y="{{ $bar['y'] }}" height="{{ max(1.5, $bar['height']) }}" />
            @endforeach
            <svg class="year-fit" viewBox="0 0 12 {{ $height }}" preserveAspectRatio="none" height="{{ $height }}" width="100%"><path
                d="{{ $page->year->wave() }}" /><path class="year-implied" id="year-implied" d="" /></svg>
            <path class="year-zero" d="M0 {{ $ruler->y(0.0) }}h4000" />
            <text class="year-name" x="4" y="{{ $ruler->y(0.0) + ($page->site->climate->monthly[0] > 0.0 ? 13 : -4) }}">freezing</text>
            @foreach ([
                ['site-heating_limit_c', 'line-heats', $page->site->heatingLimit, 'heating limit '.$warm($page->site->heatingLimit)],
                ['site-climate-design_c', 'line-design', $page->site->climate->design(), 'design day '.$warm($page->site->climate->design())
                    .($page->site->climate->designGiven === null ? ', worked out' : '')],
            ] as [$field, $class, $t, $words])
                <g class="line {{ $class }}" data-of="{{ $field }}" transform="translate(0 {{ $ruler->y($t) }})">
                    <path d="M0 0h4000" /><text x="99.6%" y="-4" text-anchor="end">{{ $words }}</text>
                    @if ($page->may)<rect class="grip" data-drag="{{ $field }}" x="0" y="-8" width="100%" height="16" />@endif
                </g>
            @endforeach
            @if ($page->may)
                @foreach ($page->site->climate->monthly as $i => $t)
                    <g data-of="site-climate-monthly_mean_c-{{ $i }}" transform="translate(0 {{ $ruler->y($t) }})"><rect
                        class="grip grip-bar" data-drag="site-climate-monthly_mean_c-{{ $i }}" x="{{ round($column * ($i + 0.08), 3) }}%"
                        width="{{ round(0.84 * $column, 3) }}%" y="-9" height="18" /></g>
                @endforeach
            @endif
        </svg>
    </div>
    <fieldset class="months" @disabled(! $page->may)>
        <legend class="unseen">Mean of each month</legend>
        @foreach ($page->months() as $field)
            <x-input :name="$field->name" :label="explode(',', $field->label)[0]" :value="$field->value" form="site-form"
                inputmode="text" />
        @endforeach
    </fieldset>
    <figcaption>{{ $page->yearSaid() }} @if ($page->may)<span class="needs-script">Drag a bar, the heating limit or the design day; drop a
        weather file here (EPW, CSV).</span>@endif</figcaption>
</figure>
