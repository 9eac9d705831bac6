<x-layout title="New password" class="page narrow">
    <h1>New password</h1>
    <p class="lead">For {{ $email }}.</p>
    <form class="sheet" method="post" action="{{ route('new-password.update') }}" novalidate>
        @csrf @method('put')
        <input type="hidden" name="token" value="{{ $token }}">
        <input class="unseen" type="text" name="email" value="{{ $email }}" autocomplete="username" readonly tabindex="-1"
            aria-label="E-mail address">
        <x-password name="password" label="New password" hint="10 characters or more" />
        <x-password name="password_confirmation" label="New password once more" />
        <button class="go">Set it</button>
    </form>
</x-layout>
