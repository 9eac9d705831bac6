@use('Ondergrond\Units\UnitSystem')
<x-layout title="Settings" class="page narrow">
    <h1>Settings</h1>
    <form class="sheet" method="post" action="{{ route('settings.update') }}" novalidate>
        @csrf @method('put')
        <h2>How you read</h2>
        <x-input name="name" label="Your name" :value="$user->name" maxlength="120" autocomplete="name" />
        <x-choice name="units" label="Units" :value="$user->units->value ?? ''"
            :options="['' => 'As each project is built', UnitSystem::Metric->value => 'Metric everywhere', UnitSystem::InchPound->value => 'Inch and pound everywhere']" />
        <x-choice name="decimal_mark" label="Numbers are written" :value="$user->decimal_mark->value"
            :options="array_combine(array_column($marks, 'value'), array_map(fn ($m) => $m->label(), $marks))" />
        <label class="tick"><input type="checkbox" name="single_keys" value="1" @checked($user->single_keys)>
            Single keys work on the bench (1–9, U, N, P, ?)</label>
        <button class="go">Save</button>
    </form>
    <form class="sheet" method="post" action="{{ route('settings.password') }}" novalidate>
        @csrf @method('put')
        <h2>Another password</h2>
        <input class="unseen" type="text" value="{{ $user->email }}" autocomplete="username" readonly tabindex="-1"
            aria-label="E-mail address">
        <x-password name="current" label="Password now" autocomplete="current-password" />
        <x-password name="password" label="New password" hint="10 characters or more" />
        <x-password name="password_confirmation" label="New password once more" />
        <button class="go">Set the password</button>
    </form>
    @if ($sittings !== [])
        <section class="sheet" aria-labelledby="sittings">
            <h2 id="sittings">Where you are signed in</h2>
            <ul class="people">
                @foreach ($sittings as $sitting)
                    <li>
                        <div><b>{{ ucfirst($sitting->with) }}</b>{{ $sitting->here ? ', this one' : '' }} <span class="quiet">from <bdi>{{
                            $sitting->from }}</bdi>, since <x-time :at="$sitting->began" />, last used <x-time :at="$sitting->used" />, ends
                            {{ $sitting->stays ? '30 days' : '2 hours' }} after that</span></div>
                        @unless ($sitting->here)<form method="post" action="{{ route('settings.sitting', $sitting->name) }}">@csrf
                            @method('delete')<button>End it<span class="unseen">: {{ $sitting->with }} from {{ $sitting->from
                            }}</span></button></form>@endunless
                    </li>
                @endforeach
            </ul>
            @if (count($sittings) > 1)<form method="post" action="{{ route('settings.sittings') }}">@csrf @method('delete')<button>End all
                others</button></form>@endif
        </section>
    @endif
</x-layout>
