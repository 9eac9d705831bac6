@props(['title'])
<x-layout :title="$title" class="page">
    <h1>{{ $title }}</h1>
    <p class="lead">{{ $slot }}</p>
    <p><a class="go" href="{{ route('projects.index') }}">To the projects</a></p>
</x-layout>
