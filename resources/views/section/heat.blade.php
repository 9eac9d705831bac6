@use('Ondergrond\Units\Quantity')
@use('Ondergrond\Site\Calendar')
@php
    [$floor, $bare] = [$heat->floor, $heat->bare];
    $limit = $floor->site->floorLimit;
    $most = max(1e-9, ...array_map('abs', [...$bare->monthly, ...$floor->monthly, ...$field->monthly ?? [0]]));
    // The core's full height stands for one and a half times the limit; without a limit, for the bare slab.
    $ruling = $rulings->on(\Ondergrond\Rules\Concern::Heat);
    $share = $ruling->share ?? $heat->share ?? $floor->heating / max(1e-9, $bare->heating);
    $full = $limit === null ? 1.0 : 1.5;
    $fill = round(300 * min(1.0, $share / $full), 1);
    $mark = round(300 / $full, 1);
    $about = $field?->isRough() ? '≈ ' : '';
    $by = fn (?float $value, Quantity $quantity): string => $value === null ? '…' : $about.$format->number($value, $quantity);
@endphp
<section class="core" aria-labelledby="heat-title" @if ($field === null) data-pending aria-busy="true"
    @elseif ($field->isRough()) data-rough @endif>
    <div class="core-head">
        <h2 id="heat-title">Heat <x-word :ruling="$ruling" /></h2>
        <table class="core-figures">
            <thead><tr><td>{{ $format->unit(Quantity::Energy) }}</td><th scope="col">by the standard</th><th scope="col">as drawn
                (2-D)</th><th scope="col">without insulation</th></tr></thead>
            <tbody>
                <tr class="core-main"><th scope="row">heating months</th><td id="heating">{{ $format->number($floor->heating,
                    Quantity::Energy) }}</td><td id="heating-field">{{ $by($field?->heating, Quantity::Energy) }}</td><td>{{
                    $format->number($bare->heating, Quantity::Energy) }}</td></tr>
                <tr><th scope="row">all year</th><td>{{ $format->number($floor->allYear, Quantity::Energy) }}</td><td>{{
                    $by($field?->allYear, Quantity::Energy) }}</td><td>{{ $format->number($bare->allYear, Quantity::Energy) }}</td></tr>
                <tr><th scope="row">design day, {{ $format->unit(Quantity::Power) }}</th><td id="design-day">{{
                    $format->number($floor->design, Quantity::Power) }}</td><td
                    title="What is drawn is worked out for the year’s wave, not for a cold spell">–</td><td>{{
                        $format->number($bare->design,
                    Quantity::Power) }}</td></tr>
                <tr><th scope="row">U, {{ $format->unit(Quantity::Transmittance) }}</th><td id="u-value">{{
                    $format->number($floor->transmittance(), Quantity::Transmittance) }}</td><td id="u-field">{{
                    $by($field?->transmittance(), Quantity::Transmittance) }}</td><td>{{ $format->number($bare->transmittance(),
                    Quantity::Transmittance) }}</td></tr>
            </tbody>
        </table>
    </div>
    <div class="core-ground">
        <svg class="core-gauge" viewBox="0 0 58 330" role="img" aria-labelledby="gauge-title">
            <title id="gauge-title">{{ $limit === null ? 'Share of the heat that goes without insulation' : 'Share of the limit used' }}: {{
                round(100 *
                $share) }} %</title>
            <rect class="gauge-hole" x="8" y="0" width="26" height="300" />
            <rect class="gauge-fill gauge-{{ \Illuminate\Support\Str::slug($ruling->word->value) }}" x="8" y="0" width="26" height="{{ $fill
                }}" />
            <rect class="gauge-wall" x="8" y="0" width="26" height="300" />
            <path class="gauge-mark" d="M2 {{ $mark }}H46m-6 -4l6 4l-6 4" />
            <text x="21" y="318" text-anchor="middle">{{ round(100 * $share) }} %</text>
            <text x="21" y="330" text-anchor="middle" class="gauge-small">{{ $limit === null ? 'of none' : 'of limit' }}</text>
        </svg>
        <table class="core-months">
            <caption>{{ $format->unit(Quantity::Power) }} into the ground, mean of the month: bar and figure by the standard, stroke as
                drawn,
                outline without insulation</caption>
            <tbody>
                @foreach ($floor->monthly as $i => $watts)
                    <tr @class(['core-heats' => in_array($i + 1, $floor->site->heatingMonths(), true)])>
                        <th scope="row">{{ Calendar::MONTHS[$i] }}</th>
                        <td class="core-bar"><svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true"><rect class="bar-bare"
                            x="0.5" y="0.5" width="{{ round(99 * max(0, $bare->monthly[$i]) / $most, 2) }}" height="9" /><rect
                            class="bar-floor" x="0.5" y="2.5" width="{{ round(99 * max(0, $watts) / $most, 2) }}" height="5" />@if ($field
                            !== null)<path class="bar-field" d="M{{ round(0.5 + 99 * max(0, $field->monthly[$i]) / $most, 2) }} 0V10"
                            />@endif</svg></td>
                        <td class="core-number">{{ $format->number($watts, Quantity::Power) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <div class="core-foot">
        <x-because :ruling="$ruling" :format="$format" />
        <p class="core-says">
            @if ($field === null)
                The section as drawn is being worked out. <noscript><a href="{{ url()->current() }}?field=now">Show it now</a></noscript>
            @elseif ($field->isRough())
                ≈ on a coarse mesh; the fine one follows.
            @endif
            @if ($field === null)
            @elseif ($limit !== null)
                The site allows U {{ $format->number($limit, Quantity::Transmittance) }}{{ ['not-said' =>
                    '; whether with junctions is not said, so both ways have to keep it', 'without' =>
                    ', meant without junctions', 'with' => ', meant with junctions'][$floor->site->floorLimitMeant->value] }}. By the
                    standard {{ round(100 * ($ruling->shares['formula'] ?? 0)) }} % of it is used, as drawn {{ round(100 *
                    ($ruling->shares['as_drawn'] ?? 0)) }} %{{ count($floor->formula->faces()) >
                    1 ? ', of floor and buried wall the larger' : '' }}.
            @else
                The site sets no limit for U. The section as drawn loses {{ abs(round(100 * ($field->transmittance() /
                    $floor->transmittance() - 1))) }} % {{ $field->transmittance()
                        < $floor->transmittance() ? 'less' : 'more' }} than by the
                    standard.
            @endif
        </p>
        @foreach ($heat->groundShares($field?->heating) as $of)
            <p class="core-says">Of all the house’s heat <b>{{ $format->format($of->share, Quantity::Share) }}</b> goes through the ground,
                by {{ $of->by }}: {{ $format->number($of->low, Quantity::Share) }} to {{ $format->format($of->high, Quantity::Share) }}.</p>
        @endforeach
        @if ($heat->cellar)
            <p class="core-says">In {{ Calendar::NAMES[$heat->cellar->month - 1] }} the cellar stays at about <b>{{
                $format->format($heat->cellar->own, Quantity::Temperature) }}</b> by itself, the rooms above at {{
                $format->format($heat->cellar->above, Quantity::Temperature) }}; with nothing insulated at {{
                $format->format($heat->cellar->bare, Quantity::Temperature) }}.</p>
        @endif
    </div>
</section>
