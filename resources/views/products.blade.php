@use('Ondergrond\Units\Quantity')
<x-layout title="Own products" class="page">
    <div class="page-head">
        <h1>Own products</h1>
        <a href="{{ route('materials') }}">All materials</a>
    </div>
    <p class="lead">What you buy, as its data sheet has it. Rules ask what kind it is. What the sheet does not say stays not said, and what
        hangs on it is not checked. A project keeps the version it took; it is offered later ones under its options.</p>
    <x-wrong what="Not saved" />
    @if ($products !== [])
        <div class="scroll" tabindex="0" role="region" aria-label="Own products">
            <table class="data">
                <thead><tr><th scope="col">Product</th><th scope="col">a kind of</th><th scope="col">λ, {{
                    $format->unit(Quantity::Conductivity) }}</th><th scope="col">strength, {{ $format->unit(Quantity::Pressure)
                    }}</th><th scope="col">for good</th><th scope="col">µ</th><th scope="col">heat limit</th><th
                    scope="col">data sheet</th><th scope="col">taken by</th><td></td></tr></thead>
                <tbody>
                    @foreach ($products as $of)
                        <tr>
                            <th scope="row"><a href="{{ route('products.edit', $of->slug) }}"><bdi>{{ $of->name }}</bdi></a> <span
                                class="quiet">version {{ $format->mark->grouped($of->version) }}</span></th>
                            <td>{{ $generic[$of->like]->name }}</td>
                            <td>{{ $format->number($of->lambda(), Quantity::Conductivity) }}@if ($of->resistance !== null) <span
                                class="quiet">R {{ $format->number($of->bare(), Quantity::Resistance) }} bare, {{
                                $format->number($of->bare() + $of::FILMS, Quantity::Resistance) }} with air films</span>@endif</td>
                            <td>{{ $of->strength === null ? 'not said' : $format->number($of->strength, Quantity::Pressure) }}</td>
                            <td>{{ $of->lasting === null ? 'not said' : $format->number($of->lasting, Quantity::Pressure) }}</td>
                            <td>{{ $of->vapour() === null ? 'not said' : $format->mark->grouped(round($of->vapour())) }}</td>
                            <td>{{ $of->hottest === null ? 'not said' : $format->format($of->hottest, Quantity::Temperature) }}</td>
                            <td dir="auto">{{ $of->sheet === '' ? 'not said' : $of->sheet }}</td>
                            <td>{{ implode(', ', array_map(fn ($p) => $p->name.' (version '.$p->products[$of->slug]['version'].')',
                                $takenBy[$of->slug] ?? [])) }}</td>
                            <td><form method="post" action="{{ route('products.destroy', $of->slug) }}">@csrf
                                @method('delete')<button aria-label="Take off {{ $of->name }}">Take off</button></form></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    @endif
    <h2>@if ($product === null) Add one @else <bdi>{{ $product->name }}</bdi>: the next version @endif</h2>
    <form class="prices" method="post" action="{{ $product === null ? route('products.store') : route('products.update', $product->slug) }}"
        novalidate data-keep>
        @csrf @if ($product !== null) @method('put') @endif
        <div class="prices-list">
            @foreach ($fields as $field)
                @if ($field->key === 'like')
                    <x-choice name="product.like" label="A kind of" :value="$shown['like']"
                        :options="array_map(fn ($m) => $m->name, $generic)" />
                @elseif ($field->size->choices() !== null)
                    <x-choice :name="'product.'.$field->key" :label="ucfirst($field->size->label)" :value="$shown[$field->key]"
                        :options="$field->size->choices()" />
                @else
                    <x-input :name="'product.'.$field->key" :label="ucfirst($field->size->label).($field->size->quantity ===
                        null ? '' : rtrim(', '.$format->unit($field->size->quantity), ', '))" :value="$shown[$field->key]" :hint="match
                        ($field->key) { 'conductivity_w_mk' => 'or R and its thickness', 'sold_m' => 'with ; between them',
                        'density_kg_m3' => 'a pack can be weighed', 'mark' => 'what tells its grade on site', default => null }" />
                @endif
            @endforeach
        </div>
        <button class="go">@if ($product === null) Add the product @else Save as version {{ $format->mark->grouped($product->version + 1) }}
            @endif</button>
        @if ($product !== null)<a href="{{ route('products.index') }}">Add another instead</a>@endif
    </form>
</x-layout>
