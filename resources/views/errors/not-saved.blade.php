<x-layout :title="$reads ? 'This could not be shown' : 'This change was not saved'" class="page">
    <h1>{{ $reads ? 'This could not be shown' : 'This change was not saved' }}</h1>
    <p class="lead">Because {{ $why->value }}. {{ $why->help() }} What was saved before is as it was.</p>
    @if ($lost)<p>Passwords and files are typed or chosen again: go back for that.</p>@endif
    @unless ($reads)
        <form class="sheet" method="post" action="{{ $to }}">
            @csrf @method($method)
            @foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <p>What you typed is kept on this page as long as it stays open.</p>
            <button class="go">Send it again</button>
        </form>
    @endunless
</x-layout>
