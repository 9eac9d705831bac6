@use('Ondergrond\Units\Quantity')
<x-layout :title="'Site of '.$project->name" :project="$project" class="page">
    <div class="page-head"><h1>Site</h1> <a href="{{ route('site.history', $project) }}">History</a></div>
    <x-wrong what="Not saved" />
    <form class="site" method="post" action="{{ route('site.update', $project) }}" novalidate data-keep>
        @csrf @method('put')
        @if (session('conflict'))<div class="wide"><x-conflict :conflict="session('conflict')" :reload="route('site.edit', $project)"
            /></div>@endif
        <x-made-from :head="$head" :format="$format" :again="$errors->any() || session('conflict')" />
        @foreach ($sections as $section)
            <fieldset @class(['wide' => $section->slug === 'air']) @disabled(! $may)>
                <legend>{{ $section->legend }}</legend>
                @if ($section->slug === 'place')<x-input name="name" label="Name of the project" :value="$project->name" dir="auto" />@endif
                @if ($section->hint !== '')<p class="hint">{{ $section->hint }}</p>@endif
                @foreach ($section->fields as $field)
                    @continue($field->isMonth())
                    @if ($field->options === null)
                        <x-input :name="$field->name" :label="$field->label" :hint="$field->hint" :value="$field->value" dir="auto" />
                    @else
                        <x-choice :name="$field->name" :label="$field->label" :value="$field->value" :options="$field->options" />
                    @endif
                @endforeach
                @if ($section->slug === 'frost')
                    <div class="ledge" x-data="ledge" data-scale="{{ $ledge['pixels'] }}" data-grade="{{ $ledge['grade'] }}"
                        data-unit="{{ $format->unit(Quantity::Thickness) }}" data-now="{{ $site->frost->ledge ?? '' }}" @pointerdown="begin"
                            @pointermove="drag" @pointerup="drop">
                        {!! $ledge['svg'] !!}
                        <p class="hint needs-script-block">Draw it in: press where rock was met under the ground outside, or drag its
                            line.</p>
                    </div>
                @elseif ($section->slug === 'winter')
                    <x-winter :site="$site" :winter="$winter" :format="$format" />
                @elseif ($section->slug === 'air')
                    <div class="months">
                        @foreach ($section->fields as $field)
                            @if ($field->isMonth())<x-input :name="$field->name" :label="$field->label" :value="$field->value" />@endif
                        @endforeach
                    </div>
                    <x-year :site="$site" :format="$format" :months="$months" />
                @endif
            </fieldset>
        @endforeach
        @if ($may)<button class="go">Save the site</button>@endif
    </form>
    @if ($may)
        <form class="site" id="climate-import" method="post" action="{{ route('site.climate', $project) }}" enctype="multipart/form-data">
            @csrf
            <fieldset>
                <legend>Take the climate from a file</legend>
                <p class="hint">Hourly weather as EPW, or CSV with a date and a mean, by hour, day or month. It brings the months, the
                    design day and, from whole winters, their freezing indices; what else the site says stays.</p>
                <div class="field"><label for="climate-file">EPW or CSV</label><input id="climate-file" type="file" name="climate"
                    accept=".epw,.csv,.txt"></div>
                @foreach ($errors->get('climate') as $message)<p class="wrong" role="alert">{{ $message }}</p>@endforeach
                <button class="site-import">Take it in</button>
            </fieldset>
        </form>
    @endif
</x-layout>
