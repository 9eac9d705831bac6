<x-layout title="Third-party notices" class="page">
    <h1>Third-party notices</h1>
    <p class="lead">Ondergrond itself is under the MIT licence. It stands on the {{ count($packages) }} packages below, each under its
        own.</p>
    <ul class="notices">
        @foreach ($packages as $package)
            <li>
                @if ($package['text'] === '')
                    <p><b>{{ $package['name'] }}</b> {{ $package['version'] }} · {{ $package['licence'] }} (its package carries no text of
                        its own)</p>
                @else
                    <details>
                        <summary><b>{{ $package['name'] }}</b> {{ $package['version'] }} · {{ $package['licence'] }}</summary>
                        <pre tabindex="0">{{ $package['text'] }}</pre>
                    </details>
                @endif
            </li>
        @endforeach
    </ul>
</x-layout>
