<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Site;

require __DIR__.'/../../vendor/autoload.php';

// The pictures by name: who looks, path, size, and what is done before the picture is taken.
// Those that change something come last.
$site = Site::running();
$browser = $site->browser;
$find = static fn (string $css) => $browser->findElement(WebDriverBy::cssSelector($css));
$type = static function (string $css, string $words, string $then = WebDriverKeys::TAB) use ($find): void {
    $find($css)->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.$words.$then);
    usleep(900_000);
};
$overlay = static function (string $kind, int $day = 31) use ($browser): void {
    $browser->executeScript('document.querySelector(`.overlay-kinds [value="${arguments[0]}"]`).click();
        if (["levels", "water"].includes(arguments[0])) return;
        const year = document.querySelector(".overlay-year input");
        year.value = arguments[1];
        year.dispatchEvent(new Event("input", { bubbles: true }));', [$kind, $day]);
};
$here = null;
$views = [
    'projects' => ['Joost', '/', 1280, 800, null],
    'start' => ['Joost', '/projects/create', 1280, 800, null],
    'site' => ['Joost', '/projects/1/site', 1280, 1000, null],
    'bench' => ['Joost', '/projects/1/section', 1280, 800, null],
    'bench-basement' => ['Joost', '/projects/4/section', 1280, 800, null],
    'bench-temperature' => ['Joost', '/projects/11/section?side=neighbour', 1280, 800, static fn () => $overlay('temperature')],
    'bench-phone' => ['Wen', '/projects/1/section', 390, 844, null],
    'square' => ['Joost', '/projects/4/plan/square', 1280, 800, static function () use ($browser): void {
        // A corner 15 and 10 mm out of place, as its tapes read it.
        $browser->executeScript('
            const drawn = Object.fromEntries([...document.querySelectorAll("[name^=tape]")].map((field) => [
                field.name.slice(5, -1), Number.parseFloat(
                    document.querySelector(`label[for="${field.id}"]`).textContent.split("drawn ")[1],
                ),
            ]));
            const read = { ...drawn, "B-C": Math.hypot(drawn["B-C"] + 0.01, 0.015), "C-D": Math.hypot(drawn["C-D"] + 0.015, 0.01),
                "A-C": Math.hypot(drawn["A-B"] + 0.015, drawn["B-C"] + 0.01) };
            for (const [tape, metres] of Object.entries(read)) {
                document.getElementById(`tape-${tape}`).value = metres.toFixed(3);
            }
            document.getElementById("hold").value = "A-B";
            document.querySelector("#tape-form .go").click();
        ');
        sleep(3);
    }],
    'compare' => ['Joost', '/projects/4/compare', 1280, 1000, static fn () => sleep(6)],
    'pays' => ['Joost', '/projects/4/section/9/studies', 1280, 800, static function () use ($find): void {
        $find('form[action$="/gain"] .go')->click();
        sleep(8);
    }],
    'plan' => ['Joost', '/projects/4/plan', 1280, 800, null],
    'order' => ['Joost', '/projects/4/order', 1280, 800, null],
    'sequence' => ['Joost', '/projects/4/sequence', 1280, 800, null],
    'log' => ['Wen', '/projects/4/log', 390, 844, null],
    'built' => ['Joost', '/projects/4/built', 1280, 800, static function () use ($site): void {
        $site->withWorker('packs', static fn () => sleep(12));
        $site->browser->navigate()->refresh();
    }],
    'walls' => ['Joost', '/projects/4/plan/walls', 1280, 800, null],
    'vapour' => ['Joost', '/projects/5/section/15', 1280, 800, static function () use ($overlay, $browser): void {
        sleep(3);
        $overlay('vapour');
        $browser->executeScript(
            'const pick = document.getElementById("overlay-stack"); pick.value = 3; pick.dispatchEvent(new Event("change", { bubbles: '
                .'true }));',
        );
    }],
    'mass' => ['Joost', '/projects/6/section/16/mass?beside=17', 1280, 1100, static function () use ($browser, $find): void {
        for ($i = 0; $i < 60 && $browser->executeScript('return document.querySelector("#mass-live [data-pending]") !== '
            .'null') === true; $i++) {
            sleep(1);
        }
        sleep(2);
        $find('[data-question=clear-winter-day] button')->click();
        sleep(2);
        $browser->executeScript(
            'const hour = document.getElementById("mass-hour"); hour.value = 18; hour.dispatchEvent(new Event("input", { bubbles: '
                .'true })); scrollTo(0, 0)',
        );
    }],
    'damp' => ['Joost', '/projects/5/section/15/damp', 1280, 1000, null],
];
$wanted = array_slice($argv, 1);
foreach ($views as $name => [$who, $path, $width, $height, $before]) {
    if ($wanted !== [] && ! in_array($name, $wanted, true)) {
        continue;
    }
    $site->size($width, $height);
    if ($who !== $here) {
        $browser->manage()->deleteAllCookies();
        $browser->get($site->address.'/sign-in');
        $browser->findElement(WebDriverBy::xpath("//button[contains(., '{$who}')]"))->click();
        usleep(800_000);
        $here = $who;
    }
    $browser->get($site->address.$path);
    // What an earlier picture laid over the section.
    $browser->executeScript('if (sessionStorage.length) { sessionStorage.clear(); location.reload(); }');
    if ($before !== null) {
        $before();
    }
    // The field of a heavy design follows its drawing.
    for ($i = 0; $i < 50 && $browser->findElements(WebDriverBy::cssSelector('[data-pending], [data-rough]')) !== []; $i++) {
        usleep(200_000);
    }
    $browser->executeAsyncScript('const done = arguments[arguments.length - 1]; document.fonts.ready.then(() => done());');
    $file = dirname(__DIR__, 2)."/docs/screenshots/{$name}.png";
    $browser->takeScreenshot($file);
    echo $file, "\n";
}
