<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\Help;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class HelpController
{
    private const DAY = 86_400;

    public function show(): View
    {
        return view('help.show', ['pieces' => Help::all()]);
    }

    /** A picture of the program's own screens, of the demo's made-up jobs. */
    public function picture(string $picture): BinaryFileResponse
    {
        $file = Help::pictureFile($picture);
        abort_if($file === null || ! is_file($file), 404);

        return response()->file($file, ['Content-Type' => 'image/png', 'Cache-Control' => 'public, max-age='.self::DAY]);
    }
}
