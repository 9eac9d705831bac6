<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use Ondergrond\Codec\Schema;

final class SchemaController
{
    public function __invoke(Schema $schema): Response
    {
        return new Response($schema->text(), 200, ['Content-Type' => 'application/schema+json']);
    }
}
