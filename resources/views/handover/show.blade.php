@use('Ondergrond\Units\Quantity')
<x-layout :title="'As built: '.$page->project->name" :project="$page->project" :option="$page->job->option" class="page built">
    <div class="page-head"><h1>As built</h1> <a href="{{ route('log.show', $page->project) }}">Log</a></div>
    @if (! $page->built->deviates())
        <p class="lead">Nothing is on record that was built otherwise than drawn. What is measured in the <a
            href="{{ route('log.show', $page->project) }}">log</a> is held against the drawing here.</p>
    @else
        <div class="scroll" tabindex="0" role="region" aria-label="Table"><table class="sheet-table">
            <thead><tr><th scope="col">Part</th><th scope="col">Where</th><th scope="col">Found</th></tr></thead>
            <tbody>@foreach ($page->built->deviations as $deviation)<tr><th scope="row">{{ $deviation->part()->label() }}</th><td>{{
                $page->where($deviation) }}</td><td>{{ $page->said($deviation) }}</td></tr>@endforeach</tbody>
        </table></div>
        <h2>What that costs</h2>
        <dl class="figures">
            <div><dt>Heat over the year</dt><dd>{{ $page->more($page->difference->annual(), Quantity::Energy) }}</dd></div>
            <div><dt>On the design day, at most</dt><dd>{{ $page->more($page->difference->designDay(), Quantity::Power) }}</dd></div>
            <div><dt>Frost margin</dt><dd>{{ $page->margin() }}</dd></div>
        </dl>
        <p class="hint">By the fields of its sections on rough meshes; the hand-over has them fine, and runs the design winter on every
            stretch, drawn and built, where it is asked to.</p>
        @foreach ($page->difference->verdicts() as $v)<p>{{ ucfirst($v['concern']->value) }}: {{ $v['before'] }} as drawn, <b>{{ $v['after']
            }}</b> as built.</p>@endforeach
        @if ($page->difference->brought() !== [])
            <p>Found as built and not as drawn:</p>
            <ul>@foreach ($page->difference->brought() as $j)<li><b>{{ $j->finding->severity->value }}</b> {{
                $j->finding->said->in($page->format) }}</li>@endforeach</ul>
        @endif
    @endif
    @if ($page->built->undrawn !== [])<ul>@foreach ($page->built->undrawn as $line)<li class="care">{{ $line }}</li>@endforeach</ul>@endif
    <section aria-labelledby="packs" x-data="poll" data-url="{{ route('built.show', $page->project) }}">
        <h2 id="packs">Hand-over</h2>
        @if ($page->open() !== [])<p class="note">Still open, and said so in it: @foreach ($page->open() as $hold)<span class="nowrap">H{{
            $hold->hold->number() }} {{ lcfirst($hold->hold->label()) }}</span>@if (! $loop->last), @endif @endforeach</p>@endif
        @if ($page->may)<form method="post" action="{{ route('built.store', $page->project) }}" class="sheet-acts">@csrf<button
            class="go">Make
            the hand-over</button> <label class="tick"><input type="checkbox" name="winter" value="1"> <span>with the design winter: some
            minutes</span></label> <span class="hint">site, plan, sections, verdicts, hold points, readings, photographs; without
                prices</span>
            </form>@endif
        @error('pack')<p class="wrong" role="alert">{{ $message }}</p>@enderror
        <ul class="packs" id="packs-made" data-live>
            @foreach ($page->packs as $pack)
                <li><x-time :at="$pack->created_at" :zone="$page->project->site->timeZone" />, <bdi>{{ $pack->by }}</bdi>:
                    @if ($pack->isDone())<a href="{{ route('built.pack', [$page->project, $pack, 'pdf']) }}">PDF</a> <a href="{{
                        route('built.pack', [$page->project, $pack, 'html']) }}">HTML</a>
                    @elseif ($pack->stage === 'failed')<span class="care">not made: {{ $pack->said }}</span>
                    @else <span role="status" data-pending>{{ $pack->stage }} …</span> @endif</li>
            @endforeach
        </ul>
    </section>
</x-layout>
