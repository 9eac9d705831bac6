<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Firm;
use App\Models\Option;
use App\Models\Project;
use App\Models\Role;
use App\Models\Share;
use App\Models\User;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route as Router;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/**
 * Every route against everybody. The routes are read from the router and each must stand in the table, so that a new one
 * can't be forgotten.
 */
final class RoleSweepTest extends TestCase
{
    use EveryRoute;

    private const ANYBODY = ['nobody', 'stranger', 'reader', 'crew', 'lead', 'designer', 'owner'];

    /** Signed-in people, of whatever firm: these routes are about oneself. */
    private const ONESELF = ['stranger', 'reader', 'crew', 'lead', 'designer', 'owner'];

    private const MEMBERS = ['reader', 'crew', 'lead', 'designer', 'owner'];

    /** Whoever works on site. */
    private const CREW = ['crew', 'lead', 'designer', 'owner'];

    /** Whose word the work goes on past a hold point. */
    private const PASSING = ['lead', 'designer', 'owner'];

    private const DESIGNERS = ['designer', 'owner'];

    private const OWNERS = ['owner'];

    protected function setUp(): void
    {
        parent::setUp();
        // Who may ask is looked at here, not what the queue answers.
        Queue::fake();
    }

    /** Only those who are not signed in. */
    private const GUESTS = ['nobody'];

    /** Whom each route answers. The stranger is the owner of another firm. */
    private const TABLE = [
        'help' => self::ANYBODY,
        'help.picture' => self::ANYBODY,
        'glossary' => self::ANYBODY,
        'notices' => self::ANYBODY,
        'schema' => self::ANYBODY,
        'schema.before' => self::ANYBODY,
        // By a signed link; without one, see below.
        'shares.show' => [],
        'invitations.show' => [],
        'invitations.accept' => [],
        'sign-in.create' => self::GUESTS,
        'sign-in.store' => self::GUESTS,
        // Only at the very first start.
        'first.create' => [],
        'first.store' => [],
        'new-password.edit' => self::GUESTS,
        'new-password.update' => self::GUESTS,
        'sign-in.destroy' => self::ONESELF,
        'settings.edit' => self::ONESELF,
        'settings.update' => self::ONESELF,
        'settings.password' => self::ONESELF,
        'settings.sittings' => self::ONESELF,
        // One's own alone, see SignInTest.
        'settings.sitting' => [],
        'units.update' => self::ONESELF,
        'materials' => self::ONESELF,
        'rules' => self::ONESELF,
        'projects.index' => self::ONESELF,
        // In one's own firm, whichever that is.
        'projects.create' => ['stranger', ...self::DESIGNERS],
        'projects.floor' => ['stranger', ...self::DESIGNERS],
        'products.index' => ['stranger', ...self::DESIGNERS],
        'products.store' => ['stranger', ...self::DESIGNERS],
        'products.edit' => self::DESIGNERS,
        'products.update' => self::DESIGNERS,
        'products.destroy' => self::DESIGNERS,
        'projects.product' => self::DESIGNERS,
        'prices.edit' => ['stranger', ...self::DESIGNERS],
        'prices.update' => ['stranger', ...self::DESIGNERS],
        'projects.store' => ['stranger', ...self::DESIGNERS],
        'projects.import' => ['stranger', ...self::DESIGNERS],
        'trash.index' => ['stranger', ...self::DESIGNERS],
        'people.index' => ['stranger', ...self::OWNERS],
        'people.rename' => ['stranger', ...self::OWNERS],
        'invitations.store' => ['stranger', ...self::OWNERS],
        'people.update' => self::OWNERS,
        'people.destroy' => self::OWNERS,
        'people.password-link' => self::OWNERS,
        'invitations.destroy' => self::OWNERS,
        'projects.export' => self::MEMBERS,
        'projects.zip' => self::MEMBERS,
        'plan.show' => self::MEMBERS,
        'plan.set-out' => self::MEMBERS,
        'plan.square' => self::MEMBERS,
        'plan.levels' => self::MEMBERS,
        'plan.walls' => self::MEMBERS,
        'plan.tape' => self::CREW,
        'plan.rod' => self::CREW,
        'plan.drawing' => self::MEMBERS,
        'plan.dxf' => self::MEMBERS,
        'plan.csv' => self::MEMBERS,
        'plan.draw' => self::DESIGNERS,
        'plan.update' => self::DESIGNERS,
        'plan.own' => self::DESIGNERS,
        'plan.undo' => self::DESIGNERS,
        'plan.redo' => self::DESIGNERS,
        'register.show' => self::MEMBERS,
        'register.store' => self::CREW,
        'register.settle' => self::PASSING,
        'release.show' => self::MEMBERS,
        'release.store' => self::DESIGNERS,
        'release.update' => self::DESIGNERS,
        'release.destroy' => self::DESIGNERS,
        'sequence.show' => self::MEMBERS,
        'sequence.calendar' => self::MEMBERS,
        'sequence.update' => self::DESIGNERS,
        'order.show' => self::MEMBERS,
        'order.csv' => self::MEMBERS,
        'order.store' => self::DESIGNERS,
        'order.swap' => self::DESIGNERS,
        'order.event' => self::CREW,
        'log.show' => self::MEMBERS,
        'log.photo' => self::MEMBERS,
        'log.store' => self::CREW,
        'log.pass' => self::PASSING,
        'built.show' => self::MEMBERS,
        'built.pack' => self::MEMBERS,
        'built.store' => self::DESIGNERS,
        'site.edit' => self::MEMBERS,
        'site.implied' => self::MEMBERS,
        'options.index' => self::MEMBERS,
        'compare.show' => self::MEMBERS,
        'compare.csv' => self::MEMBERS,
        'studies.show' => self::MEMBERS,
        'studies.before' => self::MEMBERS,
        'section.show' => self::MEMBERS,
        'section.preview' => self::MEMBERS,
        'section.parts' => self::MEMBERS,
        'later.show' => self::MEMBERS,
        'frost.film' => self::MEMBERS,
        'damp.show' => self::MEMBERS,
        'mass.show' => self::MEMBERS,
        'mass.hours' => self::MEMBERS,
        'mass.csv' => self::MEMBERS,
        'inspections.index' => self::MEMBERS,
        'inspections.show' => self::MEMBERS,
        'inspections.create' => self::CREW,
        'inspections.store' => self::CREW,
        'inspections.update' => self::CREW,
        'inspections.destroy' => self::CREW,
        'inspections.restore' => self::CREW,
        'section.drawing' => self::MEMBERS,
        'section.dxf' => self::MEMBERS,
        'section.field' => self::MEMBERS,
        'section.assessment' => self::MEMBERS,
        'history.index' => self::MEMBERS,
        'site.history' => self::MEMBERS,
        'projects.destroy' => self::DESIGNERS,
        'site.climate' => self::DESIGNERS,
        'site.update' => self::DESIGNERS,
        'site.known' => self::DESIGNERS,
        'site.say' => self::DESIGNERS,
        'site.shell' => self::DESIGNERS,
        'site.undo' => self::DESIGNERS,
        'site.redo' => self::DESIGNERS,
        'studies.gain' => self::DESIGNERS,
        'studies.wing' => self::DESIGNERS,
        'studies.search' => self::DESIGNERS,
        'studies.stop' => self::DESIGNERS,
        'studies.open' => self::DESIGNERS,
        'section.update' => self::DESIGNERS,
        'section.ahead' => self::DESIGNERS,
        'section.undo' => self::DESIGNERS,
        'section.redo' => self::DESIGNERS,
        'history.return' => self::DESIGNERS,
        'site.return' => self::DESIGNERS,
        'options.duplicate' => self::DESIGNERS,
        'options.update' => self::DESIGNERS,
        'options.pin' => self::DESIGNERS,
        'options.move' => self::DESIGNERS,
        'options.destroy' => self::DESIGNERS,
        'shares.index' => self::DESIGNERS,
        'shares.before' => self::DESIGNERS,
        'shares.store' => self::DESIGNERS,
        'shares.destroy' => self::DESIGNERS,
        'trash.project' => self::DESIGNERS,
        'trash.option' => self::DESIGNERS,
        'trash.purge-project' => self::OWNERS,
        'trash.purge-option' => self::OWNERS,
    ];

    public function test_every_route_stands_in_the_table(): void
    {
        self::assertSame([], array_diff(array_keys($this->routes()), array_keys(self::TABLE)), 'routes that nobody decided about');
        self::assertSame([], array_diff(array_keys(self::TABLE), array_keys($this->routes())), 'rows without a route');
    }

    /** @return iterable<string, array{string}> */
    public static function people(): iterable
    {
        foreach (self::ANYBODY as $person) {
            yield $person => [$person];
        }
    }

    #[DataProvider('people')]
    public function test_no_route_answers_whom_it_should_not(string $person): void
    {
        $project = null;
        foreach ($this->routes() as $name => $route) {
            $project ??= $this->built();
            $before = $this->everything();
            $this->as($person);
            $method = $route->methods()[0];
            $answer = $this->call($method, $this->address($route, $project), ['_token' => csrf_token()]);
            $words = "{$person} at {$method} {$route->uri()}: {$answer->getStatusCode()} {$answer->headers->get('Location')}";
            $toSignIn = $answer->isRedirect(route('sign-in.create'));
            if ($method !== 'GET' && in_array($person, self::TABLE[$name], true) || str_starts_with($name, 'trash.')) {
                // It is another now, or lies in the trash; reading and what is refused leave it as it is.
                $project = null;
            }
            if (in_array($person, self::TABLE[$name], true)) {
                self::assertNotContains($answer->getStatusCode(), [401, 403, 404, 405, 500], $words);
                self::assertTrue(! $toSignIn || in_array($name, ['sign-in.destroy'], true), $words);

                continue;
            }
            $home = $answer->isRedirect(route('projects.index')) && self::TABLE[$name] === self::GUESTS;
            self::assertTrue(
                $toSignIn || $home || in_array(
                    $answer->getStatusCode(),
                    [403, 404],
                    true,
                ) || (str_starts_with($name, 'first.') && $answer->isRedirect()),
                $words,
            );
            self::assertSame($before, $this->everything(), $words);
            self::assertStringNotContainsString('Dyke Lane', (string) $answer->getContent(), $words);
        }
    }

    public function test_fragments_are_guarded_as_pages_are(): void
    {
        $project = $this->boathouse();
        foreach (['nobody', 'stranger', 'reader', 'crew'] as $person) {
            $this->as($person);
            $answer = $this->withHeader('X-Bench', '1')->put(
                "/projects/{$project->id}/section/{$project->leading()->id}",
                ['design' => ['slab' => ['thickness_m' => '6']]],
            );
            self::assertContains($answer->getStatusCode(), [302, 403, 404], $person);
            self::assertStringNotContainsString('bench-log', (string) $answer->getContent(), $person);
        }
    }

    private function as(string $person): static
    {
        return $this->become(match ($person) {
            'nobody' => null,
            'stranger' => $this->member(Role::Owner, Firm::query()->create(['name' => 'Another firm'])),
            'lead' => $this->lead(),
            default => $this->member(Role::from($person)),
        });
    }

    private function lead(): User
    {
        $lead = $this->member(Role::Crew);
        $lead->lead = true;
        $lead->save();

        return $lead;
    }

    /** What a refused request must leave as it is. */
    private function everything(): string
    {
        return json_encode([
            Project::withTrashed()->count(),
            Option::withTrashed()->orderBy('id')->toBase()->get(['name', 'pinned', 'position', 'design'])->all(),
            Share::query()->whereNotNull('revoked_at')->count(),
            User::query()->where('role', Role::Owner)->where('firm_id', $this->firm->id)->where('name', 'not like', 'Member%')->count(),
            $this->firm->refresh()->name,
            ...array_map(
                static fn (string $table): string => json_encode(DB::table($table)->orderBy('id')->get()->all(), JSON_THROW_ON_ERROR),
                ['plans', 'layouts', 'releases', 'entries', 'order_events'],
            ),
            DB::table('orders')->where('by', '!=', 'The test')->count(), DB::table('packs')->where('by', '!=', 'The test')->count(),
        ], JSON_THROW_ON_ERROR);
    }
}
