<x-layout :title="'Site of '.$page->project->name" :project="$page->project" class="page site-page">
    <div id="live" x-data="live" @if (auth()->user()->single_keys) data-keys @endif>
        <div class="page-head" id="site-head">
            <h1>Site</h1>
            <p class="undo">
                @if ($page->may)
                    @foreach (['undo' => $page->sitting?->undo, 'redo' => $page->sitting?->redo] as $way => $what)
                        <button form="site-{{ $way }}" data-press="{{ $way === 'undo' ? 'u' : 'r' }}" @disabled($what === null)>{{
                            ucfirst($way) }}</button>
                    @endforeach
                    <span class="hint" role="status" data-said></span>
                    <button type="button" data-again hidden>Try again</button>
                @else <span class="hint">You may read this, not change it.</span> @endif
            </p>
            <a href="{{ route('site.history', $page->project) }}">History</a>
        </div>
        <div id="site-wrong"><x-wrong what="Not saved" /></div>
        <div class="site-picture" id="site-picture" x-data="picture" @pointerdown="begin" @pointermove="drag" @pointerup="drop"
            @input.window="follow" @change.window="foresee"
            data-implied="{{ route('site.implied', $page->project) }}" @dragover="over" @dragleave="away" @drop="fall">
            @include('site.year')
            @include('site.ground')
        </div>
        <div class="site-open" id="site-open">@include('site.open')</div>
        <form class="site" id="site-form" method="post" action="{{ route('site.update', $page->project) }}" novalidate data-live>
            @csrf @method('put')
            @if (session('conflict'))<x-conflict :conflict="session('conflict')" :reload="route('site.edit', $page->project)" />@endif
            <x-made-from :head="$page->head" :format="$page->format" :again="$errors->any() || session('conflict')" />
            @foreach ($page->cards as $card)
                <details class="card" id="card-{{ $card->slug }}" @if ($errors->hasAny($card->names())
                    || $card->slug === 'place' && $errors->has('name')
                    || $card->slug === 'climate' && ($errors->has('known.*') || $errors->has('climate')))
                    open @endif>
                    <summary><b>{{ $card->legend }}</b> <span>{{ $card->line }}</span></summary>
                    <fieldset @disabled(! $page->may)>
                        <legend class="unseen">{{ $card->legend }}</legend>
                        @if ($card->slug === 'place')<x-input name="name" label="Name of the project" :value="$page->project->name"
                            dir="auto" />@endif
                        @foreach ($card->fields as $field)
                            @continue($field->isMonth())
                            @if ($field->options === null)
                                <x-input :name="$field->name" :label="$field->label" :hint="$field->hint" :value="$field->value"
                                    dir="auto" />
                            @else
                                <x-choice :name="$field->name" :label="$field->label" :value="$field->value" :options="$field->options" />
                            @endif
                        @endforeach
                        @if ($card->hint !== '')<p class="hint card-hint">{{ $card->hint }}</p>@endif
                    </fieldset>
                    @if ($card->slug === 'rooms' && $page->may)<p class="card-more shells">Fill in a shell:
                        @foreach (\Ondergrond\Site\Shell::cases() as $shell)<button form="site-shell" name="shell" value="{{ $shell->value
                            }}">{{ $shell->label() }}</button> @endforeach
                        <span class="hint">air changes, roof and glass; common practice</span></p>@endif
                    @if ($card->slug === 'climate' && $page->may)@include('site.known')@endif
                    @if ($card->slug === 'winter')<div class="card-more"><x-winter :site="$page->site" :winter="$page->winter"
                        :format="$page->format" /> <p class="hint">{{ $page->winterSaid() }}</p></div>@endif
                </details>
            @endforeach
            @if ($page->may)<p class="no-script"><button class="go">Save the site</button></p>@endif
        </form>
        <div hidden>
            @if ($page->may)
                <form method="post" action="{{ route('site.shell', $page->project) }}" id="site-shell">@csrf @method('put')</form>
                @foreach (['undo', 'redo'] as $way)
                    <form method="post" action="{{ route('site.'.$way, $page->project) }}" id="site-{{ $way }}"
                        data-live>@csrf @method('put')</form>
                @endforeach
                @foreach (['months', 'extremes', 'sum'] as $kind)
                    <form method="post" action="{{ route('site.known', $page->project) }}" id="known-{{ $kind }}" data-live="pressed">@csrf
                        <input type="hidden" name="kind" value="{{ $kind }}">
                        <input type="hidden" name="revision" value="{{ $page->head->id }}">
                        <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name($page->format)
                            }}"></form>
                @endforeach
                <form id="climate-import" method="post" action="{{ route('site.climate', $page->project) }}"
                    enctype="multipart/form-data">@csrf<input type="hidden" name="revision" value="{{ $page->head->id }}"></form>
            @endif
        </div>
    </div>
</x-layout>
