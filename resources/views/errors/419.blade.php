<x-layout title="This page stood open too long" :format="new \Ondergrond\Units\QuantityFormatter(\Ondergrond\Units\UnitSystem::Metric)" class="page">
    <h1>This page stood open too long</h1>
    <p class="lead">Go back, load the page again and send it once more. Nothing was changed.</p>
    <p><a class="go" href="/">To the projects</a></p>
</x-layout>
