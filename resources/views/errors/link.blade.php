<x-layout title="This link no longer works" class="page">
    <h1>This link no longer works</h1>
    <p class="lead">It has ended, was used already, or was not copied whole. Whoever gave it to you can make a new one.</p>
</x-layout>
