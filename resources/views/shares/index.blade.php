<x-layout :title="'Links of '.$project->name" :project="$project" class="page">
    <h1>Links for clients</h1>
    <p class="lead">Whoever has such a link reads the section and the verdicts of one option, as they stand at the time: the page is live.
        Nothing else is shown,
        and nothing can be changed.</p>
    <form class="sheet share" method="post" action="{{ route('shares.store', $project) }}" novalidate>
        @csrf
        <x-input name="made_for" label="For whom" maxlength="120" dir="auto" />
        <x-choice name="option" label="Option" :value="(string) $project->leading()->id"
            :options="$project->options->pluck('name', 'id')->all()" />
        <x-input name="days" label="Works for how many days" value="30" inputmode="numeric" />
        <button class="go">Make a link</button>
    </form>
    @if ($shares->isEmpty())<p class="empty">No link has been made yet. Name whom it is for, choose the option, make the link and send
        it.</p>@endif
    <ul class="people">
        @foreach ($shares as $share)
            <li>
                <div>
                    <b><bdi>{{ $share->made_for }}</bdi></b> <span class="quiet"><bdi>{{ $share->option->name ?? 'an option in the trash'
                        }}</bdi>, by <bdi>{{ $share->made_by }}</bdi>, {{ $share->revoked_at ? 'ended' : ($share->open() ? 'until' :
                        'over since') }} <x-time :at="$share->revoked_at ?? $share->expires_at" :zone="$project->site->timeZone" /></span>
                    @if ($share->open())
                        <label class="unseen" for="link-{{ $share->id }}">Link for {{ $share->made_for }}</label>
                        <input class="link" id="link-{{ $share->id }}" type="text" readonly value="{{ $share->link() }}" dir="ltr">
                        <button type="button" class="needs-script" data-copy="link-{{ $share->id }}">Copy the link</button>
                    @endif
                </div>
                @if ($share->open())
                    <details>
                        <summary>Stop<span class="unseen"> the link for {{ $share->made_for }}</span></summary>
                        <form method="post" action="{{ route('shares.destroy', [$project, $share]) }}">@csrf @method('delete')
                            <p>Whoever has it sees nothing any more. This can’t be undone; a new link can be made.</p>
                            <button class="warn">Stop this link</button></form>
                    </details>
                @endif
            </li>
        @endforeach
    </ul>
</x-layout>
