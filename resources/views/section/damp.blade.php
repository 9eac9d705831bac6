@php
    [$verdict, $format] = [$damp->verdict, $damp->format];
    $cores = [
        'layers' => $verdict->wettest()?->share() ?? ($verdict->stacks === null ? null : 0.0),
        'faces' => $verdict->dampest()?->share() ?? ($verdict->surfaces === null ? null : 0.0),
    ];
    $words = ['layers' => $verdict->stacksWord(), 'faces' => $verdict->surfacesWord()];
@endphp
<section class="core core-damp" id="damp-core" aria-labelledby="damp-title">
    <h2 id="damp-title">Damp <x-word :ruling="$damp->ruling" /></h2>
    <p class="core-says damp-found">{{ $damp->found() }}</p>
    <x-because :ruling="$damp->ruling" :format="$format" />
    <div class="damp-ground">
        <svg class="damp-gauge" viewBox="0 0 96 180" role="img" aria-labelledby="damp-gauge-title">
            <title id="damp-gauge-title">@foreach ($cores as $name => $share){{ $name }}: {{ $share === null ? 'not known yet' : round(100 *
                $share).' % of the limit' }}{{ $loop->last ? '' : ', ' }}@endforeach</title>
            @foreach ($cores as $name => $share)
                @php [$x, $fill] = [8 + 46 * $loop->index, $share === null ? 0 : round(100 * min(1.5, max(0.0, $share)), 1)]; @endphp
                <rect class="gauge-hole" x="{{ $x }}" y="0" width="26" height="150" />
                <rect class="gauge-fill gauge-{{ \Illuminate\Support\Str::slug($words[$name]->value) }}" x="{{ $x }}" y="{{ 150 - $fill }}"
                    width="26" height="{{ $fill }}" />
                <rect class="gauge-wall" x="{{ $x }}" y="0" width="26" height="150" />
                <path class="gauge-mark" d="M{{ $x - 6 }} 50H{{ $x + 32 }}" />
                <text x="{{ $x + 13 }}" y="166" text-anchor="middle">{{ $share === null ? '…' : round(100 * $share).' %' }}</text>
                <text x="{{ $x + 13 }}" y="178" text-anchor="middle" class="gauge-small">{{ $name }}</text>
            @endforeach
        </svg>
        <table class="core-bearing damp-words">
            <caption class="unseen">What is judged of damp</caption>
            <tbody>
                @foreach ($verdict->words() as $what => $word)
                    <tr title="{{ $damp->said($what) }}"><th scope="row">{{ \App\View\DampPage::title($what) }}</th><td><x-word
                        :verdict="$word" /></td></tr>
                @endforeach
            </tbody>
        </table>
    </div>
    @if ($damp->seen !== [])
        <div class="damp-seen"><p class="core-says"><b>Seen on the spot</b></p>
            <ul>@foreach ($damp->seen as $one)<li dir="auto">{{ $damp->sees($one) }}</li>@endforeach</ul></div>
    @endif
    @if ($verdict->factor() !== null)<p class="core-says">Lowest surface factor f {{ $damp->factor($verdict->factor()) }}; the rooms need {{
        $damp->factor($verdict->needed) }}.</p>@endif
    @isset($whole)<p class="core-says"><a href="{{ $whole }}">All of it: layers, faces, water, drying</a></p>@endisset
    <p class="core-says">Vapour alone, in whole layers. Local code and the products’ own limits decide.</p>
</section>
