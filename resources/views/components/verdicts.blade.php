{{-- All five verdicts in little room: the worst as the headline, then each by its mark. --}}
@props(['rulings'])
<div class="verdicts"><p><x-word :ruling="$rulings->worst()" /></p>
    <p class="verdict-marks">@foreach ($rulings->all() as $ruling)<span title="{{ $ruling->concern->label() }}: {{ $ruling->said()
        }}"><x-word
        :verdict="$ruling->word" bare /> {{ $ruling->concern->label() }}</span> @endforeach</p></div>
