@use('Ondergrond\Logbook\EntryKind')
@use('Ondergrond\Logbook\State')
@php
    $field = $page->field($item);
    $state = $page->state($hold, $item);
    $last = $hold->latest[$item->id] ?? null;
    $wrong = $errors->get($field);
    $mine = old('hold') === $item->id;
@endphp
<details class="read read-{{ $state?->value ?? 'none' }}" id="read-{{ $field }}" @if ($wrong !== [] || ($mine && $errors->any())) open
    @endif>
    <summary><span class="read-mark" aria-hidden="true"></span><span class="read-what">{{ $item->label }}@if ($item->byCompetent)<span
        class="care"> by a competent person</span>@endif <span class="quiet">{{ $page->wanted($item) }}</span></span>
        <span class="read-state">@if ($last) {{ $state->value }} @else to read @endif</span></summary>
    @if ($last)<p class="read-last">{{ $page->said($last) }} <span class="quiet"><bdi>{{ $last->who }}</bdi> {{ $page->moment($last->at)
        }}</span></p>@endif
    @if ($page->may)
        <form method="post" action="{{ route('log.store', $page->project) }}" enctype="multipart/form-data" data-keep data-entry>
            @csrf
            <input type="hidden" name="hold" value="{{ $item->id }}">
            <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name($page->format) }}">
            @if ($item->kind === EntryKind::Pressure)
                @foreach (['Hours since the start', 'Temperature', 'Gauge'] as $i => $label)
                    <label class="big">{{ $label }} <input name="value{{ $i }}" inputmode="decimal" autocomplete="off" value="{{ $mine ?
                        old('value'.$i) : '' }}"></label>
                @endforeach
                <p class="hint">Air: compared at one temperature. For water no gas law helps.</p>
            @elseif ($item->kind === EntryKind::Weather)
                @foreach (['Air', 'Wind', 'Rain'] as $i => $label)
                    <label class="big">{{ $label }} <input name="value{{ $i }}" inputmode="decimal" autocomplete="off" value="{{ $mine ?
                        old('value'.$i) : '' }}"></label>
                @endforeach
            @elseif ($item->kind === EntryKind::Seen)
                <div class="yes-no"><button class="go" name="seen" value="yes">As it should be</button>
                    <button name="seen" value="no">Not so</button></div>
            @elseif ($item->kind !== EntryKind::Photograph)
                <label class="big">{{ $item->kind === EntryKind::Thickness ? 'Readings, one after the other' : $item->kind->label() }}
                    <input name="value" inputmode="{{ $item->kind === EntryKind::Thickness ? 'text' : 'decimal' }}" autocomplete="off"
                        value="{{
                    $mine ? old('value') : '' }}"></label>
            @endif
            @if ($item->kind === EntryKind::Thickness)
                <label class="big">Where <select name="stretch">@foreach ($page->walls() as $value => $words)<option value="{{ $value }}"
                    @selected($mine && old('stretch') === $value)>{{ $words }}</option>@endforeach</select></label>
            @endif
            @foreach ($wrong as $message)<p class="wrong" role="alert">{{ $message }}</p>@endforeach
            @if ($errors->has($field.'-sure'))<label class="tick"><input type="checkbox" name="sure" value="1"> <span>that is what it
                reads</span></label>@endif
            <div class="read-more"><label>Photograph <input type="file" name="photo" accept="image/*" capture="environment"></label>
                <label>Note <input name="note" autocomplete="off" maxlength="2000" value="{{ $mine ? old('note') : '' }}"></label></div>
            @if ($mine)@foreach ($errors->get('photo') as $message)<p class="wrong" role="alert">{{ $message }}</p>@endforeach @endif
            @if ($item->kind !== EntryKind::Seen)<button class="go">Keep it</button>@endif
            <p class="hint">{{ $item->source }}</p>
        </form>
    @endif
</details>
