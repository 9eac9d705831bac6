@use('Ondergrond\Units\Quantity')
@php $design = $option->design; @endphp
@foreach ($log->groups() as $group)
    @if ($group->rows !== [])
        <section aria-labelledby="log-{{ $group->slug }}">
            <h2 id="log-{{ $group->slug }}">{{ $group->title }} <span>{{ $group->order }}</span></h2>
            <div class="log">
                @foreach ($group->rows as $row)<x-log-row :row="$row" :may="$may" />@endforeach
                @if ($group->slug === 'floor')
                    <x-unit name="ground" class="log-row log-ground" :title="'λ '.$format->format($project->site->soil->conductivity(),
                        Quantity::Conductivity)"><span class="log-hatch"></span><span class="log-name">{{
                        $project->site->soil->label() }}</span> <span class="log-size">{{ $format->format($log->depth(),
                            Quantity::Thickness)
                        }} down</span></x-unit>
                @endif
            </div>
        </section>
    @endif
@endforeach
<x-unit tag="details" name="wall" class="log-more" id="row-wall" data-part="wall" :open="$errors->has('design.wall.*')">
    <summary>Wall</summary>
    @foreach ($log->wall()->lists as $key => $layers)
        <x-log-layers :layers="$layers" :path="'wall.'.$key"
            :label="$key === 'inside' ? 'From the room to the edge’s outer face' : 'Past the edge, to the weather'" :may="$may" />
    @endforeach
    <p class="hint">Together {{ $format->format($design->wall->thickness(), Quantity::Thickness) }}. U of the wall {{
        $format->format($heat->wallTransmittance, Quantity::Transmittance) }}.</p>
</x-unit>
<x-unit tag="details" name="footprint" class="log-more" id="log-footprint" :open="$errors->has('design.footprint.*')">
    <summary>Footprint</summary>
    @php $planned = $project->plan() !== null; @endphp
    @if ($planned)<p class="hint">It follows from the <a href="{{ route('plan.show', $project) }}">plan</a>.</p>@endif
    <x-input name="design.footprint.area_m2" :readonly="$planned" label="Floor area"
        :value="$format->format($design->footprint->area, Quantity::Area)" />
    @foreach ([
        'perimeter_m' => ['Outline, all round', $design->footprint->perimeter],
        'exposed_perimeter_m' => ['Of that, next to outside or unheated', $design->footprint->exposed],
        'walk_out_m' => ['Of the exposed edge: walk-out side', $design->footprint->walkOut],
        'garage_m' => ['Of the exposed edge: along a garage', $design->footprint->garage],
        'porch_m' => ['Of the exposed edge: along a porch', $design->footprint->porch],
        'doors_m' => ['Of the exposed edge: doors, together', $design->footprint->doors],
        'party_m' => ['Of the rest: along a heated neighbour', $design->footprint->party],
        'lot_line_m' => ['Nearest lot or set-back line, 0 where none is near', $design->footprint->lotLine],
    ] as $key => [$label, $length])
        <x-input :name="'design.footprint.'.$key" :label="$label" :readonly="$planned && $key !== 'lot_line_m'"
            :value="$format->format($length, Quantity::Length)" />
    @endforeach
    <p class="hint">To the inside face of the outer walls. B′ = {{ $format->format($design->footprint->characteristicDimension(),
        Quantity::Length) }}.</p>
</x-unit>
<x-unit tag="details" name="schools" class="log-more" id="log-schools">
    <summary>Ways to build it</summary>
    @error('act')<p class="wrong">{{ $message }}</p>@enderror
    @foreach ($log->schools() as $school)
        <div class="school" role="group" aria-labelledby="school-{{ $school->slug() }}">
            <p class="layers-name" id="school-{{ $school->slug() }}">{{ $school->question() }}</p>
            @php $now = $school->answer($design); @endphp
            <div class="school-answers">
                @foreach ($school->answers() as $answer => $words)
                    <button name="act" value="school:{{ $school->slug() }}:{{ $answer }}" aria-pressed="{{ $answer === $now ? 'true' :
                        'false' }}" @disabled(! $may)>{{ $words }}</button>
                @endforeach
            </div>
            <p class="log-note">{{ $school->decides() }}</p>
        </div>
    @endforeach
</x-unit>
