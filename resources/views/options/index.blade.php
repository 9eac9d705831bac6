@use('Ondergrond\Units\Quantity')
<x-layout :title="'Options of '.$project->name" :project="$project" class="page">
    <div class="page-head">
        <h1>Options</h1>
        <a href="{{ route('compare.show', $project) }}">Compare</a>
        @can('update', $project)<a href="{{ route('shares.index', $project) }}">Links for clients</a>@endcan
    </div>
    @error('option')<p class="wrong" role="alert">{{ $message }}</p>@enderror
    @if ($errors->hasAny(['name', 'note', 'revision']))<p class="wrong" role="alert">Not saved. {{ implode(' ', $errors->all()) }}</p>@endif
    @foreach ($newer as $product)
        <div class="notice">
            <p><bdi>{{ $product->name }}</bdi>: this project has version {{ $project->products[$product->slug]['version'] }}, the
                firm’s list has version {{ $format->mark->grouped($product->version) }}.</p>
            @can('update', $project)<form method="post" action="{{ route('projects.product', [$project,
                $product->slug]) }}">@csrf
                @method('put')<button>Take over version {{ $format->mark->grouped($product->version) }}</button></form>@endcan
        </div>
    @endforeach
    <ol class="jobs">
        @foreach ($rows as $i => $row)
            @php [$option, $heat, $rulings] = [$row['option'], $row['heat'], $row['rulings']]; $typed = old('row') === (string) $option->id;
                $words = fn (string $of, string $stored): string => $typed && is_string(old($of)) ? old($of) : $stored; @endphp
            <li class="job-row option-row">
                <x-strata :design="$option->design" />
                <div class="job-what">
                    <h2><a href="{{ route('section.show', [$project, $option]) }}"><bdi>{{ $option->name }}</bdi></a>
                        @if ($option->pinned)<span class="pin">pinned</span>@endif</h2>
                    @if ($option->note !== '')<p dir="auto">{{ $option->note }}</p>@endif
                    @foreach ($option->setAside() as $aside)<p class="hint">Set aside by
                        <bdi>{{ $aside->by }}</bdi>: {{ str_replace('-', ' ', $aside->rule) }}, “<bdi>{{ $aside->reason
                        }}</bdi>”</p>@endforeach
                    @can('update', $project)
                        <details @if ($typed && $errors->any()) open @endif>
                            <summary>Rename or note why<span class="unseen">, {{ $option->name }}</span></summary>
                            <form method="post" action="{{ route('options.update', [$project, $option]) }}" class="option-words" novalidate
                                data-keep>
                                @csrf @method('put')
                                <input type="hidden" name="row" value="{{ $option->id }}"><input type="hidden" name="revision" value="{{
                                    $row['head'] }}">
                                <label for="name-{{ $option->id }}">Name</label>
                                <input id="name-{{ $option->id }}" type="text" name="name" dir="auto" value="{{ $words('name',
                                    $option->name) }}" autocomplete="off">
                                <label for="note-{{ $option->id }}">Why this option</label>
                                <textarea id="note-{{ $option->id }}" name="note" dir="auto" rows="2">{{ $words('note', $option->note)
                                    }}</textarea>
                                <button>Save</button>
                            </form>
                        </details>
                    @endcan
                </div>
                <dl class="job-figures">
                        <div><dt class="unseen">Verdicts</dt><dd><x-verdicts :rulings="$rulings" /></dd></div>
                    <div><dt>Heat, heating months</dt><dd>{{ $format->format($heat->floor->heating, Quantity::Energy) }}
                        <span class="unseen">to the ground</span></dd></div>
                    <div><dt>Design day</dt><dd>{{ $format->format($heat->floor->design, Quantity::Power) }}</dd></div>
                    <div><dt>Floor</dt><dd>U {{ $format->format($heat->floor->transmittance(),
                            Quantity::Transmittance) }}</dd></div>
                </dl>
                <div class="job-acts">
                    <a href="{{ route('history.index', [$project, $option]) }}">History<span class="unseen">
                        of {{ $option->name }}</span></a>
                    @can('update', $project)
                        <form method="post" action="{{ route('options.duplicate', [$project, $option]) }}">@csrf<button>Copy<span
                            class="unseen"> {{ $option->name }}</span></button></form>
                        @unless ($option->pinned)<form method="post" action="{{ route('options.pin', [$project, $option])
                            }}">@csrf @method('put')<button>Pin<span class="unseen"> {{ $option->name }}</span></button></form>@endunless
                        @if ($rows->count() > 1)
                            <form method="post" action="{{ route('options.move', [$project, $option]) }}"
                                class="job-move">@csrf @method('put')
                                @unless ($loop->first)<button name="by" value="-1">Up<span class="unseen">: {{ $option->name
                                    }}</span></button>@endunless
                                @unless ($loop->last)<button name="by" value="1">Down<span class="unseen">: {{ $option->name
                                    }}</span></button>@endunless
                            </form>
                            <form method="post" action="{{ route('options.destroy', [$project, $option])
                                }}">@csrf @method('delete')<button>Delete<span class="unseen">: {{ $option->name
                                }}</span></button></form>
                        @endif
                    @endcan
                </div>
            </li>
        @endforeach
    </ol>
</x-layout>
