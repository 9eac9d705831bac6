{{-- $of names what it is the history of; $return gives the address that leads back to a revision. --}}
<x-layout :title="'History of '.$of" :project="$project" :option="$option" class="page">
    <h1>History</h1>
    <p class="lead">Every state <bdi>{{ $of }}</bdi> was saved in, newest first. Returning to one is itself a change, and can be taken
        back.</p>
    @if ($errors->any())<p class="wrong" role="alert">{{ implode(' ', $errors->all()) }}</p>@endif
    <ol class="history">
        @foreach ($rows as $row)
            @php $revision = $row['revision']; @endphp
            <li @if ($revision->id === $head) class="history-now" @endif>
                <p class="history-when"><x-time :at="$revision->created_at" :zone="$project->site->timeZone" /><br><b><bdi>{{ $revision->who
                    === '' ? 'nobody known' : $revision->who }}</bdi></b></p>
                <div class="history-what">
                    <p>{{ ucfirst($revision->kind->label()) }}@if ($revision->id === $head) <b>· as it is now</b>@endif</p>
                    @if ($row['lines'] !== [])<ul>@foreach ($row['lines'] as $line)<li dir="auto">{{ $line }}</li>@endforeach</ul>@endif
                </div>
                @if ($revision->id !== $head)
                    @can('update', $project)
                        <form method="post" action="{{ $return($revision) }}">@csrf<button>Return to this<span class="unseen">, {{
                            $revision->created_at->format('j M Y, H:i:s') }}</span></button></form>
                    @endcan
                @endif
            </li>
        @endforeach
    </ol>
    <x-pages :page="$page" newer="Newer" older="Older" />
</x-layout>
