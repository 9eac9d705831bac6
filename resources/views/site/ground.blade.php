{{-- The open ground as a column, with what is met in it as lines to be dragged. --}}
@php
    $ground = $page->ground;
    $ruler = $ground->ruler;
    $swing = $ground->swing();
    $grade = \App\View\GroundColumn::GRADE;
    $height = \App\View\GroundColumn::HEIGHT;
    $foot = $ruler->y(\App\View\GroundColumn::DEEP);
    $snow = $page->site->frost->snow;
@endphp
<figure class="column" aria-label="The ground">
    <svg class="column-plot ground-{{ $page->site->soil->value }}" height="{{ $height }}" width="100%" role="img"
        aria-label="The open ground and what is met in it" data-zero="{{ $ruler->zero }}" data-per="{{ $ruler->per }}"
        data-step="{{ $ruler->step }}" data-unit="{{ $ruler->unit }}" data-least="{{ $ruler->step }}" data-foot="{{ $foot }}">
        <rect class="column-sky" x="0" y="0" width="100%" height="{{ $grade }}" />
        <rect class="column-soil" x="0" y="{{ $grade }}" width="100%" height="{{ $foot - $grade }}" />
        <svg viewBox="0 0 100 {{ $height }}" preserveAspectRatio="none" height="{{ $height }}" width="100%">
            <path class="column-swing" d="{{ $swing['band'] }}" />
            @if ($swing['freezing'] !== null)<path class="column-freezing" d="M{{ $swing['freezing'] }} {{ $grade }}V{{ $foot }}" />@endif
        </svg>
        @foreach ($ground->depths() as $mark)
            <path class="column-mark" d="M0 {{ $mark['y'] }}h7" /><text class="column-mark" x="10" y="{{ $mark['y'] - 3 }}">{{
                $mark['words'] }}</text>
        @endforeach
        <path class="column-grade" d="M0 {{ $grade }}h4000" />
        <g @class(['line', 'line-snow', 'line-none' => ! $snow]) data-of="site-frost-snow" transform="translate(0 {{
            $snow ? $grade - 16 : $grade - 3 }})">
            @if ($snow)<rect class="column-snow" x="0" y="0" width="100%" height="16" />@endif
            <text x="50%" y="{{ $snow ? 12 : -5 }}" text-anchor="middle">{{ $snow ? 'snow counted on' : 'no snow counted on' }}</text>
            @if ($page->may)<rect class="grip" data-drag="site-frost-snow" data-turn="{{ $grade - 10 }}" data-above="yes" data-below="no"
                x="0" y="-10" width="100%" height="16" />@endif
        </g>
        <text class="column-end" x="2%" y="{{ $grade - 5 }}">{{ $swing['left'] }}</text>
        <text class="column-end" x="98%" y="{{ $grade - 5 }}" text-anchor="end">{{ $swing['right'] }}</text>
        @foreach ($ground->lines() as $line)
            <g class="line {{ $line['class'] }}" data-of="{{ $line['field'] }}" transform="translate(0 {{ $line['y'] }})">
                <path d="M0 0h4000" /><text x="{{ $line['at'] }}" y="-4" text-anchor="{{ $line['anchor'] }}">{{ $line['words'] }}</text>
                @if ($page->may)<rect class="grip" data-drag="{{ $line['field'] }}" x="{{
                    ['start' => '0', 'middle' => '38%', 'end' => '66%'][$line['anchor']] }}" y="-16" width="36%" height="24" />@endif
            </g>
        @endforeach
    </svg>
    <figcaption>{{ $page->site->soil->label() }}; shaded: how far the year’s warmth swings in open ground. @if ($page->may)<span
        class="needs-script">Drag frost, water, rock and snow.</span>@endif</figcaption>
</figure>
