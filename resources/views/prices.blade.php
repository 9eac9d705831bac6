<x-layout title="Prices" class="page">
    <h1>Prices</h1>
    <p class="lead">What the firm pays for a cubic metre of each material, so that costs can be weighed against heat. Leave out what you do
        not know: what hangs on it is then said to have no price. An own product is priced by the unit that its list says. Bought or laid,
        as you like, but all alike.</p>
    <x-wrong what="Not saved" />
    <form class="prices" method="post" action="{{ route('prices.update') }}" novalidate data-keep>
        @csrf @method('put')
        <x-input name="currency" label="Currency" :value="$prices->currency" maxlength="8" />
        <div class="prices-list">
            @foreach ($materials as $material)
                @php $price = $prices->perCubicMetre[$material->slug] ?? null; @endphp
                <x-input :name="'per_m3.'.$material->slug" :label="$material->name.($material->product?->bySquare ? ', each m² of '.
                    $format->format($material->product->thickness, \Ondergrond\Units\Quantity::Thickness) : '')"
                    :value="$price === null ? '' : $format->mark->written((string) round($price * $each($material), 4))" inputmode="decimal" />
            @endforeach
        </div>
        <h2>By the unit</h2>
        <div class="prices-list">
            @foreach ($goods as $good)
                <x-input :name="'per_unit.'.$good->value" :label="$good->label().', '.$good->unit()->each()"
                    :value="isset($prices->perUnit[$good->value]) ? $format->mark->written((string) $prices->perUnit[$good->value]) : ''"
                    inputmode="decimal" />
            @endforeach
        </div>
        <button class="go">Save the prices</button>
    </form>
</x-layout>
