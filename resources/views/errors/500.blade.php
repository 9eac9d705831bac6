<x-layout title="Something broke on our side" :format="new \Ondergrond\Units\QuantityFormatter(\Ondergrond\Units\UnitSystem::Metric)" class="page">
    <h1>Something broke on our side</h1>
    <p class="lead">Nothing you saved is lost. Go back and try again.</p>
    <p><a class="go" href="/">To the projects</a></p>
</x-layout>
