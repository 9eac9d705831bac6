<x-layout :title="'Walls of '.$page->project->name" :project="$page->project" :option="$page->option" class="page set-out">
    <div class="page-head"><h1>Walls from outside</h1></div>
    @include('survey.tabs', ['project' => $page->project])
    <x-pens />
    @foreach ($page->walls as $id => $wall)
        <section id="wall-{{ $id }}" aria-labelledby="wall-title-{{ $id }}">
            <h2 id="wall-title-{{ $id }}">Wall {{ $wall->wall }}, {{ $page->length($wall->length) }} <span class="quiet">1 : {{
                $page->scale($wall) }}</span></h2>
            <div class="plan-drawing plan-sheet" tabindex="0" role="region" aria-label="Wall {{ $wall->wall }}">{!! $page->svg($wall)
                !!}</div>
            @if ($wall->passages !== [])
                <div class="scroll" tabindex="0" role="region" aria-label="Sleeves in {{ $wall->wall }}"><table class="sheet-table">
                    <thead><tr><th scope="col">Sleeve</th><th scope="col">From {{ $wall->left }}</th><th scope="col">Middle over the
                        ground</th><th scope="col">Falls outward</th><th scope="col">Sealed outside</th><th scope="col">Inside</th>
                        <th scope="col">Now</th><th scope="col">Drilled later</th></tr></thead>
                    <tbody>@foreach ($wall->passages as $i => $p)<tr><th scope="row">{{ $i + 1 }} <bdi>{{ $p->name }}</bdi> <span
                        class="quiet">{{ $page->small($p->diameter) }}</span></th><td>{{ $page->length($p->along) }}</td><td>{{
                        $page->height($p->level) }}</td><td>{{ $page->small($p->drop) }}</td><td>{{ $p->outside }}</td><td>{{ $p->inside
                        }}</td><td class="nowrap">{{ $p->now }} h</td><td class="nowrap">{{ $p->later }} h</td></tr>@endforeach</tbody>
                </table></div>
            @else
                <p class="quiet">Nothing passes through it: a sleeve that is missed is drilled later.</p>
            @endif
        </section>
    @endforeach
    <p class="hint">Hours are of one person, common practice without a source. A hole that is drilled later may meet bars and ties:
        they are
        looked for first, and an engineer decides.</p>
</x-layout>
