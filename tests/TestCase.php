<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Project;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Ondergrond\Examples\Examples;

/** Tests that need the application and an empty database. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    /** Mocking it would ask for a mocking library that nothing else here needs. */
    public $mockConsoleOutput = false;

    protected function boathouse(): Project
    {
        return Project::store(Examples::boathouse());
    }
}
