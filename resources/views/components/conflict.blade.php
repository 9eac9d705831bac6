{{-- Somebody saved meanwhile: what changed, and the choice. --}}
@props(['conflict', 'reload'])
<section class="conflict" role="alert" aria-labelledby="conflict-title">
    <h2 id="conflict-title">Not saved: <bdi>{{ $conflict['who'] }}</bdi> changed this while your page stood open</h2>
    <div class="conflict-sides">
        <div><h3>They changed</h3><ul>@foreach ($conflict['theirs'] as $line)<li dir="auto">{{ $line }}</li>@endforeach</ul></div>
        <div><h3>You want</h3><ul>@foreach ($conflict['mine'] as $line)<li dir="auto">{{ $line }}</li>@endforeach</ul></div>
    </div>
    {{-- A school or a layer that was asked for is asked for again with the choice. --}}
    @if (is_string(old('act')))<input type="hidden" name="act" value="{{ old('act') }}">@endif
    <p class="conflict-acts">
        <button name="seen" value="{{ $conflict['head'] }}">{{ $conflict['clashes'] ? 'Put mine over theirs' : 'Keep both' }}</button>
        <a href="{{ $reload }}">Drop mine, show theirs</a>
    </p>
</section>
