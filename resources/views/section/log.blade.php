@use('Ondergrond\Units\Quantity')
@php $design = $option->design; @endphp
<section aria-labelledby="log-floor">
    <h2 id="log-floor">Floor <span>downward from the slab’s top</span></h2>
    <div class="log">
        @foreach ($log->floor() as $row)
            <x-log-row :row="$row" :format="$format" :sizes="$log->sizes($row->part->value.'.thickness_m')">
                @if ($row->part === \Ondergrond\Design\Part::Sheet)
                    <x-choice plain name="design.sheet.position" label="Sheet lies" :value="$design->sheet->position->value" :options="['above' => 'above the boards', 'below' => 'below the boards']" />
                    <x-field plain name="design.sheet.thickness_m" :sizes="$log->sizes('sheet.thickness_m')" label="Thickness of the sheet" :value="$format->format($design->sheet->thickness, Quantity::SheetThickness)" />
                @endif
            </x-log-row>
        @endforeach
        <div class="log-row log-ground" data-unit="ground">
            <span class="log-depth">{{ $format->format($log->depth(), Quantity::Thickness) }}</span>
            <span class="log-hatch"></span>
            <p class="log-name">{{ $project->site->soil->label() }} <span>λ {{ $format->format($project->site->soil->conductivity(), Quantity::Conductivity) }}</span></p>
        </div>
    </div>
</section>
<section aria-labelledby="log-edge">
    <h2 id="log-edge">Edge <span>inward to outward</span></h2>
    <div class="log">
        @foreach ($log->edge() as $row)
            <x-log-row :row="$row" :format="$format" :sizes="$log->sizes($row->part->value.'.thickness_m')">
                @switch($row->part)
                    @case(\Ondergrond\Design\Part::Beam)
                        <x-field plain name="design.edge_beam.width_m" :sizes="$log->sizes('edge_beam.width_m')" label="wide" :value="$format->format($design->beam->width, Quantity::Thickness)" />
                        <x-field plain name="design.edge_beam.depth_m" :sizes="$log->sizes('edge_beam.depth_m')" label="deep" :value="$format->format($design->beam->depth, Quantity::Thickness)" />
                        @break
                    @case(\Ondergrond\Design\Part::Perimeter)
                        <x-field plain name="design.perimeter_board.width_m" :sizes="$log->sizes('perimeter_board.width_m')" label="strip, wide" :value="$format->format($design->perimeter->width, Quantity::Thickness)" />
                        @break
                    @case(\Ondergrond\Design\Part::EdgeOutside)
                        <x-field plain name="design.edge_outside.depth_below_grade_m" :sizes="$log->sizes('edge_outside.depth_below_grade_m')" label="below ground" :value="$format->format($design->edgeOutside->depth, Quantity::Thickness)" />
                        @break
                @endswitch
            </x-log-row>
        @endforeach
    </div>
</section>
<details class="log-more" id="log-wall" data-unit="wall" @if ($errors->has('design.wall.*') || $errors->has('design.slab.top_above_grade_m')) open @endif>
    <summary>Wall and height</summary>
    <x-field name="design.slab.top_above_grade_m" :sizes="$log->sizes('slab.top_above_grade_m')" label="Slab’s top above the ground" :value="$format->format($design->slab->topAboveGrade, Quantity::Thickness)" />
    @foreach (['inside' => $design->wall->inside, 'outside' => $design->wall->outside] as $side => $layers)
        @foreach ($layers as $i => $layer)
            <div class="wall-layer">
                <x-choice :name="'design.wall.'.$side.'.'.$i.'.material'" :label="($side === 'inside' ? 'From the room, layer ' : 'Past the slab’s edge, layer ').($i + 1)" :value="$layer->material->slug"
                    :options="collect($log->wallMaterials($layer->material))->pluck('name', 'slug')->all()" />
                <x-field :name="'design.wall.'.$side.'.'.$i.'.thickness_m'" :sizes="$log->sizes('wall.'.$side.'.'.$i.'.thickness_m')" label="thick" :value="$format->format($layer->thickness, Quantity::Thickness)" />
            </div>
        @endforeach
    @endforeach
    <p class="hint">Together {{ $format->format($design->wall->thickness(), Quantity::Thickness) }}, w in the heat sum. U of the wall {{ $format->format($heat->wallTransmittance, Quantity::Transmittance) }}.</p>
</details>
<details class="log-more" id="log-footprint" data-unit="footprint" @if ($errors->has('design.footprint.*')) open @endif>
    <summary>Footprint</summary>
    <x-field name="design.footprint.area_m2" label="Floor area" :value="$format->format($design->footprint->area, Quantity::Area)" />
    <x-field name="design.footprint.perimeter_m" label="Outline, all round" :value="$format->format($design->footprint->perimeter, Quantity::Length)" />
    <x-field name="design.footprint.exposed_perimeter_m" label="Of that, next to outside or unheated" :value="$format->format($design->footprint->exposed, Quantity::Length)" />
    <p class="hint">To the inside face of the outer walls. B′ = {{ $format->format($design->footprint->characteristicDimension(), Quantity::Length) }}.</p>
</details>
