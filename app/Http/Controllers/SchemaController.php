<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use Ondergrond\Exchange\ProjectSchema;

final class SchemaController
{
    public function __invoke(): Response
    {
        return new Response((string) file_get_contents(ProjectSchema::file()), 200, ['Content-Type' => 'application/schema+json']);
    }
}
