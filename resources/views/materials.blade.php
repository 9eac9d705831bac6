@use('Ondergrond\Units\Quantity')
<x-layout title="Materials" class="page">
    <x-hatches :materials="$materials" />
    <div class="page-head"><h1>Materials</h1>@can('create', \App\Models\Project::class)<a href="{{ route('products.index') }}">Own
        products</a>@endcan</div>
    <p class="lead">Generic materials with their design values. A board’s label declares its conductivity new and dry; inside it is reckoned
        with that, against wet ground outside with more. Values and clauses are from memory; a product’s own data sheet comes
        before any of these.</p>
    <form class="thickness" method="get" action="{{ route('materials') }}">
        <label for="thickness">In a thickness of</label>
        <input id="thickness" type="text" name="thickness" value="{{ $typed }}" autocomplete="off" @if ($wrong !== '') aria-invalid="true"
            aria-describedby="thickness-wrong" @endif>
        <button>Show what each does</button>
        @if ($wrong !== '')<p class="wrong" id="thickness-wrong">{{ $wrong }} Shown for {{ $thickness }}.</p>@endif
    </form>
    <x-finder of="materials" label="Find a material by a word" />
    <div class="scroll" tabindex="0" role="region" aria-label="Materials">
        <table class="data" id="materials">
            <thead>
                <tr class="data-over"><td colspan="2"></td><th scope="colgroup" colspan="2">R of {{ $thickness }}, {{
                    $format->unit(Quantity::Resistance) }}</th><th scope="colgroup" colspan="2">Strength, {{
                    $format->unit(Quantity::Pressure) }}</th><th scope="colgroup" colspan="3">λ, {{ $format->unit(Quantity::Conductivity)
                    }}</th><td colspan="4"></td></tr>
                <tr><th scope="col"></th><th scope="col">Material</th><th scope="col">dry</th><th scope="col">in wet ground</th><th
                    scope="col">in use, for good</th><th scope="col">tested</th><th scope="col">declared</th><th scope="col">dry</th><th
                    scope="col">in wet ground</th><th scope="col">ρ, {{ $format->unit(Quantity::Density) }}</th><th scope="col">ρc, {{
                    $format->unit(Quantity::VolumetricHeatCapacity) }}</th><th scope="col">µ</th><th scope="col">Source</th></tr>
            </thead>
            @foreach ($groups as $title => $of)
            <tbody>
                <tr class="compare-group"><th scope="rowgroup" colspan="13">{{ $title }}</th></tr>
                @foreach ($of as $row)
                    @php $material = $row->material; @endphp
                    <tr>
                        <td class="data-hatch" aria-hidden="true"><svg><use href="#hatch-{{ $material->slug }}" /></svg></td>
                        <th scope="row">{{ $material->name }}</th>
                        <td class="data-does">{{ $row->resistance() }}</td>
                        <td class="data-does">{{ $row->wetResistance() }}</td>
                        <td class="data-does">{{ $row->carries() }}</td>
                        <td>{{ $row->strength() }}</td>
                        <td>{{ $row->declared() }}</td>
                        <td>{{ $format->number($material->conductivity, Quantity::Conductivity) }}</td>
                        <td>{{ $row->wet() }}</td>
                        <td>{{ $format->number($material->density, Quantity::Density) }}</td>
                        <td>{{ $format->number($material->volumetricHeatCapacity(), Quantity::VolumetricHeatCapacity) }}</td>
                        <td>{{ $format->mark->grouped($material->mu) }}</td>
                        <td class="data-source">{{ str_replace([' (from memory)', ', from memory'], '', $material->source) }}</td>
                    </tr>
                @endforeach
            </tbody>
            @endforeach
        </table>
    </div>
    <p class="hint">R without films. In use: what a board may carry for fifty years, a third of the strength that is tested at 10 %
        strain; common practice, no source.</p>
    <h2>Ground</h2>
    <div class="scroll" tabindex="0" role="region" aria-label="Ground">
        <table class="data data-ground">
            <thead><tr><th scope="col">Class</th><th scope="col">λ, {{ $format->unit(Quantity::Conductivity) }}</th><th scope="col">from,
                to</th><th scope="col">ρc, {{ $format->unit(Quantity::VolumetricHeatCapacity) }}</th><th
                scope="col">Source</th></tr></thead>
            <tbody>
                @foreach ($soils as $soil)
                    <tr>
                        <th scope="row">{{ $soil->label() }}</th>
                        <td>{{ $format->number($soil->conductivity(), Quantity::Conductivity) }}</td>
                        <td>{{ $format->number($soil->conductivityRange()[0], Quantity::Conductivity) }}, {{
                            $format->number($soil->conductivityRange()[1], Quantity::Conductivity) }}</td>
                        <td>{{ $format->number($soil->heatCapacity(), Quantity::VolumetricHeatCapacity) }}</td>
                        <td class="data-source">ISO 13370:2007, table 1; range: annex G, table G.1</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
</x-layout>
