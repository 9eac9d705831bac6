{{-- `workspace`: a page that does not scroll where there is room; `bar`: what stands beside the job's name; `exports`: its menu. --}}
@props(['title', 'project' => null, 'option' => null, 'workspace' => false, 'bar' => null, 'exports' => null])
@php
    $person = auth()->user();
    // In the order in which people work.
    $way = [
        ['site.edit', 'Site', ['site.*']], ['plan.show', 'Plan', ['plan.*', 'register.*', 'release.*']],
        ['section.show', 'Section', ['section.*', 'options.*', 'history.*', 'shares.*', 'studies.*', 'damp.*', 'mass.*', 'inspections.*']],
        ['compare.show', 'Compare', ['compare.*']], ['order.show', 'Order', ['order.*']],
        ['sequence.show', 'Sequence', ['sequence.*']], ['log.show', 'Log', ['log.*']], ['built.show', 'Hand-over', ['built.*']],
    ];
@endphp
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Ondergrond</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body @if ($workspace) class="workspace" @endif>
<a class="skip" href="#main">To the content</a>
<header class="top"><div class="top-in">
    <div class="top-name">
        <a class="brand" href="{{ route('projects.index') }}">Ondergrond</a>
        @if ($project)
            <bdi class="job" title="{{ $project->name }}">{{ $project->name }}</bdi>
            @if ($option && ! $bar)<bdi class="job-option" title="{{ $option->name }}">{{ $option->name }}</bdi>@endif
        @endif
        {{ $bar }}
    </div>
    @if ($project && $person)
        <nav class="stakes" aria-label="Order of work">
            @foreach ($way as [$name, $label, $pages])<a href="{{ route($name, $project) }}" @if (request()->routeIs(...$pages))
                aria-current="page" @endif>{{ $label }}</a>@endforeach
        </nav>
    @endif
    @if ($exports)<details class="menu menu-right" id="exports-menu"><summary>Export</summary>{{ $exports }}</details>@endif
    @php $help = \App\View\Help::of(request()->route()?->getName()); @endphp
    @if ($help)
        <details class="menu menu-right help-menu" id="help-menu">
            <summary><span aria-hidden="true">?</span><span class="unseen">Help with this page</span></summary>
            <div class="menu-more help-more"><b>{{ $help->title }}</b> @include($help->view())
                <p><a href="{{ route('help') }}#{{ $help->slug }}">All of the help, with pictures</a></p></div>
        </details>
    @endif
    @if ($person)
        <details class="menu menu-right units-menu" id="units-menu">
            @php $now = $person->units ?? $project?->units; @endphp
            <summary><span class="unseen">Units: </span>{{ $now === \Ondergrond\Units\UnitSystem::InchPound ? 'inch' : 'mm' }}</summary>
            <form class="units menu-more" method="post" action="{{ route('units.update') }}" id="units">
                @csrf @method('put')
                @foreach (\Ondergrond\Units\UnitSystem::cases() as $system)
                    <button name="units" value="{{ $system->value }}" @if ($system !== $now) data-other @endif
                        aria-pressed="{{ $person->units === $system ? 'true' : 'false' }}">{{
                        $system->label() }}</button>
                @endforeach
                <button name="units" value="as-built" aria-pressed="{{ $person->units === null ? 'true' : 'false' }}">as each project is
                    built</button>
            </form>
        </details>
        <details class="self" id="self">
            <summary><bdi>{{ $person->name }}</bdi></summary>
            <div class="self-more">
                <p>{{ $person->role->label() }}, <bdi>{{ $person->firm->name }}</bdi></p>
                <a href="{{ route('projects.index') }}">Projects</a>
                <a href="{{ route('materials') }}">Materials</a>
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
</div></header>
<main id="main" {{ $attributes }}>
    @if (session('said'))<p class="said" role="status">{{ session('said') }}</p>@endif
    {{ $slot }}
</main>
<footer class="foot">
    <p>{{ \Ondergrond\Caution::TEXT }}</p>
    <p><a href="{{ route('help') }}">Help</a> · <a href="{{ route('glossary') }}">Glossary</a> · <a
        href="{{ route('notices') }}">Third-party notices</a>
        · Ondergrond {{ \Ondergrond\Version::PROGRAM }}, methods {{ \Ondergrond\Version::METHODS }}</p>
</footer>
</body>
</html>
