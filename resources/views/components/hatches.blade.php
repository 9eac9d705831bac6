{{-- How each material is hatched, once a page; rows show it by its id. --}}
<svg class="unseen" aria-hidden="true" width="1" height="1">
    @foreach (\Ondergrond\Material\Catalogue::all() as $material)
        {!! \Ondergrond\Exchange\SvgWriter::symbol(\Ondergrond\Drawing\Swatch::of($material), 'hatch-'.$material->slug) !!}
    @endforeach
</svg>
<x-pens />
