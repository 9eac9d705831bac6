<x-layout title="People" class="page">
    <h1>People of <bdi>{{ $firm->name }}</bdi></h1>
    @error('member')<p class="wrong" role="alert">{{ $message }}</p>@enderror
    @if (session('link'))
        <section class="link-made" aria-labelledby="link-made">
            <h2 id="link-made">A link for {{ session('link')['for'] }}</h2>
            <p>It gives {{ session('link')['what'] }}. Pass it on yourself; it is shown only now.</p>
            <label class="unseen" for="link">The link</label>
            <input id="link" class="link" type="text" readonly value="{{ session('link')['url'] }}" dir="ltr">
        </section>
    @endif
    <ul class="people">
        @foreach ($members as $member)
            <li>
                <div><b><bdi>{{ $member->name }}</bdi></b> <span class="quiet">{{ $member->email }}</span>@if ($member->is(auth()->user()))
                    <span class="quiet">(you)</span>@endif</div>
                <form method="post" action="{{ route('people.update', $member) }}">
                    @csrf @method('put')
                    <label class="unseen" for="role-{{ $member->id }}">Role of {{ $member->name }}</label>
                    <select id="role-{{ $member->id }}" name="role">
                        @foreach ($roles as $role)<option value="{{ $role->value }}"
                            @selected($member->role === $role)>{{ $role->label() }}: {{ $role->does() }}</option>@endforeach
                    </select>
                    @if ($member->role === \App\Models\Role::Crew)<label class="tick"><input type="checkbox" name="lead" value="1"
                        @checked($member->lead)> <span>leads: passes hold points</span></label>@endif
                    <button>Set<span class="unseen"> the role of {{ $member->name }}</span></button>
                </form>
                <form method="post" action="{{ route('people.password-link', $member) }}">@csrf<button>New-password link<span
                    class="unseen"> for {{ $member->name }}</span></button></form>
                <details>
                    <summary>Remove<span class="unseen"> {{ $member->name }}</span></summary>
                    <form method="post" action="{{ route('people.destroy', $member) }}">
                        @csrf @method('delete')
                        <p>They can no longer sign in. What they did stays in the histories.</p>
                        <button class="warn">Remove from the firm</button>
                    </form>
                </details>
            </li>
        @endforeach
    </ul>
    <div class="two">
        <form class="sheet" method="post" action="{{ route('invitations.store') }}" novalidate>
            @csrf
            <h2>Invite somebody</h2>
            <x-input name="email" label="E-mail address" maxlength="190" inputmode="email" dir="ltr"
                :hint="'The link works once, for '.$days.' days'" />
            <x-choice name="role" label="As" value="crew"
                :options="array_combine(array_column($roles, 'value'), array_map(fn ($r) => $r->label().': '.$r->does(), $roles))" />
            <button class="go">Make the link</button>
        </form>
        <form class="sheet" method="post" action="{{ route('people.rename') }}" novalidate>
            @csrf @method('put')
            <h2>The firm</h2>
            <x-input name="firm" label="Name of the firm" :value="$firm->name" maxlength="120" />
            <button class="go">Save</button>
        </form>
    </div>
    @if ($invitations->isNotEmpty())
        <h2>Open invitations</h2>
        <ul class="people">
            @foreach ($invitations as $invitation)
                <li>
                    <div><b>{{ $invitation->email }}</b> <span class="quiet">as {{ $invitation->role->value }}, by {{
                        $invitation->invited_by }}, until <x-time :at="$invitation->expires_at" /></span></div>
                    <details>
                        <summary>Withdraw<span class="unseen"> the invitation of {{ $invitation->email }}</span></summary>
                        <form method="post" action="{{ route('invitations.destroy', $invitation->id) }}">@csrf @method('delete')
                            <p>Its link opens nothing any more. This can’t be undone; they can be invited again.</p>
                            <button class="warn">Withdraw it</button></form>
                    </details>
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>
