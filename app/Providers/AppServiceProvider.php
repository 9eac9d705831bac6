<?php

declare(strict_types=1);

namespace App\Providers;

use App\Support\CurrentUnits;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(CurrentUnits::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Date::use(CarbonImmutable::class);
    }
}
