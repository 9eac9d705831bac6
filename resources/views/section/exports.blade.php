@php $as = fn (array $more): array => [...$same, 'detail' => (int) $page->view->detail, ...$more]; @endphp
<x-unit name="files" class="menu-more" id="bench-files">
    <nav aria-label="The drawing, 1 : {{ (int) $page->scale }}">
        <a href="{{ route('section.drawing', $as([])) }}" download>Drawing, SVG</a>
        <a href="{{ route('section.drawing', $as(['levels' => 1])) }}" download>with levels</a>
        <a href="{{ route('section.drawing', $as(['water' => 1])) }}" download>with water</a>
        <a href="{{ route('section.drawing', $as(['month' => (int) round($heat->floor->outdoor->coldest)])) }}" download>with temperatures</a>
        <a href="{{ route('section.drawing', $as(['frost' => 1])) }}" download>with frost</a>
        <a href="{{ route('section.dxf', $as([])) }}" download>Drawing, DXF</a>
    </nav>
    <nav aria-label="Figures">
        <a href="{{ route('section.field', $same) }}" download>Field, VTK</a>
        <a href="{{ route('section.assessment', [$project, $option]) }}" download>Assessment, JSON</a>
        <a href="{{ route('projects.export', $project) }}" download>Project, JSON</a>
        @can('create', \App\Models\Project::class)<a href="{{ route('shares.index', $project) }}">Link for a client</a>@endcan
    </nav>
</x-unit>
