<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Site;

require __DIR__.'/../../vendor/autoload.php';

// The pictures by name: path, size, and what is done before the picture is taken.
$site = Site::running();
$browser = $site->browser;
$type = static function (string $css, string $words) use ($browser): void {
    $browser->findElement(WebDriverBy::cssSelector($css))->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.$words.WebDriverKeys::TAB);
    usleep(900_000);
};
$views = [
    'projects' => ['/', 1280, 800, null],
    'start' => ['/projects/create', 1280, 800, null],
    'site' => ['/projects/1/site', 1280, 1000, null],
    'bench' => ['/projects/1/section', 1280, 800, null],
    'bench-metric' => ['/projects/3/section', 1280, 800, null],
    'bench-refused' => ['/projects/2/section', 1280, 800, static fn () => $type('#design-field_board-thickness_m', '40 m')],
    'bench-phone' => ['/projects/1/section', 390, 844, null],
    'materials' => ['/materials', 1280, 800, null],
];
$wanted = array_slice($argv, 1);
foreach ($views as $name => [$path, $width, $height, $before]) {
    if ($wanted !== [] && ! in_array($name, $wanted, true)) {
        continue;
    }
    $site->size($width, $height);
    $browser->get($site->address.$path);
    $browser->executeAsyncScript('const done = arguments[arguments.length - 1]; document.fonts.ready.then(() => done());');
    if ($before !== null) {
        $before();
    }
    $file = dirname(__DIR__, 2)."/docs/screenshots/{$name}.png";
    $browser->takeScreenshot($file);
    echo $file, "\n";
}
