<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\ThirdParty;
use Illuminate\View\View;

final class NoticesController
{
    public function __invoke(): View
    {
        return view('notices', ['packages' => ThirdParty::all()]);
    }
}
