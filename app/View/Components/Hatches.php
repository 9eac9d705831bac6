<?php

declare(strict_types=1);

namespace App\View\Components;

use Illuminate\View\Component;
use Illuminate\View\View;
use Ondergrond\Drawing\Swatch;
use Ondergrond\Exchange\SvgWriter;
use Ondergrond\Material\Material;

/** How each material is hatched, once a page; rows show it by its id. */
final class Hatches extends Component
{
    /** @param  array<string, Material>  $materials  by slug */
    public function __construct(private readonly array $materials) {}

    public function render(): View
    {
        $symbols = [];
        foreach ($this->materials as $material) {
            $symbols[] = SvgWriter::symbol(Swatch::of($material), 'hatch-'.$material->slug);
        }

        return view('components.hatches', ['symbols' => implode("\n", $symbols)]);
    }
}
