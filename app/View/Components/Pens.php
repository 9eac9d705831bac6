<?php

declare(strict_types=1);

namespace App\View\Components;

use Illuminate\View\Component;
use Illuminate\View\View;
use Ondergrond\Exchange\SvgPatterns;

/** The hatches that drawings on this page lay over their areas, once a page. */
final class Pens extends Component
{
    public function render(): View
    {
        return view('components.pens', ['patterns' => SvgPatterns::all()]);
    }
}
