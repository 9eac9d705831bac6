<x-layout title="Your place" class="page narrow">
    <h1>Your place at <bdi>{{ $invitation->firm->name }}</bdi></h1>
    <p class="lead">{{ $invitation->invited_by }} invites {{ $invitation->email }} as {{ $invitation->role->value }}: {{
        $invitation->role->does() }}.</p>
    @error('email')<p class="wrong" role="alert">{{ $message }}</p>@enderror
    <form class="sheet" method="post" action="{{ request()->fullUrl() }}" novalidate>
        @csrf
        <x-input name="name" label="Your name" maxlength="120" autocomplete="name" />
        <input class="unseen" type="text" value="{{ $invitation->email }}" autocomplete="username" readonly tabindex="-1"
            aria-label="E-mail address">
        <x-password name="password" label="Password" hint="10 characters or more" />
        <x-password name="password_confirmation" label="Password once more" />
        <button class="go">Take it</button>
    </form>
</x-layout>
