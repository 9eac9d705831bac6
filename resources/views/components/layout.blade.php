@props(['title', 'project' => null, 'option' => null])
@php $person = auth()->user(); @endphp
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Ondergrond</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body>
<a class="skip" href="#main">To the content</a>
<header class="top">
    <div class="top-name">
        <a class="brand" href="{{ route('projects.index') }}">Ondergrond</a>
        @if ($project)
            <bdi class="job" title="{{ $project->name }}">{{ $project->name }}</bdi>
            @if ($option)<bdi class="job-option" title="{{ $option->name }}">{{ $option->name }}</bdi>@endif
        @endif
    </div>
    @if ($project && $person)
        <nav class="stakes" aria-label="Order of work">
            <a href="{{ route('site.edit', $project) }}" @if (request()->routeIs('site.*')) aria-current="page" @endif>Site</a>
            <a href="{{ route('section.show', $project) }}" @if (request()->routeIs('section.*', 'options.*', 'history.*', 'shares.*',
                'studies.*', 'damp.*', 'mass.*')) aria-current="page" @endif>Section</a>
            <a href="{{ route('plan.show', $project) }}" @if (request()->routeIs('plan.*', 'release.*')) aria-current="page" @endif>Plan</a>
            <a href="{{ route('order.show', $project) }}" @if (request()->routeIs('order.*')) aria-current="page" @endif>Order</a>
            <a href="{{ route('sequence.show', $project) }}" @if (request()->routeIs('sequence.*')) aria-current="page" @endif>Sequence</a>
            <a href="{{ route('log.show', $project) }}" @if (request()->routeIs('log.*')) aria-current="page" @endif>Log</a>
            <a href="{{ route('built.show', $project) }}" @if (request()->routeIs('built.*')) aria-current="page" @endif>Hand over</a>
            <a href="{{ route('compare.show', $project) }}" @if (request()->routeIs('compare.*')) aria-current="page" @endif>Compare</a>
            <a href="{{ route('inspections.index', $project) }}" @if (request()->routeIs('inspections.*')) aria-current="page"
                @endif>Inspect</a>
        </nav>
    @endif
    @if ($person)
        <nav class="top-side" aria-label="Elsewhere">
            <a href="{{ route('projects.index') }}" @if (request()->routeIs('projects.index')) aria-current="page" @endif>Projects</a>
            <a href="{{ route('materials') }}" @if (request()->routeIs('materials')) aria-current="page" @endif>Materials</a>
        </nav>
        <form class="units" method="post" action="{{ route('units.update') }}" id="units">
            @csrf @method('put')
            <fieldset>
                <legend class="unseen">Units</legend>
                @foreach (\Ondergrond\Units\UnitSystem::cases() as $system)
                    <button name="units" value="{{ $system->value }}" aria-pressed="{{ ($person->units ?? $project?->units) === $system ?
                        'true' : 'false' }}">{{ $system === \Ondergrond\Units\UnitSystem::Metric ? 'metric' : 'inch' }}<span
                        class="unseen">, {{ $system->label() }}</span></button>
                @endforeach
            </fieldset>
        </form>
        <details class="self" id="self">
            <summary><bdi>{{ $person->name }}</bdi></summary>
            <div class="self-more">
                <p>{{ $person->role->label() }}, <bdi>{{ $person->firm->name }}</bdi></p>
                <a href="{{ route('settings.edit') }}">Settings</a>
                @can('manage-firm')<a href="{{ route('people.index') }}">People</a>@endcan
                @can('create', \App\Models\Project::class)<a href="{{ route('prices.edit') }}">Prices</a>@endcan
                @can('create', \App\Models\Project::class)<a href="{{ route('trash.index') }}">Trash</a>@endcan
                <a href="{{ route('rules') }}">Rulebook</a>
                <a href="{{ route('glossary') }}">Glossary</a>
                <form method="post" action="{{ route('sign-in.destroy') }}">@csrf @method('delete')<button>Sign out</button></form>
            </div>
        </details>
    @endif
</header>
<main id="main" {{ $attributes }}>
    @if (session('said'))<p class="said" role="status">{{ session('said') }}</p>@endif
    {{ $slot }}
</main>
<footer class="foot">
    <p>{{ \Ondergrond\Caution::TEXT }}</p>
    <p><a href="{{ route('glossary') }}">Glossary</a> · <a href="{{ route('notices') }}">Third-party notices</a>
        · Ondergrond {{ \Ondergrond\Version::PROGRAM }}, methods {{ \Ondergrond\Version::METHODS }}</p>
</footer>
</body>
</html>
