{{-- Which option is looked at: goes along with whatever is sent. --}}
@foreach ($page->asked() as $key => $value)<input type="hidden" name="{{ $key }}" value="{{ $value }}">@endforeach
@foreach ($page->open as $id)<input type="hidden" name="open[]" value="{{ $id }}">@endforeach
