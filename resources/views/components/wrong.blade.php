{{-- That what was sent has faults, and that nothing typed is lost; with all of what is wrong where some of it has no field. --}}
@props(['what' => null, 'all' => false])
@if ($errors->any())
    @php $fields = $errors->count() === 1 ? 'one field needs' : $errors->count().' fields need'; @endphp
    @if ($all)
        <div class="wrong" role="alert"><p>{{ $what }}. What you typed is still there.</p>
            <ul>@foreach ($errors->all() as $message)<li dir="auto">{{ $message }}</li>@endforeach</ul></div>
    @else
        <p class="wrong" role="alert">{{ $what === null ? ucfirst($fields) : "{$what}: {$fields}" }} another look. What you typed is still
            there.</p>
    @endif
@endif
