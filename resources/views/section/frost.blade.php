@use('Ondergrond\Units\Quantity')
@use('Ondergrond\Site\WinterUse')
@php
    [$verdict, $format] = [$frost->verdict, $frost->format];
    [$closest, $open, $share] = [$verdict->closest(), $verdict->open, $verdict->share()];
    // The mark stands two thirds down: what is past it is drawn as far as it goes, to one and a half times the limit.
    $fill = $share === null ? 0 : round(150 * min(1.0, max(0.0, $share) / 1.5), 1);
@endphp
<section class="core core-frost" id="frost-core" aria-labelledby="frost-title">
    <h2 id="frost-title">Frost <x-word :ruling="$frost->ruling" /></h2>
    <p class="core-says frost-found">{{ $frost->found() }}</p>
    <x-because :ruling="$frost->ruling" :format="$format" />
    @if ($verdict->reason === null && $open !== null)
            <table class="core-bearing frost-uses">
                <thead><tr><th scope="col">winter</th><th scope="col">margin</th><th scope="col">day</th><th scope="col">heat, {{
                    $format->unit(Quantity::Energy) }}</th></tr></thead>
                <tbody>
                    @foreach (WinterUse::cases() as $use)
                        @php $proof = $verdict->closest($use); @endphp
                        <tr @class(['frost-own' => $use === $verdict->site->frost->use])><th scope="row">{{ $use->label() }}</th>
                            @if ($proof === null)<td colspan="3" class="frost-waits">not checked</td>
                            @else<td>{{ $frost->margin($proof) }}</td><td>{{ \App\View\FrostPage::day($proof->day) }}</td><td>{{
                                $verdict->heat($use) === null ? '…' : $format->number($verdict->heat($use), Quantity::Energy) }}</td>@endif
                        </tr>
                    @endforeach
                </tbody>
                <caption>Heat into the ground over the winter, all sides. Margins under {{ $frost->rough($closest?->close() ??
                    \Ondergrond\Frost\FrostVerdict::CLOSE) }} are close{{ $closest !== null && $closest->error >
                    \Ondergrond\Frost\FrostVerdict::CLOSE ? ': another mesh says so much otherwise' : '' }}.</caption>
            </table>
        <div class="frost-ground">
            <svg class="frost-gauge" viewBox="0 0 58 180" role="img" aria-labelledby="frost-gauge-title">
                <title id="frost-gauge-title">{{ $share === null ? 'Not known yet' : 'Frost has gone '.round(100 *
                    $share).' % of the way to the ground under the bearing' }}</title>
                <rect class="gauge-hole" x="8" y="0" width="26" height="150" />
                <rect class="gauge-fill gauge-{{ $share === null ? 'none' : \Illuminate\Support\Str::slug($frost->ruling->word->value) }}"
                    x="8" y="0" width="26" height="{{ $fill }}" />
                <rect class="gauge-wall" x="8" y="0" width="26" height="150" />
                <path class="gauge-mark" d="M2 100H46m-6 -4l6 4l-6 4" />
                <text x="21" y="166" text-anchor="middle">{{ $share === null ? '…' : round(100 * $share).' %' }}</text>
                <text x="21" y="178" text-anchor="middle" class="gauge-small">of the way</text>
            </svg>
            <div>
                <table class="core-bearing frost-depths">
                    <tbody>
                        <tr><th scope="row">design winter, once in {{ round($verdict->site->frost->years) }} years</th><td>{{
                            $format->format($verdict->winter->index, Quantity::FreezingIndex) }}</td></tr>
                        <tr><th scope="row">frost in open ground, {{ $open->governs() }}</th><td>{{ $frost->rough($open->depth())
                            }}</td></tr>
                        <tr><th scope="row">shallowest bearing on the ground</th><td>{{ $frost->rough($verdict->bearingDepth()) }}</td></tr>
                        @if ($closest !== null && $verdict->site->frost->ledge === null)<tr><th scope="row">open ground as
                            drawn</th><td>{{ $frost->rough($closest->open) }}</td></tr>@endif
                    </tbody>
                </table>
            </div>
        </div>
        @if ($verdict->governs() !== null)<p class="core-says">Governs: {{ $verdict->governs() }}</p>@endif
        @if ($verdict->table->why !== null)
            <p class="core-says">No table: {{ $verdict->table->why }}.</p>
        @else
            <details class="frost-table" @if ($verdict->tableFails()) open @endif>
                <summary>Table for heated buildings @if ($verdict->table->holds() === false && ! $verdict->tableFails())<span
                    class="quiet">not needed below frost</span>@else<x-word :verdict="$verdict->tableWord()" />@endif</summary>
                <table class="core-bearing frost-asks"><thead><tr><th scope="col">asks</th><th scope="col">needs</th><th
                    scope="col">has</th></tr></thead><tbody>
                    @foreach ($verdict->table->demands as $demand)
                        <tr @class(['frost-lacks' => ! $demand->holds()])><th scope="row"><x-word :verdict="$demand->word()" bare /> {{
                            $demand->label }}</th><td>{{ $frost->needed($demand) }}</td><td>{{ $frost->demand($demand) }}</td></tr>
                    @endforeach
                </tbody></table>
                <p class="hint">{{ \Ondergrond\Frost\FrostTable::EDITIONS }}.</p>
            </details>
        @endif
        @isset($sizing)<p class="core-says"><a href="{{ $sizing }}">Find the least wing that keeps frost out</a></p>@endisset
        @if ($frost->left() > 0)<p class="core-says frost-waits" role="status">{{ $frost->left() }} {{ $frost->left() === 1 ? 'winter is' :
            'winters are' }} still to be run.</p>@endif
    @endif
    <p class="core-says">Boards and ground must be as drawn. Local code and a licensed engineer decide.</p>
</section>
