<fieldset id="plan-walls" @disabled(! $page->may)>
    <legend>Walls</legend>
    @foreach ($page->rows($page->walls()) as $rows)<x-unit :name="'walls-'.$loop->iteration" class="rows">
    @foreach ($rows as $id => $wall)
        <div class="wall" id="wall-{{ $id }}">
            @foreach ($page->fields->along($wall) as $field)@include('plan.field')@endforeach
            @if ($page->section($id))<a class="wall-section" href="{{ $page->section($id) }}" data-section="{{ $id }}">Its section<span
                class="unseen"> at wall {{ $wall->from }}–{{ $wall->to }}</span></a>@endif
        </div>
        @include('plan.remarks', ['place' => 'corner:'.$id])
        @foreach ($page->openings($id) as $key => $opening)
            <details class="item wall-door" id="opening-{{ $key }}" @if ($errors->has('plan.openings.'.$key.'.*')) open @endif>
                <summary><b>{{ ucfirst($opening->kind->label()) }}</b> {{ $page->length($opening->width) }}, <span class="quiet">{{
                    $page->length($opening->from) }} from {{ $id }}</span></summary>
                @include('plan.remarks', ['place' => 'opening:'.$key])
                <div class="item-fields">
                    @foreach ($page->fields->opening($key, $opening) as $field)@include('plan.field')@endforeach
                </div>
                <button name="act" value="no-opening:{{ $key }}">Take out<span class="unseen"> the {{ $opening->kind->label()
                    }}</span></button>
            </details>
        @endforeach
        @php
            $wrong = $errors->has('step.'.$id.'.*') || $errors->has('plan.walls.'.$id.'.*');
            $whole = $wrong || $page->isWholeWall($id);
        @endphp
        <details class="item wall-door" id="more-{{ $id }}" @if (! $whole) data-lazy="{{ $id }}" @endif
            @if ($wrong || in_array($id, $page->open, true)) open @endif>
            <summary class="quiet">Opening, step, ground of {{ $wall->from }}–{{ $wall->to }}</summary>
            @if ($whole)
                <div class="item-fields">
                    @foreach ($page->fields->wall($id) as $field)@include('plan.field')@endforeach
                </div>
                <div class="item-fields">
                    <x-input :name="'step.'.$id.'.along'" :label="'Step begins, from '.$id" data-still />
                    <x-input :name="'step.'.$id.'.out'" label="Out by, in with −" data-still />
                    <button name="act" value="step:{{ $id }}">Step it<span class="unseen">: wall {{ $wall->from }}–{{ $wall->to
                        }}</span></button>
                </div>
                <p class="add"><button name="act" value="opening:{{ $id }}">+ Opening<span class="unseen"> in wall {{ $wall->from }}–{{
                    $wall->to }}</span></button>
                <button name="act" value="corner:{{ $id }}">+ Corner in its middle<span class="unseen"> of wall {{
                    $wall->from }}–{{ $wall->to }}</span></button></p>
            @else
                <p class="no-script"><a href="{{ $page->opened($id) }}">Its sizes</a></p>
            @endif
        </details>
    @endforeach
    </x-unit>@endforeach
</fieldset>
