<x-layout title="There is nothing here" :format="new \Ondergrond\Units\QuantityFormatter(\Ondergrond\Units\UnitSystem::Metric)" class="page">
    <h1>There is nothing here</h1>
    <p class="lead">The page or project you asked for is not there. It may have been deleted.</p>
    <p><a class="go" href="/">To the projects</a></p>
</x-layout>
