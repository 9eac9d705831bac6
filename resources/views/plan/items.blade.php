<fieldset @disabled(! $page->may)>
    <legend>Set in it</legend>
    <p class="add"><label class="unseen" for="plan-kind">What to put in</label>
        <select id="plan-kind" name="kind" data-still>@foreach ($page->kinds() as $slug => $label)<option value="{{ $slug }}">{{
            $label }}</option>@endforeach</select>
        <button name="act" value="add:" data-with="plan-kind">Put in</button></p>
    @foreach ($page->items() as $id => $item)
        @php $remarks = $page->remarks('item:'.$id); @endphp
        <details class="item" id="item-{{ $id }}" @if ($errors->has('plan.items.'.$id.'.*') || $errors->has('layout.'.$id.'.*')) open
            @endif>
            <summary><span class="item-number">{{ $loop->iteration }}</span> <b>{{ $item::label() }}</b> <bdi>{{ $item->at()->name }}</bdi>
                <span class="quiet">{{ $page->about($item) }}</span>
                @if ($remarks !== [])<span class="remarked remarked-{{ Str::slug($remarks[0]->severity->value) }}">{{
                    $remarks[0]->severity->value }}</span>@endif</summary>
            @include('plan.remarks', ['place' => 'item:'.$id])
            <div class="item-fields">
                @foreach ($page->fields($id, $item) as $field)@include('plan.field')@endforeach
            </div>
            @if ($page->tolerance($item) !== '')<p class="hint">{{ ucfirst($page->tolerance($item)) }}</p>@endif
            <p class="add"><button name="act" value="copy:{{ $id }}">Another like it<span class="unseen">: {{ $item->at()->name
                }}</span></button>
            <button name="act" value="remove:{{ $id }}">Take out<span class="unseen">: {{ $item->at()->name }}</span></button></p>
        </details>
    @endforeach
</fieldset>
