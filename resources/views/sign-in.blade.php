<x-layout title="Sign in" class="page narrow">
    <h1>Sign in</h1>
    <form class="sheet" method="post" action="{{ route('sign-in.store') }}" novalidate>
        @csrf
        <x-input name="email" label="E-mail address" autocomplete="username" inputmode="email" dir="ltr" />
        <x-password name="password" label="Password" autocomplete="current-password" />
        <label class="tick"><input type="checkbox" name="remember" value="1">
            Stay signed in on this machine, until it is not used for 30 days</label>
        <button class="go">Sign in</button>
    </form>
    @if ($demo->isNotEmpty())
        <section class="demo-people" aria-labelledby="demo-people">
            <h2 id="demo-people">This is the demo</h2>
            <p>Four invented people of an invented firm. Sign in as any of them:</p>
            <ul>
                @foreach ($demo as $person)
                    <li>
                        <form method="post" action="{{ route('sign-in.store') }}">
                            @csrf
                            <input type="hidden" name="email" value="{{ $person->email }}">
                            <input type="hidden" name="password" value="{{ \Database\Seeders\DatabaseSeeder::PASSWORD }}">
                            <button><b>{{ $person->name }}</b> {{ $person->role->label() }}: {{ $person->role->does() }}</button>
                        </form>
                    </li>
                @endforeach
            </ul>
        </section>
    @else
        <p class="hint">No place in the firm yet, or the password is lost? An owner of your firm makes a link for you.</p>
    @endif
</x-layout>
