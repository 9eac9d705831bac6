<?php

declare(strict_types=1);

namespace Tests;

use App\Jobs\WorkOut;
use App\Later\Content;
use App\Later\Kind;
use App\Later\Later;
use App\Models\Firm;
use App\Models\Option;
use App\Models\Project;
use App\Models\Role;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Auth;
use Ondergrond\Examples\Examples;

/** Tests that need the application and an empty database; a designer is signed in. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    protected const PASSWORD = 'ten characters';

    /** Mocking it would ask for a mocking library that nothing else here needs. */
    public $mockConsoleOutput = false;

    protected Firm $firm;

    protected User $designer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->firm = Firm::query()->create(['name' => 'Firm under test']);
        $this->designer = $this->member(Role::Designer);
        $this->actingAs($this->designer);
    }

    protected function member(Role $role, ?Firm $firm = null): User
    {
        static $count = 0;
        $count++;

        return ($firm ?? $this->firm)->members()->create([
            'name' => "Member {$count}", 'email' => "member{$count}@firm.example", 'password' => self::PASSWORD, 'role' => $role,
        ])->refresh();
    }

    /** Somebody else, in a sitting of their own. */
    protected function become(?User $user): static
    {
        Auth::forgetGuards();
        $this->flushSession();

        return $user === null ? $this : $this->actingAs($user);
    }

    /** What the queue does with it. */
    protected function workOut(Kind $kind, Option $option, ?string $content = null): void
    {
        $content ??= Content::of($kind, $option->loadMissing('project')->project, $option);
        (new WorkOut($kind, $option->id, $content))->handle(app(Later::class));
    }

    protected function boathouse(?Firm $firm = null): Project
    {
        return Project::store(Examples::boathouse(), $firm ?? $this->firm, 'The test');
    }
}
