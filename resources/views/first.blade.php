<x-layout title="First start" class="page narrow">
    <h1>First start</h1>
    <p class="lead">Nobody has signed in here yet. Name your firm and yourself: you become its owner and invite the others.
        @if ($firm) The projects that were here before become the firm’s. @endif</p>
    <form class="sheet" method="post" action="{{ route('first.store') }}" novalidate>
        @csrf
        <x-input name="firm" label="Name of the firm" :value="$firm->name ?? ''" maxlength="120" autocomplete="organization" />
        <x-input name="name" label="Your name" maxlength="120" autocomplete="name" />
        <x-input name="email" label="Your e-mail address" maxlength="190" autocomplete="username" inputmode="email" dir="ltr" />
        <x-password name="password" label="Password" hint="10 characters or more" />
        <x-password name="password_confirmation" label="Password once more" />
        <button class="go">Start</button>
    </form>
</x-layout>
