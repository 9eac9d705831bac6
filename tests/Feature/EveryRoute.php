<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HandedPack;
use App\Models\Invitation;
use App\Models\Option;
use App\Models\Project;
use App\Models\Role;
use App\Models\StudyKind;
use App\Models\StudyProgress;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Router;
use Ondergrond\Codec\ProductCodec;
use Ondergrond\Examples\Building;
use Ondergrond\Examples\Variants;
use Ondergrond\Gain\Step;
use Ondergrond\Inspection\Inspection;

/** The routes as the router has them, with an address of each that leads to something. */
trait EveryRoute
{
    /** @return array<string, Route> by name */
    private function routes(): array
    {
        $routes = [];
        foreach (Router::getRoutes()->getRoutes() as $route) {
            $routes[$route->getName() ?? $route->uri()] = $route;
        }

        return $routes;
    }

    /** With ids that exist, all of the firm under test. */
    private function address(Route $route, Project $project): string
    {
        $trash = str_starts_with((string) $route->getName(), 'trash.');
        $option = $project->options->last();
        self::assertInstanceOf(Option::class, $option);
        if ($trash && str_contains($route->uri(), '{option}')) {
            $option->delete();
        } elseif ($trash && str_contains($route->uri(), '{project}')) {
            $project->delete();
        }

        if (str_contains($route->uri(), '{product}')) {
            $product = Variants::product();
            $project->takeProduct($product);
            ($project->firm ?? self::fail('it has a firm'))->keep(ProductCodec::fromArray(
                [...ProductCodec::toArray($product), 'version' => 2],
            ));
        }

        return route((string) $route->getName(), array_intersect_key([
            'project' => $project->id,
            'product' => 'own-grey-plank-200',
            'option' => $option->id,
            'revision' => ($route->getName() === 'site.return' ? $project : $option)->revisions()->firstOrFail()->id,
            'member' => $this->member(Role::Reader)->id,
            'share' => $project->shares()->create(
                ['option_id' => $option->id, 'made_for' => 'A client', 'made_by' => 'The test', 'expires_at' => now()->addDay()],
            )->id,
            'invitation' => $this->invitation()->id,
            'study' => $option->studies()->create(
                [
                    'project_id' => $project->id,
                    'kind' => StudyKind::Gain,
                    'state' => StudyProgress::Done,
                    'who' => 'The test',
                    'input' => [],
                    'result' => [
                        'steps' => [(new Step('field_board.thickness_m', 0.05, 0.1, 3.0, 1.0, null, [], [], 'not run'))->toArray()],
                    ],
                ],
            )->id,
            'choice' => 0,
            'inspection' => $project->inspections()->create(['seen' => new Inspection('Cellar stair', '2026-02-01')])->id,
            'order' => $project->orders()->create(
                ['option_id' => $option->id, 'by' => 'The test', 'lines' => [['id' => 'slab', 'unit' => 'm3', 'quantity' => 1.0]]],
            )->id,
            'pack' => $this->pack($project, $option)->id,
            'format' => 'html',
            'hash' => $project->photographs()->firstOrCreate(
                ['hash' => str_repeat('a', 64)],
                ['bytes' => 1, 'width' => 1, 'height' => 1, 'content' => base64_encode('a picture')],
            )->hash,
            'token' => 'none',
            'sitting' => str_repeat('0', 64),
            'schema' => 'section-1',
            'kind' => 'costs',
            'question' => 'warm-up',
            'picture' => 'site',
        ], array_flip($route->parameterNames())), false);
    }

    /** A project that is being built, with all that the second half knows of it. */
    private function built(): Project
    {
        return Project::store(Building::boathouse(), $this->firm, 'The test', true);
    }

    private function pack(Project $project, Option $option): HandedPack
    {
        $pack = $project->packs()->create(['option_id' => $option->id, 'by' => 'The test', 'stage' => 'done']);
        $pack->seal('html', '<p>All of it</p>');

        return $pack;
    }

    private function invitation(): Invitation
    {
        return $this->firm->invitations()->create(
            ['email' => 'new@firm.example', 'role' => Role::Crew, 'invited_by' => 'The test', 'expires_at' => now()->addDay()],
        );
    }
}
