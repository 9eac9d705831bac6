@use('Ondergrond\Plan\Shape')
@use('Ondergrond\Units\Quantity')
<x-layout :title="'Plan of '.$page->project->name" :project="$page->project" :option="$page->option" class="bench-page" workspace>
    <div class="plan" id="live" x-data="live" @if (auth()->user()->single_keys) data-keys @endif
        @if ($page->scale) data-left="{{ $page->scale[0] }}" data-top="{{ $page->scale[1] }}" data-px="{{ $page->scale[2] }}" @endif>
        <div class="plan-face">
            <h1 class="unseen">Plan of {{ $page->project->name }}</h1>
            <x-wrong what="Not saved" all />
            @if ($page->plan === null)
                <p class="lead">Nothing is drawn yet. Draw the outline along the outer face of the concrete: every length, board, tape
                    and truck is counted from it, and the floor’s area follows.</p>
            @else
                <x-pens />
                <div class="plan-drawing" id="plan-drawing">{!! $page->svg !!}</div>
                <dl class="figures" id="plan-figures">
                    <div><dt>Floor</dt><dd>{{ $page->area($page->footprint()->area) }}</dd></div>
                    <div><dt>Outline inside</dt><dd>{{ $page->length($page->footprint()->perimeter) }}</dd></div>
                    <div><dt>Next to outside or unheated</dt><dd>{{ $page->length($page->footprint()->exposed) }}</dd></div>
                    <div><dt>B′</dt><dd>{{ $page->length($page->footprint()->characteristicDimension()) }}</dd></div>
                </dl>
                @foreach ($page->unmet as $line)<p class="note">{{ $line }}</p>@endforeach
                @if ($page->others() > 0)<p class="hint">The same outline carries the other {{ $page->others() === 1 ? 'option' :
                    $page->others().' options' }}; where walls are thicker, the floor is smaller.</p>@endif
                <p class="plan-links"><a class="go" href="{{ route('plan.set-out', $page->project) }}">Set out</a>
                    <a href="{{ route('plan.drawing', $page->project) }}">Drawing as SVG</a> <a href="{{ route('plan.dxf', $page->project)
                    }}">as DXF</a></p>
            @endif
        </div>
        <div class="plan-side" tabindex="0" role="region" aria-label="Outline, walls and items">
            @if ($page->release)
                <p class="note" id="plan-release">Released by <bdi>{{ $page->release->by }}</bdi>. @if ($page->release->holdsFast()) What
                    stands here is changed by a change alone. <a href="{{ route('release.show', $page->project) }}">Release</a> @else It is
                    being changed: {{ $page->release->changing }} @endif</p>
            @endif
            @if ($page->plan !== null)
                <form method="post" action="{{ route('plan.update', $page->project) }}" id="plan-form" data-live novalidate>
                    @csrf @method('put')
                    @if (session('conflict'))<x-conflict :conflict="session('conflict')" :reload="route('plan.show', $page->project)"
                        />@endif
                    <x-made-from :head="$page->head" :format="$page->format" :again="$errors->any() || session('conflict')" />
                    @if ($page->layoutHead)<input type="hidden" name="layout_revision" value="{{ $page->layoutHead->id }}">@endif
                    <fieldset @disabled(! $page->may)>
                        <legend>Set in it</legend>
                        <p class="add">@foreach ($page->kinds() as $kind)<button name="act" value="add:{{ $kind->value }}">+ {{
                            $kind->label() }}</button> @endforeach</p>
                        @foreach ($page->items() as $id => $item)
                            <details class="item" id="item-{{ $id }}" @if ($errors->has(
                                'plan.items.'.$id.'.*',
                            ) || $errors->has('layout.'.$id.'.*'))
                                open @endif>
                                <summary><b>{{ $item->kind()->label() }}</b> <bdi>{{ $item->name() }}</bdi>
                                    <span class="quiet">{{ $page->about($item) }}</span></summary>
                                <div class="item-fields">
                                    @foreach ($page->fields($id, $item) as $field)
                                        @if ($field['options'] === null)
                                            <x-input :name="$field['name']" :label="$field['label']" :value="$field['value']"
                                                :data-grip="$field['grip']" dir="auto" />
                                        @else
                                            <x-choice :name="$field['name']" :label="$field['label']" :value="$field['value']"
                                                :options="$field['options']" />
                                        @endif
                                    @endforeach
                                </div>
                                <button name="act" value="remove:{{ $id }}">Take out<span class="unseen">: {{ $item->name()
                                    }}</span></button>
                            </details>
                        @endforeach
                    </fieldset>
                    <fieldset @disabled(! $page->may)>
                        <legend>Walls</legend>
                        @foreach ($page->walls() as $id => $wall)
                            <div class="wall">
                                <x-input :name="'lengths.'.$id" :label="'Wall '.$wall->from.'–'.$wall->to"
                                    :value="$page->length($wall->length())" data-dimension="walls.{{ $id }}.length_m" />
                                <x-choice :name="'plan.walls.'.$id.'.kind'" label="Beyond it"
                                    :value="$page->plan->corners[$id]->wall->value" :options="$page->beyond()" />
                                <button name="act" value="door:{{ $id }}">+ Door<span class="unseen"> in wall {{ $wall->from }}–{{ $wall->to
                                    }}</span></button>
                            </div>
                            @foreach ($page->plan->openings as $door => $opening)
                                @if ($opening->wall === $id)
                                    <div class="wall wall-door">
                                        <x-input :name="'plan.openings.'.$door.'.from_m'" :label="'Door from '.$id"
                                            :value="$page->length($opening->from)" />
                                        <x-input :name="'plan.openings.'.$door.'.width_m'" label="Wide"
                                            :value="$page->length($opening->width)" />
                                        <button name="act" value="no-door:{{ $door }}">Take out<span class="unseen">
                                            the door</span></button>
                                    </div>
                                @endif
                            @endforeach
                        @endforeach
                    </fieldset>
                    <details class="more" id="plan-corners" @if ($errors->has('plan.corners.*')) open @endif>
                        <summary>Corners, levels, base line</summary>
                        <fieldset @disabled(! $page->may)>
                            <legend class="unseen">Corners</legend>
                            @foreach ($page->plan->corners as $id => $corner)
                                <div class="wall">
                                    <x-input :name="'plan.corners.'.$id.'.x_m'" :label="$id.', along'" :value="$page->length($corner->x)"
                                        :data-grip="'corner:'.$id.'|x'" />
                                    <x-input :name="'plan.corners.'.$id.'.y_m'" :label="$id.', across'" :value="$page->length($corner->y)"
                                        :data-grip="'corner:'.$id.'|y'" />
                                    <button name="act" value="corner:{{ $id }}">+ after<span class="unseen">
                                        corner {{ $id }}</span></button>
                                    <button name="act" value="no-corner:{{ $id }}">Take out<span class="unseen">
                                        corner {{ $id }}</span></button>
                                </div>
                            @endforeach
                            <div class="wall">
                                <x-input name="plan.benchmark_m" label="Benchmark" :value="$page->length($page->plan->benchmark)" />
                                <x-input name="plan.zero_m" label="Ground at the common edge" :value="$page->length($page->plan->zero)"
                                    hint="in the same heights: what the section counts from" />
                                <x-input name="plan.north_deg" label="North"
                                    :value="$page->format->format($page->plan->north, Quantity::Angle)"
                                    hint="from up the sheet, with the clock" />
                            </div>
                            @if ($page->plan->pegs)
                                <div class="wall">
                                    @foreach ([
                                        'px' => 'P, along', 'py' => 'P, across', 'qx' => 'Q, along', 'qy' => 'Q, across',
                                    ] as $key => $label)
                                        <x-input :name="'plan.pegs.'.$key.'_m'" :label="$label"
                                            :value="$page->length($page->plan->pegs->$key)" />
                                    @endforeach
                                </div>
                            @else
                                <p><button name="act" value="pegs">Set the pegs of the base line</button></p>
                            @endif
                        </fieldset>
                    </details>
                    @if ($page->may)<p class="no-script"><button class="go" name="act" value="">Save the plan</button></p>@endif
                </form>
            @endif
            @if ($page->may)
                <p class="undo" id="plan-ways">
                    @foreach (['undo' => $page->undo(), 'redo' => $page->redo()] as $way => $what)
                        <button form="plan-{{ $way }}" data-press="{{ $way === 'undo' ? 'u' : 'r' }}" @disabled($what === null)>{{
                            ucfirst($way) }}</button>
                    @endforeach
                    <span class="hint" role="status" data-said></span>
                    <button type="button" data-again hidden>Try again</button>
                </p>
                @foreach (['undo', 'redo'] as $way)
                    <form method="post" action="{{ route('plan.'.$way, $page->project) }}" id="plan-{{ $way }}"
                        data-live>@csrf @method('put')</form>
                @endforeach
                <details class="more" id="plan-outline" @if ($page->plan === null || $errors->has('sizes.*') || $errors->has('shape')) open
                    @endif>
                    <summary>{{ $page->plan === null ? 'Draw the outline' : 'Draw another outline' }}</summary>
                    <form method="post" action="{{ route('plan.draw', $page->project) }}" class="shape">
                        @csrf
                        <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name($page->format) }}">
                        <p><button class="go" name="shape" value="typed">The rectangle of {{ $page->area($page->footprint()->area) }} and {{
                            $page->length($page->footprint()->perimeter) }}</button></p>
                        @foreach ($errors->get('shape') as $message)<p class="wrong" role="alert">{{ $message }}</p>@endforeach
                    </form>
                    @foreach (Shape::cases() as $shape)
                        <form method="post" action="{{ route('plan.draw', $page->project) }}" class="shape">
                            @csrf
                            <input type="hidden" name="{{ \App\Forms\Reader::FIELD }}" value="{{ \App\Forms\Reader::name($page->format) }}">
                            <fieldset><legend>{{ $shape->label() }}</legend>
                                @foreach ($shape->sizes() as $key => $label)
                                    <div class="field"><label for="{{ $shape->value.'-'.$key }}">{{ $label }}</label><input
                                        id="{{ $shape->value.'-'.$key }}" name="sizes[{{ $key }}]" value="{{ old('shape') === $shape->value
                                            &&
                                        is_string(old('sizes.'.$key)) ? old('sizes.'.$key) : '' }}" autocomplete="off">
                                        @if (old('shape') === $shape->value)@foreach ($errors->get('sizes.'.$key) as $message)<p
                                            class="wrong">{{
                                            $message }}</p>@endforeach @endif</div>
                                @endforeach
                                <button name="shape" value="{{ $shape->value }}">Draw it</button>
                            </fieldset>
                        </form>
                    @endforeach
                </details>
            @endif
        </div>
    </div>
</x-layout>
