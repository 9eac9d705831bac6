<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Reader;
use App\Models\User;
use Illuminate\View\View;
use Ondergrond\Material\Material;
use Ondergrond\Site\Soil;

final class MaterialController
{
    public function __invoke(Reader $reading): View
    {
        return view('materials', [
            'materials' => $all = User::current()->firm->materials()->all(),
            'groups' => collect($all)->groupBy(static fn (Material $m): string => ucfirst($m->kind->value))->all(),
            'soils' => Soil::cases(),
            'format' => $reading->formatter(),
        ]);
    }
}
