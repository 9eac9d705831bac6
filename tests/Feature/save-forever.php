<?php

declare(strict_types=1);

// Saves the first option's design, thinner and thicker in turn, and puts a dot into the file named for each save.

use App\Console\Bootstrap;
use App\History\History;
use App\Models\Option;
use App\Models\User;
use Illuminate\Support\Facades\Auth;

require __DIR__.'/../../vendor/autoload.php';
Bootstrap::with([]);
Auth::setUser(User::query()->firstOrFail());
$history = app(History::class);
$option = Option::query()->orderBy('id')->firstOrFail();
for ($i = 0; ; $i++) {
    $history->change($option, History::head($option)->id, static function (array $state) use ($i): array {
        $state['design']['stone']['thickness_m'] = 0.1 + 0.01 * ($i % 2 === 0 ? 1 : 2) + 0.001 * random_int(0, 9);

        return $state;
    });
    file_put_contents($argv[1], '.', FILE_APPEND);
}
