@use('Ondergrond\Units\Quantity')
<details class="more" id="plan-corners" @if ($errors->has('plan.corners.*')) open @endif>
    <summary>Corners, levels, base line</summary>
    <fieldset @disabled(! $page->may)>
        <legend class="unseen">Corners</legend>
        <x-choice name="plan.face" label="The outline is read to" :value="$page->plan->face->value" :options="$page->faces()" />
        @foreach ($page->plan->corners as $id => $corner)
            <div class="wall">
                @foreach ($page->fields->corner($id) as $field)@include('plan.field')@endforeach
                <button name="act" value="no-corner:{{ $id }}">Take out<span class="unseen"> corner {{ $id }}</span></button>
            </div>
        @endforeach
        <div class="wall">
            <x-input name="plan.benchmark_m" label="Benchmark"
                :value="$page->plan->benchmark === null ? '' : $page->length($page->plan->benchmark)"
                hint="its level in the survey’s heights" />
            <x-input name="plan.zero_m" label="Ground at the common edge" :value="$page->length($page->plan->zero)"
                hint="in the same heights: what the section counts from" />
            <x-input name="plan.north_deg" label="North" :value="$page->format->format($page->plan->north, Quantity::Angle)"
                hint="from up the sheet, with the clock" />
        </div>
        @if ($page->plan->pegs)
            <div class="wall">
                @foreach (['px' => 'P, along', 'py' => 'P, across', 'qx' => 'Q, along', 'qy' => 'Q, across'] as $key => $label)
                    <x-input :name="'plan.pegs.'.$key.'_m'" :label="$label" :value="$page->length($page->plan->pegs->$key)" />
                @endforeach
            </div>
        @else
            <p><button name="act" value="pegs">Set the pegs of the base line</button></p>
        @endif
    </fieldset>
</details>
