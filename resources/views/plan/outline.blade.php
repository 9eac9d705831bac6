@use('App\Forms\Reader')
@use('Ondergrond\Plan\Shape')
<details class="more" id="plan-outline" @if ($page->plan === null || $errors->hasAny(['sizes.*', 'shape', 'legs'])) open @endif>
    <summary>{{ $page->plan === null ? 'Draw the outline' : 'Draw another outline' }}</summary>
    @foreach ($errors->get('shape') as $message)<p class="wrong" role="alert">{{ $message }}</p>@endforeach
    @foreach (['keep' => Shape::cases(), 'sizes' => Shape::cases()] as $way => $shapes)
        <p class="hint">@if ($way === 'keep')Of the typed {{ $page->area($page->option->typed()->footprint->area) }} and {{
            $page->length($page->option->typed()->footprint->perimeter) }}: no figure moves. What lies along a garage, a porch, a neighbour,
            lower ground and doors is laid along the walls in order. @else By its sizes, to the outer face of the concrete.@endif</p>
        @foreach ($shapes as $shape)
            @php $mine = old('shape') === $shape->value && (old('keep') !== null) === ($way === 'keep'); @endphp
            <form method="post" action="{{ route('plan.draw', $page->project) }}" class="shape">
                @csrf
                @include('plan.asked')
                <input type="hidden" name="{{ Reader::FIELD }}" value="{{ Reader::name($page->format) }}">
                @if ($way === 'keep')<input type="hidden" name="keep" value="1">@endif
                @if ($way === 'keep' && $shape === Shape::Rectangle)
                    <button class="go" name="shape" value="rectangle">Draw that rectangle</button>
                @else
                    <details @if ($mine) open @endif id="{{ $way.'-'.$shape->value }}-more"><summary>{{ $shape->label() }}{{ $way === 'keep'
                        ? ' of that floor' : '' }}</summary>
                        <fieldset><legend class="unseen">{{ $shape->label() }}</legend>
                            @foreach ($way === 'keep' ? $shape->open() : $shape->sizes() as $key => $label)
                                @php $id = ($way === 'keep' ? 'keep-' : '').$shape->value.'-'.$key; @endphp
                                <div class="field"><label for="{{ $id }}">{{ $label }}{{ $way === 'keep' && $key === 'from_m'
                                    ? ' (empty: in the middle)' : '' }}</label><input id="{{ $id }}" name="sizes[{{ $key }}]" value="{{
                                    $mine && is_string(old('sizes.'.$key)) ? old('sizes.'.$key) : '' }}" autocomplete="off">
                                    @if ($mine)@foreach ($errors->get('sizes.'.$key) as $message)<p class="wrong">{{ $message
                                        }}</p>@endforeach @endif</div>
                            @endforeach
                            <button name="shape" value="{{ $shape->value }}">Draw it<span class="unseen">: {{ $shape->label()
                                }}</span></button>
                        </fieldset>
                    </details>
                @endif
            </form>
        @endforeach
    @endforeach
    <form method="post" action="{{ route('plan.draw', $page->project) }}" class="shape">
        @csrf
        @include('plan.asked')
        <input type="hidden" name="{{ Reader::FIELD }}" value="{{ Reader::name($page->format) }}">
        <details @if ($errors->has('legs')) open @endif id="plan-legs-more"><summary>By its legs, once round</summary>
            <div class="field"><label for="plan-legs">A leg a line: a length, then right, up, left, down, or degrees against the
                clock</label><textarea id="plan-legs" name="legs" rows="6" placeholder="{{ $page->format->system->value === 'metric'
                ? "12 m right\n8.4 m up\n12 m left\n8.4 m down" : "40' right\n28' up\n40' left\n28' down" }}" @if ($errors->has('legs'))
                aria-invalid="true" @endif>{{ is_string(old('legs')) ? old('legs') : '' }}</textarea>
                @foreach ($errors->get('legs') as $message)<p class="wrong">{{ $message }}</p>@endforeach</div>
            <button name="shape" value="traverse">Draw it<span class="unseen">: by its legs</span></button>
        </details>
        <p class="hint">Straight walls in one ring. A curve is drawn as short walls; a courtyard, or a second building, is another
            project.</p>
    </form>
</details>
