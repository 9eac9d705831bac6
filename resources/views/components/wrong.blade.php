{{-- That what was sent has faults, and that nothing typed is lost. --}}
@props(['what' => null])
@if ($errors->any())
    @php $fields = $errors->count() === 1 ? 'one field needs' : $errors->count().' fields need'; @endphp
    <p class="wrong" role="alert">{{ $what === null ? ucfirst($fields) : "{$what}: {$fields}" }} another look. What you typed is still
        there.</p>
@endif
