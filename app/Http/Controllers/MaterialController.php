<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Support\Reading;
use Illuminate\View\View;
use Ondergrond\Material\Catalogue;
use Ondergrond\Site\Soil;

final class MaterialController
{
    public function __invoke(Reading $reading): View
    {
        return view('materials', [
            'materials' => Catalogue::all(),
            'soils' => Soil::cases(),
            'format' => $reading->formatter(),
        ]);
    }
}
