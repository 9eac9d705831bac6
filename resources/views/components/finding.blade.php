{{-- One finding: its weight, what was found, why it matters, the remedy and what that does; of what is not said, the answers. --}}
@props(['judged', 'format', 'may', 'project' => null, 'onOld' => false])
@use('Ondergrond\Rules\Answer')
@php
    $finding = $judged->finding;
    $rule = $finding->rule;
    $id = $rule->id();
    $field = "reason.{$id}";
    $answers = $judged->answers();
@endphp
<x-unit tag="li" :name="'finding-'.$id" class="finding" :id="'finding-'.$id" :data-part="$rule->parts()[0]->value" :data-rule="$id">
    <p class="finding-what"><x-weight :severity="$finding->severity" /> <b>{{ $finding->said->in($format) }}</b></p>
    <p class="finding-why">{{ $rule->why() }}</p>
    @if ($judged->setAside)
        <p class="finding-aside">
            @php $aside = $judged->setAside; @endphp
            Set aside by <bdi>{{ $aside->by }}</bdi> on {{ $aside->on }}: “<bdi>{{ $aside->reason }}</bdi>”.
        </p>
    @endif
    <div class="finding-acts">
        @if ($may && $judged->isOpen() && $judged->canBeRemedied())<button id="remedy-{{ $id }}" name="act"
            value="remedy:{{ $id }}">{{
            rtrim($finding->remedy->said->in($format), '.') }}</button>@endif
        @if ($may && $judged->isOpen() && $finding->answer?->path === Answer::LEAST_WING)
            <button id="look-{{ $id }}" form="look-for-wing">{{
                rtrim($finding->answer->said->in($format), '.') }}</button>
        @elseif ($may && $judged->isOpen() && $finding->answer !== null)
            <button id="answer-{{ $id }}" form="say-at-site" name="say" value="{{ $finding->answer->path }}:{{
                $finding->answer->value }}">{{ rtrim($finding->answer->said->in($format), '.') }}: say so of the site</button>
        @endif
        @if ($may && $judged->isOpen() && $finding->unsaid !== null)
            @if ($answers !== [])
                <span class="chips" role="group" aria-label="{{ $finding->said->in($format) }}">@foreach ($answers as $value =>
                    $words)<button
                    id="say-{{ $id }}-{{ $value }}" name="act" value="say:{{ $finding->unsaid }}:{{ $value }}">{{ $words
                        }}</button>@endforeach</span>
            @elseif ($judged->isOfSite())
                <a class="finding-go" href="{{ route('site.edit', $project) }}{{ \App\View\SitePage::at($finding->unsaid) }}">Say it at
                    the site</a>
            @else
                <button type="button" class="needs-script" id="fill-{{ $id }}" x-on:click="fillIn" data-unsaid="{{ $finding->unsaid }}">Fill
                    it in<span
                    class="unseen">: {{ $rule->asks() }}</span></button>
            @endif
        @endif
        @if ($may && ! $judged->isOpen())
            <button id="again-{{ $id }}" name="act" value="take-back:{{ $id }}">Ask it again<span class="unseen">: {{ $rule->asks()
                }}</span></button>
        @endif
        @if ($may && $judged->isOpen() && $judged->canBeRemedied())
            <p class="finding-but">
                @if ($onOld && $judged->access !== null)<span>On what stands: {{ $judged->access->label() }}.</span>@endif
                @foreach ($judged->brings as $brought)<span class="finding-brings">It brings another finding:
                    <x-weight :severity="$brought->severity" /> {{ $brought->said->in($format) }}</span>@endforeach
                @foreach ($judged->worse as $worse)<span>But {{ $worse->in($format) }}.</span>@endforeach
                <span data-worse="{{ $id }}"></span>
            </p>
        @endif
        <details class="finding-more" id="more-{{ $id }}" @if ($errors->has($field)) open @endif>
            <summary id="open-{{ $id }}">More<span class="unseen">: {{ $rule->asks() }}</span></summary>
            <p class="finding-does">{{ ucfirst($rule->cited()) }}.</p>
            @if ($finding->remedy && $judged->isOpen())
                <p class="finding-does">
                    <span data-cost="{{ $id }}"></span>
                    @if ($judged->obstacle)The remedy, {{ lcfirst(rtrim($finding->remedy->said->in($format), '.')) }}, cannot be built
                        here: {{ $judged->obstacle }}.@endif
                    @if ($judged->takes !== [])It also settles: {{ $judged->takesInWords() }}.@endif
                </p>
            @endif
            @if ($may && $judged->isOpen())
                <label class="unseen" for="reason-{{ $id }}">Why it is set aside</label>
                <input id="reason-{{ $id }}" type="text" name="reason[{{ $id }}]" dir="auto" maxlength="500" placeholder="why not here"
                    value="{{
                    $errors->has($field) && is_string(old($field)) ? old($field) : '' }}" autocomplete="off"
                    @error($field) aria-invalid="true" aria-describedby="wrong-{{ $id }}" @enderror>
                <button id="aside-{{ $id }}" name="act" value="set-aside:{{ $id }}">Set aside<span class="unseen">: {{ $rule->asks()
                    }}</span></button>
                @error($field)<p class="wrong" id="wrong-{{ $id }}">{{ $message }}</p>@enderror
            @endif
        </details>
    </div>
</x-unit>
