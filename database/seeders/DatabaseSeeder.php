<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Project;
use Illuminate\Database\Seeder;
use Ondergrond\Examples\Examples;

/** The demo: the invented projects of the core. */
final class DatabaseSeeder extends Seeder
{
    public function run(): void
    {
        foreach (Examples::all() as $project) {
            Project::store($project);
        }
    }
}
