<x-layout title="Trash" class="page">
    <h1>Trash</h1>
    <p class="lead">What was put away stays here until it is taken back. An owner can let it go for good.</p>
    @error('option')<p class="wrong" role="alert">{{ $message }}</p>@enderror
    @if ($projects->isEmpty() && $options->isEmpty())<p class="empty">The trash is empty.
        What is deleted comes here first, and can be taken back.</p>@endif
    <ul class="people">
        @foreach ($projects as $project)
            <li>
                <div><b><bdi>{{ $project->name }}</bdi></b> <span class="quiet">a project of {{ $project->options_count }} {{
                    $project->options_count === 1 ? 'option' : 'options' }}, put away <x-time :at="$project->deleted_at" /></span></div>
                <form method="post" action="{{ route('trash.project', $project) }}">@csrf @method('put')<button>Take back<span
                    class="unseen"> {{ $project->name }}</span></button></form>
                @can('purge', $project)
                    <details>
                        <summary>Delete<span class="unseen"> {{ $project->name }}</span></summary>
                        <form method="post" action="{{ route('trash.purge-project', $project) }}">@csrf @method('delete')<p>This can’t be
                            undone.</p><button class="warn">Delete for good</button></form>
                    </details>
                @endcan
            </li>
        @endforeach
        @foreach ($options as $option)
            <li>
                <div><b><bdi>{{ $option->name }}</bdi></b> <span class="quiet">an option of
                    <bdi>{{ $option->project->name }}</bdi>, put away <x-time :at="$option->deleted_at" /></span></div>
                <form method="post" action="{{ route('trash.option', [$option->project, $option]) }}">@csrf @method('put')
                    <button>Take back<span class="unseen"> {{ $option->name }}</span></button></form>
                @can('purge', $option->project)
                    <details>
                        <summary>Delete<span class="unseen"> {{ $option->name }}</span></summary>
                        <form method="post" action="{{ route('trash.purge-option', [$option->project, $option])
                            }}">@csrf @method('delete')<p>This can’t be undone.</p><button class="warn">Delete for good</button></form>
                    </details>
                @endcan
            </li>
        @endforeach
    </ul>
</x-layout>
