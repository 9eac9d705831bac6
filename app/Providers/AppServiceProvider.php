<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\Connection;
use App\Http\Sittings;
use App\Later\JobQueueConnector;
use App\Models\User;
use App\View\Have;
use Carbon\CarbonImmutable;
use Illuminate\Database\Connection as FrameworkConnection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        FrameworkConnection::resolverFor('sqlite', static fn (mixed ...$of): Connection => new Connection(...$of));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        $this->app->bind(Have::class, fn (): Have => Have::of($this->app->make('request')));
        Queue::extend('database', fn (): JobQueueConnector => $this->app->make(JobQueueConnector::class));
        Session::extend('database', fn (): Sittings => new Sittings(
            $this->app->make('db')->connection(config('session.connection')), config('session.table'), config('session.lifetime'),
            $this->app,
        ));
        $now = config('ondergrond.now');
        if (is_string($now) && $now !== '') {
            CarbonImmutable::setTestNow(CarbonImmutable::parse($now, 'UTC'));
        }
        Date::use(CarbonImmutable::class);
        // Decides who is in the firm, and as what; members are only ever found in one's own.
        Gate::define('manage-firm', static fn (User $user): bool => $user->role->owns());
    }
}
