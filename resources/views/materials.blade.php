@use('Ondergrond\Units\Quantity')
<x-layout title="Materials" class="page">
    <x-hatches :materials="$materials" />
    <h1>Materials</h1>
    <p class="lead">Generic materials with their design values. A board’s label declares its conductivity new and dry; inside it is reckoned
        with that, against wet ground outside with more. Values and clauses are from memory; a product’s own data sheet comes
        before any of these.</p>
    <x-finder of="materials" label="Find a material by a word" />
    <div class="scroll" tabindex="0" role="region" aria-label="Materials">
        <table class="data" id="materials">
            <thead><tr><th scope="col"></th><th scope="col">Material</th><th scope="col">λ declared</th><th scope="col">λ dry, {{
                $format->unit(Quantity::Conductivity) }}</th><th scope="col">λ in wet ground</th><th scope="col">ρ, {{
                $format->unit(Quantity::Density) }}</th><th scope="col">ρc, {{ $format->unit(Quantity::VolumetricHeatCapacity) }}</th><th
                scope="col">µ</th><th scope="col">Strength, {{ $format->unit(Quantity::Pressure) }}</th><th
                scope="col">Source</th></tr></thead>
            @foreach ($groups as $title => $of)
            <tbody>
                <tr class="compare-group"><th scope="rowgroup" colspan="10">{{ $title }}</th></tr>
                @foreach ($of as $material)
                    <tr>
                        <td class="data-hatch" aria-hidden="true"><svg><use href="#hatch-{{ $material->slug }}" /></svg></td>
                        <th scope="row">{{ $material->name }}</th>
                        <td>{{ $material->declared === null ? '–' : $format->number($material->declared, Quantity::Conductivity) }}</td>
                        <td>{{ $format->number($material->conductivity, Quantity::Conductivity) }}</td>
                        <td>{{ $material->moisture > 0 ? $format->number($material->wetConductivity(), Quantity::Conductivity) : '–' }}</td>
                        <td>{{ $format->number($material->density, Quantity::Density) }}</td>
                        <td>{{ $format->number($material->volumetricHeatCapacity(), Quantity::VolumetricHeatCapacity) }}</td>
                        <td>{{ number_format($material->mu, 0, '.', ' ') }}</td>
                        <td>{{ $material->strength === null ? '–' : $format->number($material->strength, Quantity::Pressure) }}</td>
                        <td class="data-source">{{ str_replace([' (from memory)', ', from memory'], '', $material->source) }}</td>
                    </tr>
                @endforeach
            </tbody>
            @endforeach
        </table>
    </div>
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
