<fieldset id="plan-items" @disabled(! $page->may)>
    <legend>Set in it</legend>
    <p class="add"><label class="unseen" for="plan-kind">What to put in</label>
        <select id="plan-kind" name="kind" data-still>@foreach ($page->kinds() as $slug => $label)<option value="{{ $slug }}">{{
            $label }}</option>@endforeach</select>
        <button name="act" value="add:" data-with="plan-kind">Put in</button></p>
    <p class="add"><label class="unseen" for="plan-propose">What to propose</label>
        <select id="plan-propose" name="propose" data-still>@foreach ($page->proposals() as $slug => $label)<option value="{{ $slug }}">{{
            $label }}</option>@endforeach</select>
        <button name="act" value="propose:" data-with="plan-propose">Propose</button></p>
    <datalist id="plan-names">@foreach ($page->items as $item)<option value="{{ $item->at()->name }}"></option>@endforeach</datalist>
    @php $number = 0; @endphp
    @foreach ($page->rows($page->items) as $rows)<x-unit :name="'items-'.$loop->iteration" class="rows">
    @foreach ($rows as $id => $item)
        @php
            $remarks = $page->remarks('item:'.$id);
            $wrong = $errors->has('plan.items.'.$id.'.*') || $errors->has('layout.'.$id.'.*');
            $whole = $wrong || $page->isWhole($id);
        @endphp
        <details class="item" id="item-{{ $id }}" @if (! $whole) data-lazy="{{ $id }}" @endif
            @if ($wrong || in_array($id, $page->open, true)) open @endif>
            <summary><span class="item-number">{{ ++$number }}</span> <b>{{ $item::label() }}</b> <bdi>{{ $item->at()->name }}</bdi>
                <span class="quiet">{{ $page->about($item) }}</span>
                @if ($remarks !== [])<span class="remarked remarked-{{ Str::slug($remarks[0]->severity->value) }}">{{
                    $remarks[0]->severity->value }}</span>@endif</summary>
            @include('plan.remarks', ['place' => 'item:'.$id])
            @if ($page->proposedBy($item) !== null)<p class="hint">{{ $page->proposedBy($item) }}</p>@endif
            @if ($whole)
                <div class="item-fields">
                    @foreach ($page->fields->of($id, $item) as $field)@include('plan.field')@endforeach
                </div>
                @if ($page->tolerance($item) !== '')<p class="hint">{{ ucfirst($page->tolerance($item)) }}</p>@endif
                <p class="add"><button name="act" value="copy:{{ $id }}">Another like it<span class="unseen">: {{ $item->at()->name
                    }}</span></button>
                <button name="act" value="remove:{{ $id }}">Take out<span class="unseen">: {{ $item->at()->name }}</span></button></p>
            @else
                @foreach ($page->fields->places($id, $item) as $field)<input type="hidden" name="{{ $field->html() }}" value="{{
                    $field->value }}" data-grip="{{ $field->grip }}">@endforeach
                <p class="no-script"><a href="{{ $page->opened($id) }}">Its sizes</a></p>
            @endif
        </details>
    @endforeach
    </x-unit>@endforeach
</fieldset>
